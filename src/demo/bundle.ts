/** The demo shop's catalogue. All made up. */
import type { Bundle } from '#core/catalogue/types'
import { fits, items } from './items'
import { fabrics, functions, makes, threads } from './makes'
import { withControls } from './models/controls'
import { dunmarrowModels } from './models/dunmarrow'
import { larkfenModels } from './models/larkfen'
import { moreModels } from './models/more'
import { ostrelModels } from './models/ostrel'
import { tidewickModels } from './models/tidewick'
import { moreSamples } from './moreSamples'
import { samples } from './samples'
import { buttonhole } from './techniques/buttonholes'
import { bobbinWork, circles } from './techniques/circlesAndCords'
import { applique, borders } from './techniques/decorating'
import { overcast, rolledEdge } from './techniques/edges'
import { barTacks, buttonSew, rings } from './techniques/fastenings'
import { narrowHem, topstitchedHem } from './techniques/foldedHems'
import { blindHem, coverHem } from './techniques/hems'
import { centreGuide, walkingFootQuilting } from './techniques/joining'
import { withMaterials } from './techniques/materials'
import { mitredHem, ribbing, twinHem } from './techniques/moreHems'
import { elastic, invisibleZip, piping, zip } from './techniques/notions'
import { chainRows, flatlock, overlockSeam } from './techniques/overlocking'
import { binding, freeMotion, quarterInch, waves } from './techniques/quilting'
import { gathering, heavySeam, mending, stretchSeam } from './techniques/seams'

export const demoBundle = (): Bundle => ({
  format: 'handhold-catalogue',
  version: 3,
  makes,
  functions,
  threads,
  models: [...larkfenModels, ...ostrelModels, ...dunmarrowModels, ...tidewickModels, ...moreModels].map(withControls),
  items,
  fits,
  fabrics,
  techniques: withMaterials([
    blindHem,
    buttonhole,
    rolledEdge,
    overcast,
    buttonSew,
    walkingFootQuilting,
    centreGuide,
    coverHem,
    narrowHem,
    topstitchedHem,
    twinHem,
    mitredHem,
    ribbing,
    overlockSeam,
    flatlock,
    stretchSeam,
    gathering,
    elastic,
    piping,
    zip,
    invisibleZip,
    heavySeam,
    mending,
    freeMotion,
    quarterInch,
    waves,
    binding,
    applique,
    borders,
    bobbinWork,
    circles,
    barTacks,
    rings,
    chainRows,
  ]),
  samples: [...samples, ...moreSamples],
})
