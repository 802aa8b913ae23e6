/** The shop's own photographs of its machines, behind the marks of their controls. They are in no catalogue file. */
import { z } from 'zod'
import { MachinePhoto, MachinePhotoParams, MachinePhotoQuery, PhotoKept } from '#shared/api/samples'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, FILE, STAFF, route } from '../../http/route'
import { MOST_MEGABYTES, photoOf } from './photo'
import { dropMachinePhoto, keepMachinePhoto, machinePhoto, machinePhotos } from './photos'

export const machinePhotoRoutes = [
  route({
    method: 'get',
    path: '/api/machine-photos',
    summary: 'Which machines have a photograph of the shop’s, from which side',
    tag: 'Catalogue',
    for: ANY_ROLE,
    result: z.array(MachinePhoto),
    handle: ({ services }) => machinePhotos(services),
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
    handle: async ({ params: { id: model, view }, upload, services, snapshot }) => {
      if (!snapshot.index.models.has(model)) throw new NotFound(`There is no model “${model}”.`)
      const photo = await photoOf(upload)
      await keepMachinePhoto(services, { model, view }, photo)
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
    handle: ({ params: { id: model, view }, services }) => machinePhoto(services, { model, view }),
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
      if (!(await dropMachinePhoto(services, { model, view })))
        throw new NotFound('There is no such photograph any more.')
      return { gone: true as const }
    },
  }),
]
