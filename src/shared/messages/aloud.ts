/** The card in the order it is read out on the phone, one line at a time. */
import type { Card, CardStage } from '#core/card/card'
import type { CardMove, CardStep } from '#core/card/steps'
import { speech } from './en'
import { moveText, stepText } from './steps'
import { ruleWords } from './usual'
import { standingText } from './values'
import { kindWord, parameterWord, sideWord, threadPlaceWord } from './words'

export interface AloudLine {
  about: string
  text: string
  caution?: boolean
}

/** Told at their own place in the order of the phone. */
const NOT_LEVERS: ReadonlySet<string> = new Set([
  'power',
  'needleHeight',
  'footLift',
  'feedDogs',
  'dualFeed',
  'handwheel',
])

export const aloudLines = (card: Card, stage: CardStage): AloudLine[] => {
  const say = speech(card.names)
  const { answer } = stage
  const steps = stage.steps.map((step) => ({ step, words: stepText(step, say) }))
  const authored = (phase: string) =>
    steps.flatMap(({ step, words }) =>
      step.step === 'authored' && step.phase === phase
        ? [
            { about: phase === 'sew' ? 'Sewing' : phase === 'prepare' ? 'Fabric' : 'After', text: words.text },
            ...(words.caution ? [{ about: 'Caution', text: words.caution, caution: true }] : []),
          ]
        : [],
    )
  const moves = stage.steps.flatMap((step) => (step.step === 'moves' ? step.moves : []))
  const moving = (about: string, which: (move: CardMove) => boolean): AloudLine[] =>
    moves
      .filter(which)
      .flatMap((move) => [
        ...move.hazards.map((text) => ({ about: 'Caution', text: ruleWords(text, move.control), caution: true })),
        { about, text: `${moveText(move, say)}.` },
        ...move.duties.map((text) => ({ about, text: `${ruleWords(text, move.control)}.` })),
      ])
  const off = moves.some(({ control, to }) => control === 'power' && to === 'off')
  const on = moves.findLastIndex(({ control, to }) => control === 'power' && to === 'on')
  const isLever = (move: CardMove): boolean => move.means === 'position' && !NOT_LEVERS.has(move.control)
  const fromSteps = (kind: CardStep['step'], about: string): AloudLine[] =>
    steps.flatMap(({ step, words }) =>
      step.step === kind ? [{ about, text: words.text, caution: kind !== 'scrap' }] : [],
    )
  return [
    { about: 'Machine', text: `Is it the ${card.model.make} ${card.model.name}, ${kindWord(card.model.kind)}?` },
    {
      about: 'Fabric',
      text: `${card.fabric.name}, ${card.fabric.layers === 1 ? 'one layer' : `${card.fabric.layers} layers`}.`,
    },
    ...authored('prepare'),
    ...fromSteps('look', 'Look first'),
    ...fromSteps('blocked', 'Stop'),
    ...(off ? [{ about: 'Power', text: 'Needle up, foot up. Switch off.', caution: true }] : []),
    { about: 'Needle', text: `Needle: ${answer.needle.point}, size ${answer.needle.size}.` },
    ...answer.threads.map(({ place, thread }) => ({
      about: 'Thread',
      text: `Thread for the ${threadPlaceWord(place)}: ${card.names.threads[thread] ?? thread}.`,
    })),
    ...(stage.plate
      ? [
          {
            about: 'Needle plate',
            text:
              `${stage.plate.change ? 'Change to the' : 'Needle plate on the machine: the'} ` +
              `${say.item(stage.plate.id)}.`,
          },
        ]
      : []),
    ...moving('Adapter', ({ control }) => control === 'adapter' || control === 'ankle'),
    ...(stage.foot
      ? [
          {
            about: 'Foot',
            text: `Foot: look for the mark ${card.names.items[stage.foot.id]?.code ?? stage.foot.id} on it.`,
          },
        ]
      : []),
    ...moving('Accessory', ({ control }) => control === 'accessory'),
    ...moving('Levers', (move) => isLever(move) && moves.indexOf(move) < on),
    ...moving('Feed', ({ control }) => control === 'feedDogs' || control === 'dualFeed'),
    ...(off ? [{ about: 'Power', text: 'Switch on.' }] : []),
    { about: 'Stitch', text: `Choose ${answer.select}.` },
    { about: 'What it shows', text: 'What does it show now?' },
    ...stage.changes.map((value) => ({
      about: 'Change',
      text: `${parameterWord(value.parameter)}: ${value.setting.shown}. ${standingText(value, answer.setup)}`,
    })),
    ...stage.unchanged
      .filter(({ act }) => act === 'silent')
      .map(({ parameter, setting }) => ({
        about: 'Change',
        text: `${parameterWord(parameter)}: ${setting.reasons.map((reason) => say.reason(reason)).join(' ')}`,
      })),
    ...(stage.changes.length === 0 ? [{ about: 'Change', text: 'Leave everything as it stands.' }] : []),
    ...moving('Levers', (move) => isLever(move) && moves.indexOf(move) > on),
    ...moving('Handwheel', ({ control }) => control === 'handwheel'),
    ...fromSteps('scrap', 'Scrap'),
    ...authored('sew'),
    ...stage.inspect.map(({ side, good }) => ({ about: 'Look', text: `${sideWord(side)}: ${good}.` })),
    ...authored('finish'),
  ]
}
