/** What the desk says: stops, the ladder, the thread jam, causes. */
import { sewsWithLoopers } from '#core/catalogue/kinds'
import { isParameter } from '#core/catalogue/parameters'
import type { Kind } from '#core/catalogue/types'
import { UNNAMED_STOP } from '#core/desk/cases'
import type { Cause, Diagnosis } from '#core/desk/diagnosis'
import type { WorkedCount } from '#core/desk/worked'
import type { LadderRung } from '#core/desk/ladder'
import type { Trial } from '#core/practice/trial'
import { formatNumber } from '#core/units/format'
import { placeWord, shownIn } from './practice'
import { capital, controlWord, parameterWord } from './words'

/** At a stop word nothing else is said. */
export const stopText = (stop: { id: string; firstAid: boolean }): string[] => [
  ...(stop.id === UNNAMED_STOP ? ['It sounds as if somebody may be hurt, or the machine dangerous.'] : []),
  ...(stop.firstAid
    ? [
        'Help the person first: switch off, do not pull a needle out by force, stop the bleeding, get medical help.',
        'After a shock: do not touch the person before the plug is out; call emergency help.',
      ]
    : []),
  'Switch off and unplug the machine. Do not sew on, do not open it.',
  'Bring it to a qualified technician. No setting helps here.',
]

export const stopWord = (id: string): string => STOP_WORDS[id] ?? id
const STOP_WORDS: Record<string, string> = {
  finger: 'somebody is hurt',
  shock: 'electric shock',
  smoke: 'smoke or fire',
  smell: 'burning smell',
  sparks: 'sparks or a flash',
  cord: 'cord, plug or fuse',
  liquid: 'liquid in the machine',
  runs: 'runs by itself',
  hums: 'the motor strains without turning',
  seized: 'it is seized',
  pedal: 'hot foot control',
  hot: 'hot motor, cord or housing',
  damaged: 'dropped or broken housing',
  inside: 'inside the covers',
  [UNNAMED_STOP]: 'it may be dangerous',
}

/** How a rung is done on this model. */
export const rungText = (rung: LadderRung, itemName: (id: string) => string): string => {
  switch (rung.id) {
    case 'danger':
      return (
        'First of all: nobody hurt; no shock, sparks, smoke, burning smell or liquid; nothing hot, seized, dropped; ' +
        'it does not run by itself.'
      )
    case 'what':
      return 'What exactly happens: from the first stitch, or after a while? On this fabric alone?'
    case 'rethread':
      return 'Presser foot up, then thread anew from the spool: every guide, the take-up lever, the needle.'
    case 'needle': {
      const { system, point, size } = rung.needle ?? {}
      const which = [point, size === undefined ? '' : `size ${size}`].filter(Boolean).join(', ')
      const needle = rung.needle ? `A new needle: ${which}${system ? ` (${system})` : ''}.` : 'A new needle.'
      return `${needle} Switched off; the right way round, fully up, screw tight.`
    }
    case 'bobbin':
      return (
        `Bobbin${rung.bobbin === undefined ? '' : ` of class ${rung.bobbin} and no other`}, in the right ` +
        'direction, thread under its spring.'
      )
    case 'loopers':
      return (
        'Presser foot up, then thread anew from the cones in the order of the book: loopers first, the needles last. ' +
        'Thread nets and cones free.'
      )
    case 'lint':
      return 'Switched off and unplugged: needle plate off, brush lint and thread ends out; nothing with air.'
    case 'foot':
      return (
        `The right foot${rung.foot === undefined ? '' : `: ${itemName(rung.foot)}`}, the right way round, tight; ` +
        'presser foot down to sew.'
      )
    case 'pedal':
      return rung.startKey
        ? 'Foot control plugged in, or the start key: one of the two works at a time.'
        : `Foot control plugged in firmly; ${rung.winder ? 'bobbin winder pushed back' : 'all covers shut'}.`
  }
}

/** Off, by hand, never pull; for a kind of machine, else for one with a bobbin. */
export const jamScript = (kind: Kind | undefined): readonly string[] => {
  const loops = kind !== undefined && sewsWithLoopers(kind)
  const knives = loops && kind !== 'coverstitch'
  return [
    'Switch the machine off.',
    'Turn the handwheel by hand, toward you, until the needle is up. If it will not turn, do not force it: to the ' +
      'workshop.',
    'Presser foot up.',
    'Cut the threads under the fabric, close to it, with fine scissors. Never pull the fabric out.',
    loops
      ? 'Lift the fabric away. Open the looper cover and pick every thread end off the loopers' +
        `${knives ? ', fingers clear of the knives' : ''}.`
      : 'Lift the fabric away. Take the bobbin out, pick every thread end out of its race.',
    'A new needle: the old one is bent or blunt.',
    loops
      ? 'Thread anew with the foot up, loopers first, the needles last; shut the cover. Hold the tails behind the ' +
        'foot for the first stitches.'
      : 'Thread anew with the foot up, bobbin in; hold both tails behind the foot for the first stitches.',
    'Sew a scrap.',
  ]
}

/** A cause in a line: what is off and what to do. */
export const causeText = (
  { text, difference, parameter, toward, comparison }: Cause,
  trial: Trial | undefined,
): string => {
  // What mends the one way makes the other worse: only the difference is told.
  if (comparison === 'otherWay' && difference && trial) return differenceText(difference, trial)
  const off = difference && trial ? differenceText(difference, trial) : undefined
  const named = parameter === undefined || text ? undefined : `${parameterWord(parameter)} too ${toward ?? 'far off'}`
  return [off ?? named, text]
    .filter((part) => part !== undefined && part !== '')
    .map((part, i) => (i === 0 ? capital(part as string) : part))
    .join(': ')
}

export const differenceText = ({ control, at, wanted }: Diagnosis['differences'][number], trial: Trial): string => {
  const said = (text: string) =>
    isParameter(control) ? shownIn(trial, control, Number(text)) : placeWord(trial, control, text)
  const name = isParameter(control) ? parameterWord(control) : controlWord(control)
  return `${capital(name)} ${said(at)}, not ${said(wanted)}`
}

/** Why it stands where it does. */
export const groundText = ({ comparison, named, history, difference }: Cause): string => {
  const grounds = [
    comparison === 'differs'
      ? difference?.steps === undefined
        ? 'differs from the card'
        : `${formatNumber(Math.round(difference.steps * 10) / 10)} steps off`
      : comparison === 'otherWay'
        ? 'off the other way than this comes of'
        : comparison === 'asCard'
          ? 'stands as the card says'
          : comparison === 'notTold'
            ? 'not looked at yet'
            : comparison === 'unstated'
              ? 'nobody has said how it should stand'
              : 'not seen in the settings',
    ...(named ? [] : ['this trouble does not name it']),
    ...(history.of > 0 ? [`${history.was} of ${history.of} ${history.of === 1 ? 'case' : 'cases'}`] : []),
  ]
  return grounds.join('; ')
}

export const outcomeWord = (outcome: string): string =>
  ({ open: 'Open', solved: 'Solved', workshop: 'To the workshop', noAnswer: 'No answer' })[outcome] ?? outcome

/** `card`, `practice`: addresses that open without an account. */
export const cardMessage = (
  technique: string,
  name: string,
  links: { card: string; practice?: string },
): { subject: string; text: string } => {
  const practice =
    links.practice === undefined ? '' : `\nTo practise it on a machine that cannot break:\n${links.practice}\n`
  return {
    subject: `Your card: ${technique}`,
    text:
      `Dear ${name},\n\nhere is the card for ${technique.toLowerCase()} on your machine. ` +
      `On a screen:\n${links.card}\n${practice}\n` +
      'Sew a scrap first: same fabric, same layers. Your machine’s own manual stands above a card.\n',
  }
}

export const sheetMessage = (words: string, name: string): { subject: string; text: string } => ({
  subject: words,
  text:
    `Dear ${name},\n\nhere it is to print: at 100 %, not “fit to page”. Lay a ruler on the 50 mm bar before you ` +
    `use it.\n`,
})

/** By customers' telephones; empty where none has said anything. */
export const workedText = ({ now, otherwise }: WorkedCount): string =>
  capital(
    [
      ...(now > 0 ? [`it worked for ${countedCustomers(now)}`] : []),
      ...(otherwise > 0 ? [`it worked with other values for ${countedCustomers(otherwise)}`] : []),
    ].join('; '),
  )

const countedCustomers = (count: number) => (count === 1 ? 'a customer' : `${count} customers`)
