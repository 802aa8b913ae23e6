/** Photographs as they are kept: of samples, and the shop's own of its machines. */
import { MachinePhoto } from '#shared/api/samples'
import { MachinePhotoRow, SamplePhotoRow } from '../../database/entities/index'
import { NotFound } from '../../http/problems'
import type { Services } from '../../services'
import type { Photo } from './photo'

/** The samples that have one. */
export const photographed = async ({ database }: Services): Promise<Set<string>> => {
  const rows = await database.manager.find(SamplePhotoRow, { select: { sample: true } })
  return new Set(rows.map(({ sample }) => sample))
}

export const samplePhoto = ({ database }: Services, sample: string): Promise<SamplePhotoRow | null> =>
  database.manager.findOneBy(SamplePhotoRow, { sample })

export const keepSamplePhoto = ({ writes, now }: Services, sample: string, photo: Photo): Promise<unknown> =>
  writes.run('samplePhotos', (manager) => manager.upsert(SamplePhotoRow, { sample, at: now(), ...photo }, ['sample']))

/** A machine from one side. */
interface Side {
  model: string
  view: string
}

/** Without the photographs themselves; of one machine, or of all. */
export const machinePhotos = async ({ database }: Services, model?: string): Promise<MachinePhoto[]> => {
  const rows = await database.manager.find(MachinePhotoRow, {
    select: { model: true, view: true, at: true },
    where: model === undefined ? {} : { model },
  })
  return rows.map((row) => MachinePhoto.parse({ model: row.model, view: row.view, at: row.at.toISOString() }))
}

/** The photograph itself; throws `NotFound` where there is none. */
export const machinePhoto = async ({ database }: Services, side: Side): Promise<Buffer> => {
  const row = await database.manager.findOneBy(MachinePhotoRow, side)
  if (!row) throw new NotFound('There is no photograph of it from there.')
  return row.large
}

export const keepMachinePhoto = (
  { writes, now }: Services,
  side: Side,
  { small: _, ...photo }: Photo,
): Promise<unknown> =>
  writes.run('machinePhotos', (manager) =>
    manager.upsert(MachinePhotoRow, { ...side, at: now(), ...photo }, ['model', 'view']),
  )

/** Whether there was one. */
export const dropMachinePhoto = ({ writes }: Services, side: Side): Promise<boolean> =>
  writes.run('machinePhotos', async (manager) => Boolean((await manager.delete(MachinePhotoRow, side)).affected))
