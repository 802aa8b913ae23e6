/** The words for what the core names by code: parameters, kinds, verdicts, features, places. */
import { entryOf, isParameter, plainOf, type PlainParameter } from '#core/catalogue/parameters'
import type { MachineView, Parameter, Positions, StepPhase, ThreadPlace } from '#core/catalogue/types'
import type { LineName, PartName } from '#core/card/fabricParts'
import { inWords } from '#core/answer/show'
import type { Verdict } from '#core/answer/types'
import type { Phase } from '#core/procedure/types'
import { positionWord } from './positions'

export const verdictWord = (verdict: Verdict, toGet: readonly { what: string }[] = []): string => {
  if (verdict === 'ready') return 'Ready'
  if (verdict === 'otherRoute') return 'Another route'
  if (verdict === 'notOnThisModel') return 'Not on this model'
  const kinds = new Set(toGet.map(({ what }) => what))
  const named = ['foot', 'adapter', 'ankle', 'plate', 'accessory'].filter((what) => kinds.has(what))
  const [first, ...others] = named.map((what) => ITEM_WORDS[what] as string)
  if (first === undefined) return 'Needs something'
  return `Needs ${[first, ...others].map(withArticle).join(' and ')}`
}

const ITEM_WORDS: Record<string, string> = {
  foot: 'foot',
  adapter: 'adapter',
  ankle: 'ankle',
  plate: 'plate',
  accessory: 'accessory',
}

export const withArticle = (word: string): string => `${/^(?!uni|one\b|eu)[aeiou]/i.test(word) ? 'an' : 'a'} ${word}`

const PARAMETER_WORDS: Record<PlainParameter, string> = {
  width: 'Width',
  length: 'Length',
  needlePosition: 'Needle position',
  tension: 'Tension',
  pressure: 'Foot pressure',
  differential: 'Differential feed',
  cuttingWidth: 'Cutting width',
  balance: 'Balance',
  elongation: 'Elongation',
}

export const parameterWord = (parameter: Parameter): string => {
  const [, place] = parameter.split(':')
  const word = PARAMETER_WORDS[plainOf(parameter)]
  return place === undefined ? word : `${word}, ${inWords(place)}`
}

export const unitOf = (parameter: Parameter, shows: string | undefined): string =>
  entryOf(parameter).unitSaid && (shows === 'mm' || shows === undefined) ? 'mm' : ''

export const kindWord = (kind: string): string => KIND_WORDS[kind] ?? inWords(kind)
const KIND_WORDS: Record<string, string> = {
  mechanical: 'mechanical machine',
  computerised: 'computerised machine',
  straightStitch: 'straight-stitch machine',
  overlocker: 'overlocker',
  coverstitch: 'cover-stitch machine',
  overlockCover: 'overlock and cover machine',
  embroidery: 'embroidery machine',
}

export const featureWord = (feature: string): string => FEATURE_WORDS[feature] ?? inWords(feature.replace(':', ', '))
const FEATURE_WORDS: Record<string, string> = {
  dualFeed: 'built-in dual feed',
  feedDogsDown: 'lowered feed dogs',
  buttonSensor: 'button sensor',
  differential: 'differential feed',
  twoThreadConverter: 'two-thread converter',
  zeroLength: 'a stitch length of 0',
  'feedDogs:lever': 'feed dogs by lever',
  'feedDogs:automatic': 'feed dogs by the machine itself',
  'stitchFinger:lever': 'stitch finger by lever',
  'lowerKnife:retracts': 'lower knife that retracts',
}
/** What machines have that rules or cards speak of; a shop may write others. */
export const USUAL_FEATURES = [
  ...Object.keys(FEATURE_WORDS),
  ...['threadCutter', 'needleThreader', 'needleUpDown', 'startStop', 'speedLimit', 'kneeLifter', 'pressureAdjust'],
  ...['tapering', 'automaticTension', 'selfTension', 'upperKnife', 'hemSelector'],
  ...['buttonholeMemory', 'buttonholeDial', 'buttonholeLever'],
]

/** What feeds or does not feed, as it stands on the machine. */
export const feedAidWord = (feature: string): string => FEED_AID_WORDS[feature] ?? featureWord(feature)
const FEED_AID_WORDS: Record<string, string> = {
  feedDogsDown: 'feed dogs down',
  dualFeed: 'built-in dual feed on',
}

export const threadPlaceWord = (place: string): string => THREAD_PLACES[place as ThreadPlace] ?? inWords(place)
const THREAD_PLACES: Record<ThreadPlace, string> = {
  needle: 'needle',
  bobbin: 'bobbin',
  upperLooper: 'upper looper',
  lowerLooper: 'lower looper',
  chainLooper: 'chain looper',
  coverLooper: 'cover looper',
}

export const motionWord = (motion: string): string =>
  motion === 'sideMotion' ? 'sideways' : motion === 'forwardReverse' ? 'forward and back' : 'forward'

export const shankWord = (shank: string): string => (shank.startsWith('own:') ? 'its own shank' : `${shank} shank`)

export const attachmentWord = (attachment: string): string =>
  attachment === 'snapOn'
    ? 'feet snap on'
    : attachment === 'screwOn'
      ? 'feet screw on'
      : `its own ${attachment.slice(4)}`

export const sideWord = (side: string): string =>
  ({ right: 'Right side', wrong: 'Wrong side', start: 'Start', end: 'End', corner: 'Corner' })[side] ?? capital(side)

/** What a part of a procedure is called. */
export const phaseWord = (phase: Phase): string => PHASE_WORDS[phase]
const PHASE_WORDS: Record<Phase, string> = {
  prepare: 'Prepare',
  fit: 'Fit',
  set: 'Set',
  ready: 'Make ready',
  proof: 'Prove by hand',
  reset: 'Before the piece',
  sew: 'Sew',
  inspect: 'Look',
  finish: 'Finish',
  next: 'Each next one',
  back: 'Back to normal',
  interruption: 'In between',
}

/** When a technique's own step is told. */
export const stepPhaseWord = (phase: StepPhase): string =>
  phase === 'start' ? 'at the start' : phaseWord(phase).toLowerCase()

/** "leftNeedle" as "left needle"; a thread's place by its name. */
export const controlWord = (control: string): string =>
  control.startsWith('thread:')
    ? `${threadPlaceWord(control.slice('thread:'.length))} thread`
    : (CONTROL_WORDS[control] ??
      (control.startsWith('tension:')
        ? `${inWords(control.slice('tension:'.length))} tension`
        : isParameter(control)
          ? parameterWord(control).toLowerCase()
          : inWords(control)))

/** In a sentence: "the presser foot", "width". */
export const stationWord = (control: string): string =>
  isParameter(control) ? controlWord(control) : `the ${controlWord(control)}`

const CONTROL_WORDS: Record<string, string> = {
  power: 'power',
  needleHeight: 'needle',
  footLift: 'presser foot',
  needle: 'fitted needle',
  plate: 'needle plate',
  buttonholeStep: 'buttonhole dial',
  stitch: 'chosen stitch',
  leftCover: 'left cover needle',
  middleCover: 'middle cover needle',
  rightCover: 'right cover needle',
}

const VIEW_WORDS: Record<MachineView, string> = {
  front: 'from the front',
  needle: 'by the needle',
  right: 'from the right',
  left: 'from the left',
  back: 'from behind',
  open: 'with the cover open',
}
export const viewWord = (view: MachineView): string => VIEW_WORDS[view]

export const positionsWords = (positions: Positions): string =>
  list(Object.entries(positions).map(([control, position]) => `${inWords(control)} ${positionWord(position)}`))

/** 2026-10-12 as "12 Oct 2026", kept on one line. */
export const dateWords = (iso: string): string => {
  const [year, month, day] = iso.slice(0, 'yyyy-mm-dd'.length).split('-').map(Number)
  const name = MONTHS[(month ?? 0) - 1]
  return name === undefined ? iso : `${day}\u00a0${name}\u00a0${year}`
}
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** Seconds as a person says them: "about 40 seconds", "about 6 minutes". */
export const durationWords = (seconds: number): string => {
  if (seconds < 55) return `about ${Math.max(5, Math.round(seconds / 5) * 5)} seconds`
  const minutes = Math.round(seconds / 60)
  return `about ${minutes === 1 ? 'a minute' : `${minutes} minutes`}`
}

/** What is measured of the piece in hand. */
export const measuredWord = (key: string): string => MEASURED_WORDS[key] ?? inWords(key)
const MEASURED_WORDS: Record<string, string> = {
  holeSpacing: 'hole to hole',
  holeDiameter: 'a hole’s width',
  ringWire: 'the ring’s thickness',
  hemDepth: 'the hem’s depth',
}

/** With a small first letter, as within a sentence. */
export const small = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

export const list = (parts: readonly string[], joiner = 'and'): string =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} ${joiner} ${parts.at(-1)}`

export const partWord = (name: PartName): string => PART_WORDS[name]
const PART_WORDS: Record<PartName, string> = {
  fabric: 'fabric',
  garmentFoldedBack: 'garment, folded back',
  hemAllowance: 'hem allowance',
  background: 'background',
  applique: 'appliqué',
  noFabric: 'beyond the edge',
}

export const lineWord = (name: LineName): string => LINE_WORDS[name]
const LINE_WORDS: Record<LineName, string> = {
  fold: 'fold',
  edge: 'edge',
  guide: 'guide',
  blade: 'blade of the guide',
  applique: 'edge of the appliqué',
}

/** Minor units as a price. */
export const moneyWords = (minor: number): string => (minor / 100).toFixed(2)
