/** The card in the order it is read out on the phone, one line at a time. */
import type { Card, CardStage } from '#core/card/card'
import { showValue } from '#core/answer/show'
import { speech } from './en'
import { stepText } from './steps'
import { featureWord, kindWord, parameterWord, sideWord, threadPlaceWord } from './words'

export interface AloudLine {
  about: string
  text: string
  caution?: boolean
}

export const aloudLines = (card: Card, stage: CardStage): AloudLine[] => {
  const say = speech(card.names)
  const { answer } = stage
  const steps = stage.steps.map((step) => ({ step, told: stepText(step, say) }))
  const authored = (phase: string) =>
    steps.flatMap(({ step, told }) =>
      step.step === 'authored' && step.phase === phase
        ? [
            { about: phase === 'sew' ? 'Sewing' : phase === 'prepare' ? 'Fabric' : 'After', text: told.text },
            ...(told.caution ? [{ about: 'Caution', text: told.caution, caution: true }] : []),
          ]
        : [],
    )
  const one = (kind: string, about: string): AloudLine[] =>
    steps.flatMap(({ step, told }) => (step.step === kind ? [{ about, text: told.text }] : []))
  return [
    { about: 'Machine', text: `Is it the ${card.model.make} ${card.model.name}, ${kindWord(card.model.kind)}?` },
    {
      about: 'Fabric',
      text: `${card.fabric.name}, ${card.fabric.layers === 1 ? 'one layer' : `${card.fabric.layers} layers`}.`,
    },
    ...authored('prepare'),
    { about: 'Power', text: 'Needle up, foot up. Switch off.', caution: true },
    { about: 'Needle', text: `Needle: ${answer.needle.point}, size ${answer.needle.size}.` },
    ...answer.threads.map(({ place, thread }) => ({
      about: 'Thread',
      text: `Thread for the ${threadPlaceWord(place)}: ${card.names.threads[thread] ?? thread}.`,
    })),
    ...(stage.plate
      ? [
          {
            about: 'Needle plate',
            text: `${stage.plate.change ? 'Change to the' : 'Needle plate on the machine: the'} ${say.item(stage.plate.id)}.`,
          },
        ]
      : []),
    ...one('adapter', 'Adapter'),
    ...(stage.foot
      ? [
          {
            about: 'Foot',
            text: `Foot: look for the mark ${card.names.items[stage.foot.id]?.code ?? stage.foot.id} on it.`,
          },
        ]
      : []),
    ...one('accessory', 'Accessory'),
    ...one('controls', 'Levers'),
    ...stage.feedAids.map((feature) => ({ about: 'Feed', text: `Use ${featureWord(feature)}.` })),
    { about: 'Power', text: 'Switch on.' },
    { about: 'Stitch', text: `Choose ${answer.select}.` },
    { about: 'What it shows', text: 'What does it show now?' },
    ...stage.changes.map(({ parameter, setting, scale }) => ({
      about: 'Change',
      text: `${parameterWord(parameter)}: ${setting.shown}.${
        setting.default === undefined
          ? ''
          : ` It starts at ${showValue(setting.default, parameter, scale, answer.setup)}.`
      }`,
    })),
    ...(stage.changes.length === 0 ? [{ about: 'Change', text: 'Leave everything as the machine gives it.' }] : []),
    ...one('handwheel', 'Handwheel'),
    ...one('scrap', 'Scrap'),
    ...authored('sew'),
    ...stage.inspect.map(({ side, good }) => ({ about: 'Look', text: `${sideWord(side)}: ${good}.` })),
    ...authored('finish'),
  ]
}
