/** What the usual controls and rules of a machine say; what a shop wrote itself is said as it wrote it. */
import type { ControlRule, Controls } from '#core/catalogue/types'
import { usualCode, type UsualText } from '#core/changeover/usual/texts'
import { controlWord } from './words'

/** `control`: whose text it is. */
export const ruleWords = (text: string, control: string): string => {
  const code = usualCode(text)
  if (code === undefined) return text
  const words = WORDS[code]
  return typeof words === 'string' ? words : words(controlWord(control))
}

/** Controls and rules as a person reads and edits them. */
export const inPlainWords = ({ controls, normal, rules }: Controls): Controls => ({
  normal,
  controls: Object.fromEntries(
    Object.entries(controls).map(([id, control]) => {
      const say = Object.entries(control.say ?? {}).map(([at, text]) => [at, ruleWords(text, id).replace(PLACE, '')])
      return [id, control.say ? { ...control, say: Object.fromEntries(say) as Record<string, string> } : control]
    }),
  ),
  rules: rules.map((rule): ControlRule => {
    if ('because' in rule) return { ...rule, because: ruleWords(rule.because, rule.for.control) }
    if ('duty' in rule) return { ...rule, duty: ruleWords(rule.duty, rule.after.control) }
    return 'hazard' in rule ? { ...rule, hazard: ruleWords(rule.hazard, rule.on.control) } : rule
  }),
})

/** Stands in a text where it is said where the control sits. */
export const PLACE = '{where}'

const WORDS: Record<UsualText, string | ((control: string) => string)> = {
  needleUp: 'Turn the handwheel{where} toward you until the needle is up',
  needleDown: 'Turn the handwheel{where} toward you until the needle is down',
  needlesUp: 'Turn the handwheel{where} until the needles are up',
  needlesDown: 'Turn the handwheel{where} until the needles are down',
  footUp: 'Lift the presser foot',
  footDown: 'Lower the presser foot',
  bobbinFull: 'Put a full bobbin in',
  switchOff: 'Switch off',
  switchOn: 'Switch on',
  feedDogsUp: 'Bring the feed dogs up',
  feedDogsDown: 'Lower the feed dogs',
  dualFeedOff: 'Release the built-in dual feed and swing it up',
  dualFeedEngaged: 'Push the built-in dual feed down behind the foot until it clicks',
  leverUp: 'Push the buttonhole lever{where} up',
  leverDownAndBack: 'Pull the buttonhole lever{where} all the way down and push it back',
  stepDialBack: 'Turn the buttonhole dial{where} back from its numbers',
  turnHandwheel:
    'Foot off the pedal. Turn the handwheel toward you by hand through one full stitch: the needle must touch ' +
    'neither foot nor plate',
  fitThisNeedle: (needle) => `Fit the ${needle}, pushed fully up`,
  takeThisNeedleOut: (needle) => `Take the ${needle} out, its thread too`,
  fingerOn: 'Bring the stitch finger back on',
  fingerOff: 'Slide the stitch finger off',
  upperKnifeEngaged: 'Engage the upper knife',
  upperKnifeDisengaged: 'Disengage the upper knife',
  lowerKnifeForward: 'Bring the lower knife forward',
  lowerKnifeRetracted: 'Retract the lower knife',
  hemStandard: 'Turn the hem selector to standard',
  hemRolled: 'Turn the hem selector to rolled',
  coverShut: 'Shut the looper cover',
  coverOpen: 'Open the looper cover',
  turnThroughOneStitch:
    'Foot off the pedal. Turn the handwheel toward you by hand through one full stitch: nothing may catch',
  converterOff: 'Take the two-thread converter off the upper looper',
  converterOn: 'Put the two-thread converter on the upper looper',
  modeOverlock: 'Turn the mode selector to overlock',
  modeCover: 'Turn the mode selector to cover',
  overlockTable: 'Put the overlock table back on',
  coverTable: 'Put the cover table on in its place',
  pedalWouldDrive: 'a foot on the pedal would drive the needle',
  hookTurns: 'the hook turns where the fingers are',
  needleInTheWay: 'the needle stands in the way',
  clampWithNeedleUp: 'the clamp is reached with the needle up',
  footPresses: 'the foot presses on what is to come off',
  discsOpenWithFootUp: 'the tension discs open only with the foot up',
  threadedWithNeedleUp: 'a needle is threaded with its eye above the work and the take-up at its top',
  footBeforeCarrier: 'the foot comes off before what carries it',
  leverBeforeFoot: 'the lever stands behind the stop of the foot',
  adapterWhereAnkleWas: 'the adapter goes where the ankle was',
  panelIsDark: 'its panel is dark',
  dialBendsNeedle: 'a dial turned with the needle in the fabric bends it',
  firstByHand: 'first by hand: the needle must touch nothing',
  handsAtLoopers: 'hands are at needles and loopers',
  clampWithNeedlesUp: 'the clamp is reached with the needles up',
  needlesInTheWay: 'the needles stand in the way',
  loopersFirst: 'loopers first, needles last, or the threads catch below',
  converterClosesEye: 'the converter closes the eye of the upper looper',
  loopersBehindCover: 'the loopers are reached with their cover open',
  loopersMoveBehindCover: 'the loopers move behind it',
  fingersAtLoopers: 'fingers or fabric could come to the loopers',
  bobbinBeneath: 'the bobbin lies beneath the attachment',
  handsAtNeedles: 'hands are at the needles',
  handsAtBlades: 'hands are at the blades',
  lowerKnifeInFront: 'the lower knife stands in front of it',
  upperKnifeOver: 'the upper knife lies over it',
  loopersMove: 'loopers move when it is turned',
  needlesBetweenLoopers: 'the needles stand between the loopers',
  tableWhereKnifeWorks: 'the table goes where the upper knife works',
  coversBobbin: 'it covers the bobbin',
  liesOver: 'it lies over it',
  tightenClamp: 'Tighten the clamp screw, or it shakes loose',
  tightenAdapter: 'Tighten its screw with a driver, not by finger',
  tightenAnkle: 'Tighten its screw with a driver',
  feedDogsRise: 'They rise at the next turn of the handwheel',
  leverAgain: 'After each buttonhole put the lever up, and down again for the next',
  tightenItsClamp: 'Tighten its clamp screw, or it shakes loose',
  tightenItsClampThreadLast: 'Tighten its clamp screw; thread it last',
  listenForClick: 'Listen for its click; by hand, turn the handwheel a little if it does not come',
  forkOverClamp: 'Its fork goes over the needle clamp; tighten its screw with a driver',
  offForFootNeedlePlate: 'Off whenever a foot, needle or needle plate is changed, and while the needle is threaded.',
  holdNeedleByShank: 'Hold the needle by its shank; the old one goes into the needle box.',
  keepOutOfOpening: 'Keep fingers and screws out of the opening.',
  offForNeedlesLoopersKnives: 'Off whenever hands are at needles, loopers or knives.',
  bladesByLevers: 'Blades: move them by their levers, never by the edge.',
  findEveryPiece: 'Find every piece of the needle before going on.',
  pinIsSharp: 'The pin is sharp: its cap stays on until the fabric is on it.',
}
