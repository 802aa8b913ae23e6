/** The coverage at the catalogue as it is now, found in pieces so that others have their turn. */
import type { CellRow } from '#core/coverage/cells'
import { NotFound } from '../../http/problems'
import type { Services } from '../../services'
import type { Snapshot } from '../catalogue/snapshot'

/** The coverage as the catalogue is now; throws `NotFound` for a fabric that is not in it. */
export const coverageIn = async ({ catalogue, coverage }: Services, fabric: string) => {
  const snapshot = await catalogue.snapshot()
  if (!snapshot.index.fabrics.has(fabric)) throw new NotFound(`There is no fabric “${fabric}”.`)
  return { snapshot, coverage: coverage.at(snapshot) }
}

/** Every technique on all models, both in the order of the catalogue; other requests are answered in between. */
export const coveredRows = async (
  services: Services,
  fabric: string,
  { cellsAtOnce, between }: Pace = AT_ONCE,
): Promise<{ snapshot: Snapshot; rows: CellRow[] }> => {
  const { snapshot, coverage } = await coverageIn(services, fabric)
  let rows: CellRow[] = []
  for (rows of coverage.deciding(fabric, cellsAtOnce)) {
    await between()
    // Somebody wrote meanwhile: the rows would be of two catalogues.
    if (!services.coverage.isOf(snapshot)) return coveredRows(services, fabric, { cellsAtOnce, between })
  }
  return { snapshot, rows }
}

/** How many cells are decided before others have their turn, and how they are given it. */
export interface Pace {
  cellsAtOnce: number
  between: () => Promise<unknown>
}

/** Of what somebody waits for. */
const AT_ONCE: Pace = {
  cellsAtOnce: 1200,
  between: () => new Promise<void>((resolve) => setImmediate(resolve)),
}
