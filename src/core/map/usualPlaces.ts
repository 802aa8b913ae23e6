/** Where a kind of machine usually has its controls, in its outline; a model says where it has them otherwise. */
import type { ControlPlace, ControlShape, Kind, MachineView, Model } from '../catalogue/types'

export const OUTLINES = ['household', 'embroidery', 'longArm', 'overlocker', 'cover'] as const
export type Outline = (typeof OUTLINES)[number]

export const outlineOf = (kind: Kind): Outline => OUTLINE_OF[kind]
const OUTLINE_OF: Record<Kind, Outline> = {
  mechanical: 'household',
  computerised: 'household',
  straightStitch: 'longArm',
  embroidery: 'embroidery',
  overlocker: 'overlocker',
  overlockCover: 'overlocker',
  coverstitch: 'cover',
}

const at = (view: MachineView, x: number, y: number, shape: ControlShape): ControlPlace => ({ view, x, y, shape })
type Places = Readonly<Record<string, ControlPlace>>

/** What sits about the needle of any machine. */
const NEEDLE: Places = {
  footLift: at('needle', 0.78, 0.2, 'lever'),
  needle: at('needle', 0.5, 0.36, 'screw'),
  adapter: at('needle', 0.58, 0.5, 'screw'),
  ankle: at('needle', 0.58, 0.5, 'screw'),
  foot: at('needle', 0.5, 0.68, 'slot'),
  accessory: at('needle', 0.7, 0.62, 'slot'),
  plate: at('needle', 0.5, 0.86, 'slot'),
}
const WHEEL: Places = {
  needleHeight: at('front', 0.965, 0.3, 'wheel'),
  handwheel: at('front', 0.965, 0.3, 'wheel'),
  power: at('right', 0.5, 0.84, 'key'),
}
const HOUSEHOLD: Places = {
  ...NEEDLE,
  ...WHEEL,
  bobbin: at('needle', 0.22, 0.9, 'slot'),
  'thread:bobbin': at('needle', 0.22, 0.9, 'slot'),
  'thread:needle': at('front', 0.16, 0.12, 'slot'),
  buttonholeLever: at('needle', 0.26, 0.3, 'lever'),
  tension: at('front', 0.27, 0.16, 'dial'),
  pressure: at('left', 0.5, 0.12, 'wheel'),
  dualFeed: at('back', 0.78, 0.5, 'lever'),
  feedDogs: at('back', 0.7, 0.82, 'slot'),
}
const MECHANICAL: Places = {
  ...HOUSEHOLD,
  stitch: at('front', 0.82, 0.34, 'dial'),
  buttonholeStep: at('front', 0.82, 0.34, 'dial'),
  width: at('front', 0.68, 0.2, 'dial'),
  length: at('front', 0.82, 0.58, 'dial'),
  needlePosition: at('front', 0.56, 0.2, 'slot'),
}
const COMPUTERISED: Places = {
  ...HOUSEHOLD,
  stitch: at('front', 0.68, 0.3, 'screen'),
  width: at('front', 0.84, 0.24, 'key'),
  length: at('front', 0.84, 0.38, 'key'),
  needlePosition: at('front', 0.68, 0.3, 'screen'),
}
const LOOPERS: Places = {
  ...NEEDLE,
  ...WHEEL,
  footLift: at('back', 0.3, 0.42, 'lever'),
  looperCover: at('front', 0.5, 0.82, 'slot'),
  'thread:needle': at('front', 0.3, 0.08, 'slot'),
  'thread:lowerLooper': at('open', 0.34, 0.66, 'slot'),
  'thread:upperLooper': at('open', 0.58, 0.42, 'slot'),
  'thread:chainLooper': at('open', 0.44, 0.8, 'slot'),
  'thread:coverLooper': at('open', 0.44, 0.8, 'slot'),
  leftNeedle: at('needle', 0.44, 0.36, 'screw'),
  rightNeedle: at('needle', 0.56, 0.4, 'screw'),
  stitchFinger: at('needle', 0.3, 0.84, 'lever'),
  upperKnife: at('needle', 0.78, 0.66, 'knob'),
  lowerKnife: at('needle', 0.78, 0.92, 'knob'),
  hemSelector: at('needle', 0.24, 0.94, 'lever'),
  upperLooper: at('open', 0.66, 0.3, 'slot'),
  mode: at('open', 0.84, 0.24, 'dial'),
  table: at('front', 0.1, 0.74, 'slot'),
  cuttingWidth: at('open', 0.84, 0.6, 'dial'),
  length: at('left', 0.5, 0.44, 'dial'),
  differential: at('left', 0.5, 0.62, 'dial'),
  'tension:leftNeedle': at('front', 0.28, 0.3, 'dial'),
  'tension:rightNeedle': at('front', 0.4, 0.3, 'dial'),
  'tension:upperLooper': at('front', 0.52, 0.3, 'dial'),
  'tension:lowerLooper': at('front', 0.64, 0.3, 'dial'),
  'tension:chainLooper': at('front', 0.76, 0.3, 'dial'),
  pressure: at('front', 0.14, 0.06, 'screw'),
}
const COVER: Places = {
  ...LOOPERS,
  leftCover: at('needle', 0.38, 0.36, 'screw'),
  middleCover: at('needle', 0.5, 0.43, 'screw'),
  rightCover: at('needle', 0.62, 0.36, 'screw'),
  'tension:leftCover': at('front', 0.28, 0.3, 'dial'),
  'tension:middleCover': at('front', 0.4, 0.3, 'dial'),
  'tension:rightCover': at('front', 0.52, 0.3, 'dial'),
}
const USUAL: Record<Kind, Places> = {
  mechanical: MECHANICAL,
  computerised: COMPUTERISED,
  straightStitch: { ...HOUSEHOLD, length: at('front', 0.84, 0.42, 'dial') },
  embroidery: { ...HOUSEHOLD, stitch: at('front', 0.76, 0.34, 'screen') },
  overlocker: LOOPERS,
  overlockCover: { ...LOOPERS, ...COVER },
  coverstitch: { ...COVER, length: at('right', 0.5, 0.54, 'dial'), differential: at('right', 0.5, 0.7, 'lever') },
}

/** Undefined for a control of which nobody has said where it is: it is not drawn. */
export const placeOf = (model: Pick<Model, 'kind' | 'controls'>, control: string): ControlPlace | undefined =>
  model.controls?.controls[control]?.at ?? USUAL[model.kind][control]
