/**
 * Every ground the answer rules give, as data: a code and the compared figures. The sentences are made elsewhere
 * (shared/messages); the list for readers is docs/reasons.md, written from `reasonMeanings` below.
 */
import type { Calculation, Id, Kind, Motion, Parameter, Positions, Range, Target } from '../catalogue/types'
import type { Mm, NeedleSize } from '../units/quantities'

/** A fact that nobody has stated and that would settle an unknown fit. */
export interface MissingFact {
  of: 'model' | 'item'
  id: Id
  key: 'shank' | 'attachment' | 'fitStatement'
}

/** Which side of the needle line, seen by the person sewing. */
export type Side = 'left' | 'right'
type AcceptedOf = 'stitch' | 'foot'
/** What a calculation is made from. */
export type CalculationFact = 'guide' | 'thread' | 'holeSpacing' | 'ringWire' | 'edge'
/** What to do where a width that means something cannot be set. */
export type Instead = 'byHand' | 'moveGuide' | 'withoutGuide' | 'tape'

export type Reason =
  // fit
  | { code: 'fitStated'; item: Id; evidence: 'book' | 'bench'; about: StatementScope; where: string }
  | { code: 'fitByRule'; item: Id; chain: Id[] }
  | { code: 'fitConflict'; item: Id; statements: Id[] }
  | { code: 'fitOverruled'; item: Id; statements: Id[] }
  | { code: 'fitUnknown'; item: Id; missing: MissingFact[] }
  | { code: 'doesNotFitStated'; item: Id; evidence: 'book' | 'bench'; about: StatementScope; where: string }
  | { code: 'doesNotFitByRule'; item: Id; needs: string; has: string }
  | { code: 'lacksFeature'; item: Id; feature: string }
  | { code: 'engagedAgainst'; item: Id; feature: string }
  | { code: 'neededItemUnfit'; item: Id; needs: Id }
  | { code: 'neededPlateUnfit'; item: Id; plates: Id[] }
  | { code: 'limitsSwing'; item: Id; upTo: Mm; modelMax: Mm }
  // clearance
  | { code: 'needleWouldHitFoot'; item: Id; side: Side; reach: Mm; edge: Mm }
  | { code: 'needleWouldHitPlate'; item: Id; side: Side; reach: Mm; edge: Mm }
  | { code: 'needleWouldHitPin'; item: Id; width: Mm; minWidth: Mm }
  | { code: 'beyondNeedleTravel'; side: Side; reach: Mm; travel: Mm }
  | { code: 'widerThanFoot'; item: Id; width: Mm; maxWidth: Mm }
  | { code: 'motionNotAllowed'; item: Id; motion: Motion; allows: Motion[] }
  | { code: 'functionDenied'; item: Id; function: string }
  | { code: 'buttonTooLarge'; item: Id; opening: Mm; maxButton: Mm }
  | { code: 'radiusOutOfReach'; item: Id; radius: Mm; from: Mm; to: Mm }
  | { code: 'twinTooWide'; spacing: Mm; max: Mm }
  | { code: 'slotUnknown'; what: 'foot' | 'plate'; item?: Id }
  | { code: 'widthUnknown' }
  | { code: 'twinMaxUnknown'; spacing: Mm }
  | { code: 'buttonTooWide'; item: Id; diameter: Mm; maxButton: Mm }
  | { code: 'footBlocksDualFeed'; item: Id }
  | { code: 'cutOutUnknown'; item: Id }
  | { code: 'meaningLost'; parameter: Parameter; wanted: Mm; nearest?: Mm; instead: Instead; by?: Reason }
  | { code: 'scaleUnknown'; parameter: Parameter }
  | { code: 'platesContradicted'; plates: Id[] }
  // match
  | { code: 'needsMachineOfKind'; kinds: Kind[] }
  | { code: 'functionMissing'; functions: string[] }
  | { code: 'stitchTooNarrow'; model: Id; stitch: Id; reach: Mm; minWidth: Mm }
  | { code: 'stitchAvoided'; model: Id; stitch: Id; attribute: string }
  | { code: 'stitchMotionAvoided'; model: Id; stitch: Id; motion: Motion }
  | { code: 'noFootListed'; functions: string[] }
  | { code: 'bookFootNotTaken'; foot: Id; why: Reason }
  | { code: 'featureMissing'; features: string[] }
  | { code: 'featureAvoided'; feature: string; item?: Id; model?: Id; stitch?: Id }
  | { code: 'accessoryMissing'; function: string }
  | { code: 'setupConflict'; control: string; positions: string[] }
  | { code: 'methodNotForThis'; technique: Id; method: Id }
  | { code: 'methodStopped'; technique: Id; method: Id; stage?: Id; stops: Reason }
  | { code: 'methodNeeds'; technique: Id; method: Id; toGet: Id[] }
  | { code: 'methodHasTradeOff'; technique: Id; method: Id; stages: Id[]; costs: string[] }
  | { code: 'tradeOff'; of: AcceptedOf; function: string; text: string }
  | { code: 'betterFunctionNeeds'; of: AcceptedOf; function: string; toGet: Id[] }
  | { code: 'betterFunctionStopped'; of: AcceptedOf; function: string; stops: Reason }
  | { code: 'betterFunctionNarrower'; of: AcceptedOf; function: string }
  | { code: 'changePlate'; from?: Id; to: Id }
  | { code: 'bringsFeature'; item: Id; feature: string }
  // alternatives
  | { code: 'nothingToGet' }
  | { code: 'wouldNeed'; items: Id[] }
  | { code: 'noTradeOff' }
  | { code: 'preferredFunction'; of: AcceptedOf; function: string }
  | { code: 'lessPreferredFunction'; of: AcceptedOf; function: string }
  | { code: 'slotStated' }
  | { code: 'fullWidth' }
  | { code: 'isNarrowed' }
  | { code: 'bookNamesIt'; foot: Id }
  | { code: 'bookNamesAnother'; feet: string[] }
  | { code: 'shorterChain' }
  | { code: 'longerChain'; chain: Id[] }
  | { code: 'strongerEvidence'; evidence: 'bench' | 'book' | 'workedOut' }
  | { code: 'weakerEvidence'; evidence: 'bench' | 'book' | 'workedOut' }
  | { code: 'otherMachine'; model: Id }
  // settings
  | { code: 'houseSetting'; sample: Id; samples: number; people: number; days: number; last: string; pinned: boolean }
  | { code: 'houseStale'; samples: Id[]; now: string }
  | { code: 'target'; to: Target; because: string }
  | { code: 'defaultInRange'; parameter: Parameter; from: number; to: number; because: string }
  | { code: 'noControl'; wanted?: string }
  | { code: 'settingUnstated'; because?: string }
  | { code: 'standsStill' }
  | { code: 'factMissing'; calc: Calculation; fact: CalculationFact; because: string }
  | { code: 'bookSilent' }
  | { code: 'targetNeedsDefault'; to: Target; because: string }
  | { code: 'raisedToMinimum'; minWidth: Mm; wanted: Mm }
  | { code: 'heldToLimit'; parameter: Parameter; wanted: number; value: number; by: 'stitch' | 'scale' | 'model' }
  | { code: 'nearestReachable'; parameter: Parameter; wanted: number; value: number; difference: number }
  | { code: 'neverZero'; asked: number }
  | { code: 'narrowed'; parameter: Parameter; wanted: Mm; value: Mm; by: Reason }
  | { code: 'defaultOffScale'; value: number; from: number; to: number }
  | { code: 'tensionOffset'; offset: number; effective: number; rest: number }
  | { code: 'faceHolds'; when: Positions }
  // needle
  | { code: 'needleHeldToModel'; wanted: NeedleSize; max: NeedleSize }
  | { code: 'needleSystemDiffers'; stage: string; model: string }

export type ReasonCode = Reason['code']
export type ReasonOf<Code extends ReasonCode> = Extract<Reason, { code: Code }>

/** What a fit statement speaks about; `supplied` and `forGroups` are statements the book makes by implication. */
export type StatementScope = 'model' | 'group' | 'supplied' | 'forGroups'

/** Either end of a value that may be a range. */
export const lowEnd = (value: number | Range): number => (typeof value === 'number' ? value : value.from)
export const highEnd = (value: number | Range): number => (typeof value === 'number' ? value : value.to)

/** For readers (docs/reasons.md): where a code appears and what it says. */
export const reasonMeanings: Record<ReasonCode, string> = {
  fitStated: 'A statement decides that the item fits: by whom, about what, where it is written.',
  fitByRule: 'No statement exists; shank, attachment and pattern say the item fits, through this chain.',
  fitConflict: 'Statements of equal standing disagree; "does not fit" wins.',
  fitOverruled: 'Weaker statements say otherwise; they are shown, not followed.',
  fitUnknown: 'A fact the rule must compare is not stated; the item is not used until somebody states it.',
  doesNotFitStated: 'A statement decides that the item does not fit.',
  doesNotFitByRule:
    'Shank, attachment or pattern differ and no chain of at most two adapters turns one into the other.',
  lacksFeature: 'The item needs a feature that the model has not.',
  engagedAgainst: 'The item must not be used together with a feature that the stage, stitch or another item engages.',
  neededItemUnfit: 'An item that this one needs does not fit the model.',
  neededPlateUnfit: 'None of the needle plates this item needs fits the model or the other fitted items.',
  limitsSwing: 'The item fits, but lets the needle swing less than the model could.',
  needleWouldHitFoot: 'The needle with its margin would reach past the edge of the foot’s slot.',
  needleWouldHitPlate: 'The needle with its margin would reach past the edge of the needle plate’s slot.',
  needleWouldHitPin: 'A pin or bar of the foot stands under stitches this narrow.',
  beyondNeedleTravel: 'The needle bar cannot go that far.',
  widerThanFoot: 'The stitch is wider than the foot allows.',
  motionNotAllowed: 'The foot does not list the way the fabric moves in this stitch.',
  functionDenied: 'The foot’s facts exclude this stitch function.',
  buttonTooLarge: 'The opening is larger than the foot can take.',
  radiusOutOfReach: 'The radius lies outside what the attachment reaches.',
  twinTooWide: 'The twin needle is wider than the model takes.',
  slotUnknown: 'Caution: the slot is not stated and was not compared; turn the handwheel by hand first.',
  widthUnknown: 'Caution: no width is stated anywhere; turn the handwheel by hand first.',
  twinMaxUnknown: 'Caution: nobody has stated how wide a twin needle the model takes.',
  buttonTooWide: 'The button is wider than the foot can take.',
  footBlocksDualFeed: 'The foot has no cut-out for the dual feed, which is engaged.',
  cutOutUnknown: 'Caution: nobody has stated whether the foot is cut out for the dual feed, which is engaged.',
  meaningLost: 'A width that means something (holes, ring, bite) cannot be set as it must be; what to do instead.',
  scaleUnknown: 'Caution: the model does not state how this is set; it is given in mm.',
  platesContradicted: 'Plates that come with the model are stated not to fit it: nothing is known of the one on it.',
  needsMachineOfKind: 'The stage runs on a machine of another kind.',
  functionMissing: 'The model has no stitch with any of the accepted functions.',
  stitchTooNarrow: 'The stitch cannot reach the width the stage must have.',
  stitchAvoided: 'The stage avoids stitches with this attribute.',
  stitchMotionAvoided: 'The stage does not take stitches that move the fabric this way.',
  bookFootNotTaken: 'The book names this foot for the stitch; why another is taken.',
  noFootListed: 'No foot in the catalogue lists any of the accepted functions.',
  featureMissing: 'The stage needs a feature (one of these) that neither model, stitch nor any fitting item brings.',
  featureAvoided: 'Stitch or item brings a feature that the stage must not have.',
  accessoryMissing: 'No accessory with this function fits the model.',
  setupConflict: 'Stage, stitch and items ask for one control in different positions.',
  methodNotForThis: 'The method is not meant for this fabric or machine.',
  methodStopped: 'The first thing that stops a method.',
  methodNeeds: 'What a method would need.',
  methodHasTradeOff: 'The method works with what is there, at these costs.',
  tradeOff: 'What is lost by a stitch or foot function that is accepted but not the best.',
  betterFunctionNeeds: 'What a better-ranked function would need.',
  betterFunctionStopped: 'What stops a better-ranked function.',
  betterFunctionNarrower: 'A better-ranked function would work, but another pair stands before it.',
  changePlate: 'Another needle plate than the fitted one goes on.',
  bringsFeature: 'An item is fitted because it brings a needed feature.',
  nothingToGet: 'Works with what is had.',
  wouldNeed: 'What would have to be bought.',
  noTradeOff: 'Gives the result without a trade-off.',
  preferredFunction: 'A better-ranked function.',
  lessPreferredFunction: 'A lower-ranked function.',
  slotStated: 'The foot’s slot is stated, so that clearance is known.',
  fullWidth: 'Sews at the wanted width.',
  isNarrowed: 'Only narrower than wanted.',
  bookNamesIt: 'The book names this foot for the stitch.',
  bookNamesAnother: 'The book names another foot for the stitch.',
  shorterChain: 'Takes fewer adapters.',
  longerChain: 'Takes more adapters.',
  strongerEvidence: 'The fit is better proved.',
  weakerEvidence: 'The fit is less well proved.',
  otherMachine: 'Runs on another of the person’s machines.',
  houseSetting: 'The value of one really sewn sample that the shop stands by, with the samples behind it.',
  houseStale: 'Good samples exist for another edition of the book; shown, not used.',
  target: 'What the technique asks for, and why.',
  defaultInRange: 'The machine’s own value lies within what the technique asks for, so it stays.',
  noControl: 'The model has no control for this.',
  settingUnstated: 'Nobody has stated how this is set on the model: it takes no target.',
  standsStill: 'Length 0 does what was needed: the fabric stands still.',
  factMissing: 'What the value would be worked out from is not stated.',
  bookSilent: 'The book states nothing; start from normal.',
  targetNeedsDefault: 'The technique works from the machine’s own value, and that is not stated.',
  raisedToMinimum: 'Raised to the least width the stage must have.',
  heldToLimit: 'Held to the limit of stitch, scale or model.',
  nearestReachable: 'The model cannot show the wanted value; this is the nearest it reaches.',
  neverZero: 'Never length 0 unless asked for: the fabric would stand still.',
  narrowed: 'Taken back to what clears foot and needle plate.',
  defaultOffScale: 'The book’s own value cannot be reached on the scale the model states.',
  tensionOffset: 'The model holds this once, as an offset for every stitch, up to its limit.',
  faceHolds: 'The two-faced dial reads so while the controls stand so.',
  needleHeldToModel: 'The needle is held to the largest the model takes.',
  needleSystemDiffers: 'The stage names another needle system than the model’s; the model’s stands.',
}
