/** The demo shop's catalogue. All made up. */
import type { Bundle } from '#core/catalogue/types'
import { fits, items } from './items'
import { fabrics, functions, makes, threads } from './makes'
import { dunmarrowModels } from './models/dunmarrow'
import { larkfenModels } from './models/larkfen'
import { ostrelModels } from './models/ostrel'
import { tidewickModels } from './models/tidewick'
import { samples } from './samples'
import { overcast, rolledEdge } from './techniques/edges'
import { buttonSew, buttonhole } from './techniques/fastenings'
import { blindHem, coverHem } from './techniques/hems'
import { centreGuide, walkingFootQuilting } from './techniques/joining'

export const demoBundle = (): Bundle => ({
  format: 'handhold-catalogue',
  version: 1,
  makes,
  functions,
  threads,
  models: [...larkfenModels, ...ostrelModels, ...dunmarrowModels, ...tidewickModels],
  items,
  fits,
  fabrics,
  techniques: [blindHem, buttonhole, rolledEdge, overcast, buttonSew, walkingFootQuilting, centreGuide, coverHem],
  samples,
})
