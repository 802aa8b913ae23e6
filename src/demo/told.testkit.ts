/** Every text that a card tells: its steps, what comes in between, the way back, what is wrong, what is set. */
import type { Card, CardStage } from '#core/card/card'
import { speech } from '#shared/messages/en'
import { toldCauseText } from '#shared/messages/faults'
import { procedureWords, type StepWords } from '#shared/messages/procedure'
import { standingText } from '#shared/messages/values'
import { parameterWord, phaseWord } from '#shared/messages/words'

const textsOf = ({ text, check, cautions, ifWrong }: StepWords): string[] => [
  text,
  ...(check === undefined ? [] : [check]),
  ...cautions,
  ...(ifWrong === undefined ? [] : [ifWrong]),
]

export const toldTexts = (card: Card, stage: CardStage): string[] => {
  const say = speech(card.names)
  const words = procedureWords(stage.procedure, say)
  const sides = [...(words.next ? [words.next] : []), ...words.interruptions].flatMap(({ steps }) => steps)
  return [
    ...[...words.steps, ...sides, ...words.back].flatMap(textsOf),
    ...stage.procedure.faults.flatMap(({ causes }) => causes.map(toldCauseText)),
    ...[...stage.changes, ...stage.unchanged].flatMap((value) => [
      standingText(value, stage.answer.setup),
      ...value.setting.reasons.map((reason) => say.reason(reason)),
    ]),
    ...stage.answer.reasons.map((reason) => say.reason(reason)),
    ...stage.answer.cautions.map((reason) => say.reason(reason)),
  ].filter((text) => text !== '')
}

/** A stage as it is read, line by line. */
export const toldPage = (card: Card, stage: CardStage): string => {
  const say = speech(card.names)
  const words = procedureWords(stage.procedure, say)
  let phase = ''
  const line = (step: StepWords): string[] => {
    const head = step.phase === phase ? [] : [`  [${phaseWord(step.phase)}]`]
    phase = step.phase
    return [
      ...head,
      ...step.cautions.map((caution) => `      ! ${caution}`),
      `  ${String(step.number).padStart(3)}. ${step.text}`,
      ...(step.check ? [`      ? ${step.check}`] : []),
      ...(step.ifWrong ? [`      × ${step.ifWrong}`] : []),
    ]
  }
  const values = stage.changes.map(
    (value) =>
      `  ${parameterWord(value.parameter)} ${value.setting.shown}: ` +
      [standingText(value, stage.answer.setup), ...value.setting.reasons.map((reason) => say.reason(reason))]
        .filter(Boolean)
        .join(' '),
  )
  return [
    `── ${stage.name}: ${stage.answer.select}${stage.foot ? `, ${say.item(stage.foot.id)}` : ''}`,
    ...values,
    ...words.steps.flatMap(line),
    ...(words.next ? [`  ${words.next.title}:`, ...words.next.steps.flatMap(line)] : []),
    '  Back to normal sewing:',
    ...words.back.flatMap(line),
    ...stage.procedure.faults.map(({ name, causes }) => `  ${name}: ${causes.map(toldCauseText).join('; ')}`),
  ].join('\n')
}
