/**
 * What the usual controls and rules say, by code: the sentences are made elsewhere (`shared/messages/usual.ts`). What a
 * shop wrote itself is its own text.
 */
export const USUAL_TEXTS = [
  // how to put a control there
  'needleUp',
  'needleDown',
  'needlesUp',
  'needlesDown',
  'footUp',
  'footDown',
  'bobbinFull',
  'switchOff',
  'switchOn',
  'feedDogsUp',
  'feedDogsDown',
  'dualFeedOff',
  'dualFeedEngaged',
  'leverUp',
  'leverDownAndBack',
  'stepDialBack',
  'turnHandwheel',
  'fitThisNeedle',
  'takeThisNeedleOut',
  'fingerOn',
  'fingerOff',
  'upperKnifeEngaged',
  'upperKnifeDisengaged',
  'lowerKnifeForward',
  'lowerKnifeRetracted',
  'hemStandard',
  'hemRolled',
  'coverShut',
  'coverOpen',
  'turnThroughOneStitch',
  'converterOff',
  'converterOn',
  'modeOverlock',
  'modeCover',
  'overlockTable',
  'coverTable',
  // why a move waits
  'pedalWouldDrive',
  'needleInTheWay',
  'hookTurns',
  'clampWithNeedleUp',
  'footPresses',
  'discsOpenWithFootUp',
  'threadedWithNeedleUp',
  'footBeforeCarrier',
  'leverBeforeFoot',
  'adapterWhereAnkleWas',
  'panelIsDark',
  'dialBendsNeedle',
  'firstByHand',
  'handsAtLoopers',
  'clampWithNeedlesUp',
  'needlesInTheWay',
  'loopersFirst',
  'converterClosesEye',
  'loopersBehindCover',
  'loopersMoveBehindCover',
  'fingersAtLoopers',
  'bobbinBeneath',
  'handsAtNeedles',
  'handsAtBlades',
  'lowerKnifeInFront',
  'upperKnifeOver',
  'loopersMove',
  'needlesBetweenLoopers',
  'tableWhereKnifeWorks',
  'coversBobbin',
  'liesOver',
  // what a move leaves to do
  'tightenClamp',
  'tightenAdapter',
  'tightenAnkle',
  'leverAgain',
  'feedDogsRise',
  'tightenItsClamp',
  'tightenItsClampThreadLast',
  'listenForClick',
  'forkOverClamp',
  // what to mind
  'offForFootNeedlePlate',
  'holdNeedleByShank',
  'keepOutOfOpening',
  'offForNeedlesLoopersKnives',
  'bladesByLevers',
  'pinIsSharp',
  'findEveryPiece',
] as const

export type UsualText = (typeof USUAL_TEXTS)[number]

const PREFIX = 'usual:'

export const usual = (code: UsualText): string => PREFIX + code

/** The code of a usual text; undefined for a shop's own. */
export const usualCode = (text: string): UsualText | undefined =>
  text.startsWith(PREFIX) ? (text.slice(PREFIX.length) as UsualText) : undefined
