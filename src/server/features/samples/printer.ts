/** The simulated label printer: what it was given, as it came out. */
import { PrintedLabelRow } from '../../database/entities/index'
import type { Services } from '../../services'

const MOST_SHOWN = 200

/** Its number. */
export const printLabel = ({ writes }: Services, label: Omit<PrintedLabelRow, 'id'>): Promise<number> =>
  writes.run('labels', async (manager) => {
    const { identifiers } = await manager.insert(PrintedLabelRow, label)
    return identifiers[0]?.['id'] as number
  })

/** Latest first, without the labels themselves. */
export const printedLabels = ({ database }: Services): Promise<PrintedLabelRow[]> =>
  database.manager.find(PrintedLabelRow, {
    select: { id: true, sample: true, at: true, by: true },
    order: { id: 'DESC' },
    take: MOST_SHOWN,
  })

export const printedLabel = ({ database }: Services, id: number): Promise<PrintedLabelRow | null> =>
  database.manager.findOneBy(PrintedLabelRow, { id })
