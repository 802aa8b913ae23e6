/** A stage's procedure as it is read out, a line at a time: the steps as they are, each caution and check by itself. */
import type { Card, CardStage } from '#core/card/card'
import { speech } from './en'
import { procedureWords, type StepWords } from './procedure'
import { capital, kindWord, phaseWord } from './words'

export interface AloudLine {
  about: string
  text: string
  caution?: boolean
  /** The step it belongs to; left out for the line that says what is sewn on what. */
  step?: string
}

export interface AloudSide {
  title: string
  lines: AloudLine[]
}

export interface Aloud {
  lines: AloudLine[]
  /** What is read when its moment comes, and then where it was left. */
  sides: AloudSide[]
}

export const aloud = (card: Card, stage: CardStage): Aloud => {
  const words = procedureWords(stage.procedure, speech(card.names))
  const { fabric, model } = card
  const layers = fabric.layers === 1 ? 'one layer' : `${fabric.layers} layers`
  const where = stage.answer.model === card.question.model ? `${model.make} ${model.name}` : stage.modelName
  const back = words.back.length > 0 ? [{ title: 'Back to normal sewing', steps: words.back }] : []
  return {
    lines: [
      { about: stage.name, text: `${where}, ${kindWord(stage.kind)}. ${fabric.name}, ${layers}.` },
      ...words.steps.flatMap(linesOf),
    ],
    sides: [...(words.next ? [words.next] : []), ...words.interruptions, ...back].map(({ title, steps }) => ({
      title,
      lines: steps.flatMap(linesOf),
    })),
  }
}

const linesOf = ({ id, phase, number, text, check, cautions, ifWrong }: StepWords): AloudLine[] => {
  const about = `${number}, ${phaseWord(phase)}`
  return [
    ...cautions.map((caution) => ({ about: 'Caution', text: caution, caution: true, step: id })),
    { about, text, step: id },
    ...(check === undefined ? [] : [{ about: 'Check', text: `${capital(check)}.`, step: id }]),
    ...(ifWrong === undefined ? [] : [{ about: 'If not', text: ifWrong, step: id }]),
  ]
}
