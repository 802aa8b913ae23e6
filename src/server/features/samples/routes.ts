import { z } from 'zod'
import { isStale } from '#core/answer/houseSetting'
import type { CatalogueIndex } from '#core/catalogue/index'
import type { Sample } from '#core/catalogue/types'
import { evidenceOf } from '#core/samples/evidence'
import {
  EvidenceQuery,
  EvidenceView,
  PhotoKept,
  PhotoQuery,
  Pin,
  SampleListed,
  SampleLogged,
  SampleParams,
  SampleWrite,
} from '#shared/api/samples'
import { Invalid, NotFound } from '../../http/problems'
import { ANY_ROLE, FILE, LEAD, STAFF, route, sends } from '../../http/route'
import type { Services } from '../../services'
import { actorOf } from '../catalogue/actor'
import type { Snapshot } from '../catalogue/snapshot'
import type { RowWrite } from '../catalogue/store'
import { MOST_MEGABYTES, photoOf } from './photo'
import { keepSamplePhoto, photographed, samplePhoto } from './photos'

export const sampleRoutes = [
  route({
    method: 'get',
    path: '/api/samples',
    summary: 'All samples, latest first',
    tag: 'Samples',
    for: ANY_ROLE,
    result: z.array(SampleListed),
    handle: async ({ services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      const photos = await photographed(services)
      const samples = snapshot.bundle.samples.map((sample) => listed(snapshot.index, sample, photos.has(sample.id)))
      return samples.sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : a.id < b.id ? 1 : -1))
    },
  }),
  route({
    method: 'post',
    path: '/api/samples',
    summary: 'Log a sample that was sewn',
    tag: 'Samples',
    for: STAFF,
    body: SampleWrite,
    result: SampleLogged,
    status: 201,
    refuses: [409],
    handle: async (context) => {
      const { body, services, revision } = context
      const actor = actorOf(context)
      const on = actor.at.toISOString()
      let id = ''
      const { snapshot } = await services.catalogue.write(actor, ({ rows }) => {
        id = freeSampleId(on, rows.samples)
        return [{ key: { resource: 'samples', id }, value: { ...body, id, on, by: actor.name }, expects: null }]
      })
      revision(snapshot.revision)
      return { id, version: snapshot.rows.samples.get(id)?.version ?? 1 }
    },
  }),
  route({
    method: 'post',
    path: '/api/samples/{id}/pin',
    summary: 'Make one sample the house setting, in place of another of its cell; or no more',
    tag: 'Samples',
    for: LEAD,
    params: SampleParams,
    body: Pin,
    result: SampleLogged,
    refuses: [404, 409],
    handle: async (context) => {
      const { params, body, services, revision } = context
      const { snapshot } = await services.catalogue.write(actorOf(context), (before) =>
        pinning(before, params.id, body.pinned),
      )
      revision(snapshot.revision)
      return { id: params.id, version: snapshot.rows.samples.get(params.id)?.version ?? 1 }
    },
  }),
  route({
    method: 'get',
    path: '/api/evidence',
    summary: 'All that was sewn for one cell: the tries, the house setting, how far they agree',
    tag: 'Samples',
    for: ANY_ROLE,
    query: EvidenceQuery,
    result: sends<EvidenceView>(EvidenceView),
    handle: async ({ query, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      const { tolerance } = await services.settings.read()
      const evidence = evidenceOf(snapshot.index, cellOf(snapshot.index, query), tolerance)
      const photos = await photographed(services)
      return {
        ...evidence,
        photos: evidence.tries.map(({ sample }) => sample.id).filter((id) => photos.has(id)),
        names: namesIn(
          snapshot.index,
          evidence.tries.map(({ sample }) => sample),
        ),
        tolerance,
      }
    },
  }),
  route({
    method: 'put',
    path: '/api/samples/{id}/photo',
    summary: 'The photo of a sample; it is turned upright and shrunk before it is kept',
    tag: 'Samples',
    for: STAFF,
    params: SampleParams,
    takes: 'image/*',
    result: PhotoKept,
    refuses: [404],
    megabytes: MOST_MEGABYTES,
    handle: async ({ params, upload, services }) => {
      await sampleIn(services, params.id)
      const photo = await photoOf(upload)
      await keepSamplePhoto(services, params.id, photo)
      return { width: photo.width, height: photo.height, bytes: photo.large.length }
    },
  }),
  route({
    method: 'get',
    path: '/api/samples/{id}/photo',
    summary: 'The photo of a sample, small or as large as it is kept',
    tag: 'Samples',
    for: ANY_ROLE,
    params: SampleParams,
    query: PhotoQuery,
    result: FILE,
    type: 'image/jpeg',
    refuses: [404],
    handle: async ({ params, query, services }) => {
      const row = await samplePhoto(services, params.id)
      if (!row) throw new NotFound(`Sample “${params.id}” has no photo.`)
      return row[query.size ?? 'large']
    },
  }),
]

/** Throws `NotFound`. */
export const sampleIn = async (services: Services, id: string): Promise<{ snapshot: Snapshot; sample: Sample }> => {
  const snapshot = await services.catalogue.snapshot()
  const sample = snapshot.rows.samples.get(id)?.value as Sample | undefined
  if (!sample) throw new NotFound(`There is no sample “${id}”.`)
  return { snapshot, sample }
}

/** `smp-20260914-2`: the day and a number. */
const freeSampleId = (on: string, taken: ReadonlyMap<string, unknown>): string => {
  const day = on.slice(0, 'yyyy-mm-dd'.length).replaceAll('-', '')
  let n = 1
  while (taken.has(`smp-${day}-${n}`)) n++
  return `smp-${day}-${n}`
}

const CELL = ['model', 'technique', 'method', 'stage', 'fabric', 'stitch'] as const

const pinning = ({ rows }: Snapshot, id: string, pinned: boolean): RowWrite[] => {
  const stored = rows.samples.get(id)
  const sample = stored?.value as Sample | undefined
  if (!stored || !sample) throw new NotFound(`There is no sample “${id}”.`)
  if (pinned && sample.verdict !== 'good') {
    throw new Invalid('Only a good sample can be the house setting.', [
      { path: ['verdict'], message: `it is ${sample.verdict}` },
    ])
  }
  const others = [...rows.samples.values()].filter(({ key, value }) => {
    const other = value as Sample
    return key.id !== id && other.pinned && CELL.every((part) => other[part] === sample[part])
  })
  const without = ({ pinned: _, ...rest }: Sample) => rest
  return [
    { key: stored.key, value: pinned ? { ...sample, pinned: true } : without(sample), expects: stored.version },
    ...(pinned
      ? others.map(({ key, value, version }) => ({ key, value: without(value as Sample), expects: version }))
      : []),
  ]
}

/** Throws `Invalid` naming what the catalogue has not. */
const cellOf = (index: CatalogueIndex, query: z.output<typeof EvidenceQuery>) => {
  const model = index.models.get(query.model)
  const fabric = index.fabrics.get(query.fabric)
  const method = index.techniques.get(query.technique)?.methods.find(({ id }) => id === query.method)
  const stage = method?.stages.find(({ id }) => id === query.stage)
  const stitch = model?.stitches.find(({ id }) => id === query.stitch)
  const missing = Object.entries({ model, fabric, method, stage, stitch }).flatMap(([key, found]) =>
    found ? [] : [{ path: [key], message: `no such ${key} in the catalogue` }],
  )
  if (!model || !fabric || !stage || !stitch) throw new Invalid('The question names something unknown.', missing)
  return { model, fabric, stage, stitch, technique: query.technique, method: query.method, foot: query.foot }
}

const namesIn = (index: CatalogueIndex, samples: readonly Sample[]): Record<string, string> =>
  Object.fromEntries(
    samples.flatMap(({ model, stitch, foot, threads = [] }) => [
      [stitch, index.models.get(model)?.stitches.find(({ id }) => id === stitch)?.select ?? stitch] as const,
      ...(foot === undefined ? [] : [[foot, index.items.get(foot)?.code ?? foot] as const]),
      ...threads.map((id) => [id, index.threads.get(id)?.name ?? id] as const),
    ]),
  )

const listed = (index: CatalogueIndex, sample: Sample, photo: boolean): SampleListed => {
  const model = index.models.get(sample.model)
  const technique = index.techniques.get(sample.technique)
  const stage = technique?.methods.find(({ id }) => id === sample.method)?.stages.find(({ id }) => id === sample.stage)
  const make = model && index.makes.get(model.make)?.name
  return {
    id: sample.id,
    on: sample.on,
    by: sample.by,
    verdict: sample.verdict,
    pinned: sample.pinned ?? false,
    stale: model ? isStale(sample, model) : false,
    photo,
    model: { id: sample.model, name: [make, model?.name ?? sample.model].filter(Boolean).join(' ') },
    technique: { id: sample.technique, name: technique?.name ?? sample.technique },
    method: sample.method,
    stage: { id: sample.stage, name: stage?.name ?? sample.stage },
    fabric: { id: sample.fabric, name: index.fabrics.get(sample.fabric)?.name ?? sample.fabric },
    select: model?.stitches.find(({ id }) => id === sample.stitch)?.select ?? sample.stitch,
    ...(sample.foot === undefined ? {} : { foot: index.items.get(sample.foot)?.code ?? sample.foot }),
    used: sample.used,
    ...(sample.fault === undefined
      ? {}
      : { fault: stage?.faults.find(({ id }) => id === sample.fault)?.name ?? sample.fault }),
    ...(sample.note === undefined ? {} : { note: sample.note }),
  }
}
