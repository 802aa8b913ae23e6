/** The sentences: one for every code the core gives. */
import type { CalculationFact, Instead, MissingFact, Reason, ReasonCode, ReasonOf } from '#core/answer/reasons'
import { inWords } from '#core/answer/show'
import { isInMm } from '#core/catalogue/parameters'
import type { Parameter } from '#core/catalogue/types'
import { within, type Names } from '#core/names/names'
import { formatNumber } from '#core/units/format'
import {
  capital,
  controlWord,
  dateWords,
  featureWord,
  kindWord,
  list,
  motionWord,
  parameterWord,
  positionsWords,
  withArticle,
} from './words'

type Sentences = { [Code in ReasonCode]: (reason: ReasonOf<Code>, say: Speech) => string }

/** How ids are said. */
export interface Speech {
  item: (id: string) => string
  items: (ids: readonly string[]) => string
  model: (id: string) => string
  function: (id: string) => string
  functions: (ids: readonly string[]) => string
  method: (technique: string, id: string) => string
  stitch: (model: string, id: string) => string
  thread: (id: string) => string
  reason: (reason: Reason) => string
}

export const speech = (names: Names): Speech => {
  const say: Speech = {
    item: (id) => {
      const item = names.items[id]
      return item ? `${item.code} (${item.name})` : id
    },
    items: (ids) => list(ids.map((id) => say.item(id))),
    model: (id) => names.models[id] ?? id,
    function: (id) => (names.functions[id] ?? id).toLowerCase(),
    functions: (ids) =>
      list(
        ids.map((id) => say.function(id)),
        'or',
      ),
    method: (technique, id) => names.methods[within(technique, id)] ?? id,
    stitch: (model, id) => names.stitches[within(model, id)] ?? id,
    thread: (id) => names.threads[id] ?? id,
    reason: (reason) => sentence(reason, say),
  }
  return say
}

/** The sentence of a reason. */
export const sentence = (reason: Reason, say: Speech): string =>
  (sentences[reason.code] as (reason: Reason, say: Speech) => string)(reason, say)

const mm = (value: number): string => `${formatNumber(value)} mm`
/** As the catalogue has it, whatever a machine's own marks say. */
const figure = (parameter: Parameter, value: number): string => (isInMm(parameter) ? mm(value) : formatNumber(value))
/** A place left or right of centre is said without its sign; the side tells it. */
const out = (value: number): string => mm(Math.abs(value))
const by = (evidence: string): string => (evidence === 'bench' ? 'tried at the bench' : 'by the book')
const about = (scope: string): string =>
  ({
    model: 'this model',
    group: 'its model group',
    supplied: 'it comes with the machine',
    forGroups: 'its model groups',
  })[scope] ?? scope
const fact = ({ of, id, key }: MissingFact, say: Speech): string => {
  const what = key === 'fitStatement' ? 'whether it fits' : key
  return `${what} of ${of === 'model' ? say.model(id) : say.item(id)}`
}
const footOrStitch = (of: 'stitch' | 'foot'): string => (of === 'foot' ? 'foot' : 'stitch')
const footFunction = (of: 'stitch' | 'foot', name: string, say: Speech): string =>
  of === 'foot' ? (FOOT_FUNCTIONS[name] ?? `foot for ${inWords(name)}`) : say.function(name)

/** What the demo and most shops call a foot's job; an unknown word is said as it is. */
const FOOT_FUNCTIONS: Record<string, string> = {
  standard: 'standard foot',
  blindHem: 'blind hem foot',
  overcastGuide: 'overcasting foot',
  'buttonhole.sensor': 'sensor buttonhole foot',
  'buttonhole.manual': 'manual buttonhole foot',
  'buttonhole.lever': 'lever buttonhole foot',
  openToe: 'open-toe foot',
  satin: 'satin foot',
  straight: 'straight-stitch foot',
  narrow: 'narrow straight foot',
  freeMotion: 'free-motion foot',
  hemmer: 'hemmer foot',
  edgeGuide: 'edge foot',
  zip: 'zip foot',
  'zip.invisible': 'invisible zip foot',
  piping: 'piping foot',
  gathering: 'gathering foot',
  cording: 'cording foot',
  quarterInch: 'quarter-inch foot',
  'quarterInch.guide': 'quarter-inch foot with a guide',
  elastic: 'elastic foot',
  buttonSew: 'button foot',
  'guide.centre': 'centre guide foot',
  walking: 'walking foot',
  overlockHem: 'overlock hem foot',
  cover: 'cover foot',
  'cover.transparent': 'transparent cover foot',
  overlock: 'overlock foot',
  'overlock.piping': 'overlock piping foot',
  'overlock.gathering': 'overlock gathering foot',
  hemGuide: 'hem guide foot',
  nonStick: 'non-stick foot',
}

/** The same of everything that is fitted or laid to hand, feet among it. */
export const ITEM_USES: Record<string, string> = {
  ...FOOT_FUNCTIONS,
  circular: 'circle attachment',
  'bobbinCase.loose': 'bobbin case for thick thread',
  binder: 'binder',
  seamGuide: 'seam guide',
  level: 'leveller for humps',
  shankPin: 'pin for a button’s shank',
  lamp: 'lamp',
}

const INSTEAD: Record<Instead, string> = {
  byHand: 'Sew it by hand.',
  moveGuide: 'Move the guide.',
  withoutGuide: 'Watch the fold, without this guide.',
  tape: 'Take a strip of tape on the bed for a guide.',
}

const FACT_WORDS: Record<CalculationFact, string> = {
  guide: 'Where the foot’s guide stands',
  thread: 'The thread',
  holeSpacing: 'How far apart the holes are',
  ringWire: 'How thick the ring’s wire is',
  edge: 'Where the foot’s guide or edge lies',
}

/** What a foot goes onto: a shank, a way of joining, or a pattern of clips. */
const mountWord = (word: string): string =>
  MOUNTS[word] ?? (word.startsWith('own:') ? `its own ${word.slice('own:'.length)}` : `${word} clips`)
const MOUNTS: Record<string, string> = {
  snapOn: 'a snap-on holder',
  screwOn: 'a shank with a screw',
  low: 'a low shank',
  high: 'a high shank',
  slant: 'a slant shank',
  generic: 'the usual clips',
}

const sentences: Sentences = {
  fitStated: ({ item, evidence, about: scope, where }, say) =>
    scope === 'supplied'
      ? `${say.item(item)} comes with the machine.`
      : `${say.item(item)} fits, ${by(evidence)}, said of ${about(scope)}${where ? `: ${where}` : ''}.`,
  fitByRule: ({ item, chain }, say) =>
    chain.length === 0
      ? `${say.item(item)} fits as worked out from shank and attachment; nobody has tried it.`
      : `${say.item(item)} fits by way of ${say.items(chain)}, worked out; nobody has tried it.`,
  fitConflict: ({ item, statements }, say) =>
    `Statements about ${say.item(item)} disagree (${statements.join(', ')}): taken as not fitting until settled.`,
  fitOverruled: ({ item, statements }, say) =>
    `Weaker statements about ${say.item(item)} say otherwise (${statements.join(', ')}).`,
  fitUnknown: ({ item, missing }, say) =>
    `Whether ${say.item(item)} fits is not known: ${list(missing.map((entry) => fact(entry, say)))} is not stated.`,
  doesNotFitStated: ({ item, evidence, about: scope, where }, say) =>
    `${say.item(item)} does not fit, ${by(evidence)}, said of ${about(scope)}${where ? `: ${where}` : ''}.`,
  doesNotFitByRule: ({ item, needs, has }, say) =>
    `${say.item(item)} does not fit: it goes on ${list(needs.split('|').map(mountWord), 'or')}, this machine has ` +
    `${mountWord(has)}, and no adapter turns one into the other.`,
  lacksFeature: ({ item, feature }, say) =>
    `${say.item(item)} needs ${featureWord(feature)}, which this model does not have.`,
  engagedAgainst: ({ item, feature }, say) => `${say.item(item)} must not be used with ${featureWord(feature)}.`,
  neededItemUnfit: ({ item, needs }, say) => `${say.item(item)} needs ${say.item(needs)}, which does not fit here.`,
  neededPlateUnfit: ({ item, plates }, say) =>
    `${say.item(item)} needs a needle plate (${say.items(plates)}) that does not fit here.`,
  limitsSwing: ({ item, upTo, modelMax }, say) =>
    `${say.item(item)} fits, up to ${mm(upTo)} of the machine’s ${mm(modelMax)}.`,
  needleWouldHitFoot: ({ item, side, reach, edge }, say) =>
    `The needle would hit ${say.item(item)}: with its margin it reaches ${out(reach)} to the ${side}, the slot ` +
    `ends at ${out(edge)}.`,
  needleWouldHitPlate: ({ item, side, reach, edge }, say) =>
    `The needle would hit the ${say.item(item)}: with its margin it reaches ${out(reach)} to the ${side}, the ` +
    `slot ends at ${out(edge)}.`,
  needleWouldHitPin: ({ item, width, minWidth }, say) =>
    `The needle would hit the pin of ${say.item(item)}: width ${mm(width)} is under ${mm(minWidth)}.`,
  beyondNeedleTravel: ({ side, reach, travel }) =>
    `The needle would have to go ${out(reach)} to the ${side}; the needle bar goes to ${out(travel)}.`,
  widerThanFoot: ({ item, width, maxWidth }, say) =>
    `Width ${mm(width)} is more than ${say.item(item)} allows (${mm(maxWidth)}).`,
  motionNotAllowed: ({ item, motion, allows }, say) =>
    `The stitch moves the fabric ${motionWord(motion)}; ${say.item(item)} allows ` +
    `${list(allows.map(motionWord), 'or')}. The fabric would be pulled two ways.`,
  functionDenied: ({ item, function: named }, say) => `${say.item(item)} is not for ${say.function(named)}.`,
  buttonTooLarge: ({ item, opening, maxButton }, say) =>
    `An opening of ${mm(opening)} is more than ${say.item(item)} takes (${mm(maxButton)}).`,
  radiusOutOfReach: ({ item, radius, from, to }, say) =>
    `A radius of ${mm(radius)} is out of reach of ${say.item(item)}: ${mm(from)} to ${mm(to)}.`,
  twinTooWide: ({ spacing, max }) => `A twin needle of ${mm(spacing)} is wider than this model takes (${mm(max)}).`,
  slotUnknown: ({ what, item }, say) =>
    `The opening of the ${what === 'foot' ? 'foot' : 'needle plate'}${item ? ` ${say.item(item)}` : ''} is not ` +
    'stated: turn the handwheel by hand through a whole repeat first.',
  widthUnknown: () => 'No width is stated: turn the handwheel by hand through a whole repeat first.',
  twinMaxUnknown: ({ spacing }) =>
    `Nobody has stated how wide a twin needle this model takes; ${mm(spacing)} is not checked against it.`,
  buttonTooWide: ({ item, diameter, maxButton }, say) =>
    `A button of ${mm(diameter)} is more than ${say.item(item)} takes (${mm(maxButton)}).`,
  footBlocksDualFeed: ({ item }, say) =>
    `${say.item(item)} has no cut-out at the back: the built-in dual feed cannot come down behind it.`,
  cutOutUnknown: ({ item }, say) =>
    `Nobody has stated whether ${say.item(item)} is cut out for the built-in dual feed: look before you engage it.`,
  meaningLost: ({ parameter, wanted, nearest, instead, by: hit }, say) =>
    `${parameterWord(parameter)} must be ${mm(wanted)}` +
    `${hit || nearest === undefined ? '' : `, and the nearest here is ${mm(nearest)}`}` +
    `${hit ? `. ${say.reason(hit)}` : '.'} ${INSTEAD[instead]}`,
  scaleUnknown: ({ parameter }) =>
    `Nobody has stated how ${parameterWord(parameter).toLowerCase()} is shown on this model: it is given in mm.`,
  platesContradicted: ({ plates }, say) =>
    `${say.items(plates)} comes with the machine, but is stated not to fit it: of the needle plate on it nothing is ` +
    'known until that is settled.',
  needsMachineOfKind: ({ kinds }) =>
    `This needs ${list(
      kinds.map((kind) => withArticle(kindWord(kind))),
      'or',
    )}.`,
  functionMissing: ({ functions }, say) => `No stitch here is a ${say.functions(functions)}.`,
  stitchTooNarrow: ({ model, stitch, reach, minWidth }, say) =>
    `${say.stitch(model, stitch)} reaches ${mm(reach)}; at least ${mm(minWidth)} is needed.`,
  stitchAvoided: ({ model, stitch, attribute }, say) =>
    `${say.stitch(model, stitch)} is ${attribute}, which does not work here.`,
  stitchMotionAvoided: ({ model, stitch, motion }, say) =>
    `${say.stitch(model, stitch)} moves the fabric ${motionWord(motion)}, which does not work here.`,
  bookFootNotTaken: ({ foot, why }, say) => `The book names ${say.item(foot)}; another is taken: ${say.reason(why)}`,
  noFootListed: ({ functions }, say) =>
    functions.length === 0
      ? 'Neither a standard foot nor one that the book names is in the catalogue.'
      : `No foot in the catalogue is a ${list(
          functions.map((name) => footFunction('foot', name, say)),
          'or',
        )}.`,
  featureMissing: ({ features }) => `This needs ${list(features.map(featureWord), 'or')}, and nothing here brings it.`,
  featureAvoided: ({ feature, item = '', model = '', stitch }, say) =>
    `${stitch === undefined ? say.item(item) : say.stitch(model, stitch)} brings ${featureWord(feature)}, which ` +
    'must be off here.',
  accessoryMissing: ({ function: named }) =>
    `No ${ITEM_USES[named] ?? `accessory for “${inWords(named)}”`} fits this model.`,
  setupConflict: ({ control, positions }) =>
    `The ${controlWord(control)} would have to stand at ${positions.join(' and ')} at once.`,
  methodNotForThis: ({ technique, method }, say) =>
    `“${say.method(technique, method)}” is not meant for this fabric or machine.`,
  methodStopped: ({ technique, method, stops }, say) => `“${say.method(technique, method)}”: ${say.reason(stops)}`,
  methodNeeds: ({ technique, method, toGet }, say) =>
    `“${say.method(technique, method)}” would need ${say.items(toGet)}.`,
  methodHasTradeOff: ({ technique, method, costs }, say) =>
    `“${say.method(technique, method)}” works, at a cost: ${costs.join('; ')}.`,
  tradeOff: ({ of, function: named, text }, say) => `${capital(footFunction(of, named, say))}: ${text}.`,
  betterFunctionNeeds: ({ of, function: named, toGet }, say) =>
    `Better: ${footFunction(of, named, say)}, with ${say.items(toGet)}.`,
  betterFunctionStopped: ({ of, function: named, stops }, say) =>
    stops.code === 'functionMissing'
      ? `Better would be ${withArticle(footFunction(of, named, say))}; this machine has none.`
      : `Better would be ${withArticle(footFunction(of, named, say))}, but: ${say.reason(stops)}`,
  betterFunctionNarrower: ({ of, function: named }, say) =>
    `The ${footOrStitch(of)} ${footFunction(of, named, say)} would work too, less well in all.`,
  changePlate: ({ to }, say) => `Change to the ${say.item(to)}.`,
  bringsFeature: ({ item, feature }, say) => `${say.item(item)} gives you ${featureWord(feature)}.`,
  nothingToGet: () => 'Works with what is there.',
  wouldNeed: ({ items }, say) => `Would need ${say.items(items)}.`,
  noTradeOff: () => 'Nothing is lost by it.',
  preferredFunction: ({ of, function: named }, say) =>
    `The better ${footOrStitch(of)} for it: ${footFunction(of, named, say)}.`,
  lessPreferredFunction: ({ of, function: named }, say) =>
    `Not the first choice of ${footOrStitch(of)}${named ? `: ${footFunction(of, named, say)}` : ''}.`,
  slotStated: () => 'Its opening is stated, so that clearance is known.',
  fullWidth: () => 'Sews at the full width.',
  isNarrowed: () => 'Only narrower than wanted.',
  bookNamesIt: () => 'The foot the book names.',
  bookNamesAnother: ({ feet }) => `The book names ${list(feet, 'or')}.`,
  shorterChain: () => 'Fewer adapters.',
  longerChain: ({ chain }, say) => `By way of ${say.items(chain)}.`,
  strongerEvidence: ({ evidence }) => `Fit better proved: ${evidenceWord(evidence)}.`,
  weakerEvidence: ({ evidence }) => `Fit less well proved: ${evidenceWord(evidence)}.`,
  otherMachine: ({ model }, say) => `On the ${say.model(model)}.`,
  houseSetting: ({ samples, people, days, last, pinned }) =>
    `${pinned ? 'Pinned by the shop' : 'The shop’s own'}: ` +
    `${samples === 1 ? 'one good sample' : `${samples} good samples`}, ` +
    `${people === 1 ? 'one person' : `${people} people`}, ${days === 1 ? 'one day' : `${days} days`}, last ` +
    `${dateWords(last)}.`,
  houseStale: ({ samples, now }) =>
    `${samples.length === 1 ? 'A good sample was' : `${samples.length} good samples were`} sewn from another ` +
    `edition of the book than ${now}: sew again before relying on ${samples.length === 1 ? 'it' : 'them'}.`,
  target: ({ because }) => `${capital(because)}.`,
  defaultInRange: ({ parameter, from, to, because }) =>
    `The book’s own value lies within ${formatNumber(from)} to ${figure(parameter, to)}: ${because}.`,
  noControl: ({ wanted }) =>
    wanted ? `No control for it on this model. Wanted ${wanted}.` : 'Automatic on this model: nothing to set.',
  settingUnstated: ({ because }) =>
    `Nobody has stated how this is set on this model${because === undefined ? '' : `; wanted: ${because}`}.`,
  standsStill: () => 'Length 0: the fabric stands still, as with the feed dogs down.',
  factMissing: ({ fact, because }) =>
    `${capital(because)}. ${FACT_WORDS[fact]} is not stated: start from normal and try.`,
  bookSilent: () => 'The book says nothing: start from normal.',
  targetNeedsDefault: ({ because }) =>
    `${capital(because)}; the book does not say from what. Start from normal and try.`,
  raisedToMinimum: ({ minWidth, wanted }) => `Raised from ${mm(wanted)}: at least ${mm(minWidth)} is needed.`,
  heldToLimit: ({ parameter, wanted, value, by: limit }) =>
    `${figure(parameter, wanted)} is beyond what the ${limit === 'model' ? 'machine' : limit} reaches: ` +
    `${figure(parameter, value)}.`,
  nearestReachable: ({ parameter, wanted, value, difference }) =>
    `Wanted ${figure(parameter, wanted)}; the nearest the machine reaches is ${figure(parameter, value)} ` +
    `(${difference > 0 ? '+' : ''}${formatNumber(difference)}).`,
  neverZero: () => 'Never 0: the fabric stands still.',
  narrowed: ({ parameter, wanted, value, by: hit }, say) =>
    `${parameterWord(parameter)} taken back from ${formatNumber(wanted)} to ${formatNumber(value)}. ${say.reason(hit)}`,
  defaultOffScale: ({ value, from, to }) =>
    `The book’s ${formatNumber(value)} cannot be reached on a scale from ${formatNumber(from)} to ${formatNumber(to)}.`,
  tensionOffset: ({ offset, rest }) =>
    `Set the offset for all stitches to ${offset > 0 ? '+' : ''}${formatNumber(offset)} ` +
    `once${rest === 0 ? '; it stays.' : `; the rest (${rest > 0 ? '+' : ''}${formatNumber(rest)}) at each stitch.`}`,
  faceHolds: ({ when }) => `The dial reads so while ${positionsWords(when)}.`,
  needleHeldToModel: ({ wanted, max }) => `Needle ${wanted} is too thick for this model: ${max}.`,
  needleSystemDiffers: ({ stage, model }) =>
    `The technique names the needle system ${stage}; this model takes ${model}.`,
}

export const evidenceWord = (evidence: string): string =>
  ({ bench: 'tried at the bench', book: 'by the book', workedOut: 'worked out' })[evidence] ?? evidence
