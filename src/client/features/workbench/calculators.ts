/** The calculators, in the order of the list; adding one is a line here and a file. */
import { binding } from './calculators/binding'
import { blindHem } from './calculators/blindHem'
import { buttonhole } from './calculators/buttonhole'
import { buttonSew } from './calculators/buttonSew'
import { motifs, stages } from './calculators/circles'
import { density, differential } from './calculators/density'
import { hems, mitre, ribbing } from './calculators/hems'
import { motif } from './calculators/motif'
import { needleGuide } from './calculators/needleGuide'
import { quarterInch } from './calculators/quarterInch'
import { loopers, thread } from './calculators/thread'
import type { Calculator } from './calculator'

export const calculators: readonly Calculator[] = [
  buttonhole,
  buttonSew,
  blindHem,
  hems,
  ribbing,
  mitre,
  binding,
  needleGuide,
  quarterInch,
  density,
  differential,
  motifs,
  stages,
  motif,
  thread,
  loopers,
]
