/** Labels, and the simulated label printer that ships with Handhold: it keeps what it was given. */
import { z } from 'zod'
import { PrintedLabel, PrintedParams, PrintJob, SampleParams } from '#shared/api/samples'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, FILE, STAFF, route } from '../../http/route'
import type { Services } from '../../services'
import { actorOf } from '../catalogue/actor'
import { labelPdf } from './label'
import { printedLabel, printedLabels, printLabel } from './printer'
import { sampleIn } from './routes'

const label = async (services: Services, id: string): Promise<Buffer> => {
  const { snapshot, sample } = await sampleIn(services, id)
  const origin = await services.links.origin()
  return labelPdf(services.workers, snapshot.index, sample, `${origin}/log/${encodeURIComponent(id)}`)
}

export const labelRoutes = [
  route({
    method: 'get',
    path: '/api/samples/{id}/label.pdf',
    summary: 'The label of a sample, with a code that opens it',
    tag: 'Samples',
    for: ANY_ROLE,
    params: SampleParams,
    result: FILE,
    type: 'application/pdf',
    refuses: [404],
    handle: async ({ params, services }) => await label(services, params.id),
  }),
  route({
    method: 'post',
    path: '/api/label-printer/jobs',
    summary: 'Print the label of a sample on the simulated label printer',
    tag: 'Samples',
    for: STAFF,
    body: PrintJob,
    result: PrintedLabel,
    status: 201,
    refuses: [404],
    handle: async (context) => {
      const { body, services } = context
      const { name, at } = actorOf(context)
      const pdf = await label(services, body.sample)
      const id = await printLabel(services, { sample: body.sample, at, by: name, pdf })
      return { id, sample: body.sample, at: at.toISOString(), by: name }
    },
  }),
  route({
    method: 'get',
    path: '/api/label-printer/jobs',
    summary: 'What the label printer was given, latest first',
    tag: 'Samples',
    for: ANY_ROLE,
    result: z.array(PrintedLabel),
    handle: async ({ services }) =>
      (await printedLabels(services)).map(({ id, sample, at, by }) => ({ id, sample, at: at.toISOString(), by })),
  }),
  route({
    method: 'get',
    path: '/api/label-printer/jobs/{id}',
    summary: 'One printed label as it came out',
    tag: 'Samples',
    for: ANY_ROLE,
    params: PrintedParams,
    result: FILE,
    type: 'application/pdf',
    refuses: [404],
    handle: async ({ params, services }) => {
      const row = await printedLabel(services, params.id)
      if (!row) throw new NotFound(`The printer has no label ${params.id}.`)
      return row.pdf
    },
  }),
]
