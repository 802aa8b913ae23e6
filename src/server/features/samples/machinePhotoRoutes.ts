/** The shop's own photographs of its machines, behind the marks of their controls. They are in no catalogue file. */
import { z } from 'zod'
import { MachinePhoto, MachinePhotoParams, MachinePhotoQuery, PhotoKept } from '#shared/api/samples'
import { MachinePhotoRow } from '../../database/entities/index'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, FILE, STAFF, route } from '../../http/route'
import { MOST_MEGABYTES, photoOf } from './photo'

export const machinePhotoRoutes = [
  route({
    method: 'get',
    path: '/api/machine-photos',
    summary: 'Which machines have a photograph of the shop’s, from which side',
    tag: 'Catalogue',
    for: ANY_ROLE,
    result: z.array(MachinePhoto),
    handle: async ({ services }) => {
      const rows = await services.database.manager.find(MachinePhotoRow, {
        select: { model: true, view: true, at: true },
      })
      return rows.map(({ model, view, at }) => MachinePhoto.parse({ model, view, at: at.toISOString() }))
    },
  }),
  route({
    method: 'put',
    path: '/api/models/{id}/photos/{view}',
    summary: 'The shop’s photograph of a machine from one side; it is turned upright and shrunk before it is kept',
    tag: 'Catalogue',
    for: STAFF,
    params: MachinePhotoParams,
    takes: 'image/*',
    result: PhotoKept,
    refuses: [404],
    megabytes: MOST_MEGABYTES,
    handle: async ({ params: { id, view }, upload, services, snapshot }) => {
      if (!snapshot.index.models.has(id)) throw new NotFound(`There is no model “${id}”.`)
      const { small: _, ...photo } = await photoOf(upload)
      const row = { model: id, view, at: services.now(), ...photo }
      await services.writes.run('machinePhotos', (manager) => manager.upsert(MachinePhotoRow, row, ['model', 'view']))
      return { width: photo.width, height: photo.height, bytes: photo.large.length }
    },
  }),
  route({
    method: 'get',
    path: '/api/models/{id}/photos/{view}',
    summary: 'The shop’s photograph of a machine from one side',
    tag: 'Catalogue',
    for: ANY_ROLE,
    params: MachinePhotoParams,
    query: MachinePhotoQuery,
    result: FILE,
    type: 'image/jpeg',
    refuses: [404],
    handle: async ({ params: { id: model, view }, services }) => {
      const row = await services.database.manager.findOneBy(MachinePhotoRow, { model, view })
      if (!row) throw new NotFound(`There is no photograph of “${model}” from there.`)
      return row.large
    },
  }),
  route({
    method: 'delete',
    path: '/api/models/{id}/photos/{view}',
    summary: 'Take a photograph of a machine away; its outline is shown again',
    tag: 'Catalogue',
    for: STAFF,
    params: MachinePhotoParams,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404],
    handle: async ({ params: { id: model, view }, services }) => {
      await services.writes.run('machinePhotos', async (manager) => {
        const { affected } = await manager.delete(MachinePhotoRow, { model, view })
        if (!affected) throw new NotFound('There is no such photograph any more.')
      })
      return { gone: true as const }
    },
  }),
]
