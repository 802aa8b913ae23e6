/** Plain outlines of machines, drawn for this page; no machine that anybody makes looks so. 300 by 210. */
import type { MachineView } from '../catalogue/types'
import type { Outline } from './usualPlaces'

export const OUTLINE_SIZE = { width: 300, height: 210 }

/** Close by, the needle goes down here, and the plate's opening of 9 mm is 28 wide. */
export const NEEDLE_VIEW = { x: 150, y: 180, perMm: 28 / 9 }

/** Lines of a view; `turned`: seen from behind, drawn the other way round. */
export interface OutlineView {
  lines: string[]
  turned?: true
}

const NEEDLE_BAR = 'M48 108v34h8v-34'
const BED_FOOT = 'M40 152h26M58 108v44'
const BODY = 'M26 30q0-10 10-10h234q14 0 14 14v136h6v24h-276v-24h202v-78q0-8-8-8h-112q-6 0-6 6v18h-64z'
const HANDWHEEL = 'M284 42h7q4 0 4 4v34q0 4-4 4h-7'

const CLOSE_BY: OutlineView = {
  lines: [
    'M40 0v30h220v-30',
    'M142 30v36h16v-36',
    'M138 66h24v20h-24z',
    'M150 86v76',
    'M190 30v72h14v-72',
    'M184 102h26v10h-26z',
    'M108 150q0-12 12-12h82v18h-94z',
    'M192 112v26',
    'M14 172h272v30h-272z',
    'M136 180h28',
  ],
}
const SIDE: OutlineView = {
  lines: ['M92 20h116q10 0 10 10v140h-136v-140q0-10 10-10z', 'M60 170h180v28h-180z'],
}
const RIGHT: OutlineView = { lines: [...SIDE.lines, 'M150 33a30 30 0 1 0 0.1 0z', 'M150 45a18 18 0 1 0 0.1 0z'] }

const household: Partial<Record<MachineView, OutlineView>> = {
  front: { lines: [BODY, HANDWHEEL, NEEDLE_BAR, BED_FOOT] },
  needle: CLOSE_BY,
  right: RIGHT,
  left: { lines: [...SIDE.lines, 'M112 36h76v92h-76z'] },
  back: { lines: [BODY, HANDWHEEL, NEEDLE_BAR, BED_FOOT], turned: true },
  open: { lines: [BODY, HANDWHEEL, 'M26 30h64v78h-64z'] },
}

const BOX = 'M34 44q0-14 14-14h204q14 0 14 14v150h-232z'
const STAND = 'M90 30v-24M126 30v-24M162 30v-24M198 30v-24M76 6h136'
const WHEEL_LOW = 'M266 46h8q4 0 4 4v34q0 4-4 4h-8'
const overlocker: Partial<Record<MachineView, OutlineView>> = {
  front: {
    lines: [BOX, STAND, WHEEL_LOW, 'M34 96h84v30h-84', 'M76 126v26M64 152h30', 'M96 152h150v36h-150z', 'M118 96h148'],
  },
  needle: CLOSE_BY,
  right: RIGHT,
  left: { lines: [...SIDE.lines, 'M112 78h76v66h-76z'] },
  back: { lines: [BOX, STAND, WHEEL_LOW], turned: true },
  open: {
    lines: [
      'M30 20h240v180h-240z',
      'M54 52h192v124h-192z',
      'M96 176q-10-60 30-84',
      'M196 176q8-70-40-96',
      'M54 176h192v18h-192z',
    ],
  },
}

const cover: Partial<Record<MachineView, OutlineView>> = {
  ...overlocker,
  front: {
    lines: [BODY, HANDWHEEL, NEEDLE_BAR, BED_FOOT, 'M76 20v-14M106 20v-14M136 20v-14M64 6h84', 'M110 174h80v16h-80z'],
  },
  back: household.back as OutlineView,
}

export const OUTLINE_LINES: Record<Outline, Partial<Record<MachineView, OutlineView>>> = {
  household,
  embroidery: {
    ...household,
    front: {
      lines: [
        ...(household.front?.lines ?? []),
        'M2 150h24v20h-24z',
        'M8 160h70',
        'M30 156a22 6 0 1 0 44 0a22 6 0 1 0-44 0',
      ],
    },
  },
  longArm: { ...household, front: { lines: [...(household.front?.lines ?? []), 'M4 194h292v12h-292z'] } },
  overlocker,
  cover,
}
