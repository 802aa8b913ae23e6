import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import type { Answer, Question } from '#core/answer/types'
import { workbenchInputOf } from '#core/card/workbenchInput'
import { indexCatalogue } from '#core/catalogue/index'
import type { Bundle } from '#core/catalogue/types'
import { workbenchContextOf, type Calculator, type FieldValues, type WorkbenchContext } from './calculator'
import { readField } from './readField'

/** A card, and the workbench beside it. */
export const benchesOf = (bundle: Bundle) => {
  const index = indexCatalogue(bundle)
  const snapshot = { index, fitOf: fitLookup(index), bundle }
  return (question: Question): { answer: Answer; bench: WorkbenchContext } => {
    const answer = explain(snapshot, question)
    const model = index.models.get(question.model)
    const fabric = index.fabrics.get(question.fabric)
    const technique = index.techniques.get(question.technique)
    if (!model || !fabric || !technique) throw new Error(`no ${question.model} or no ${question.fabric}`)
    return { answer, bench: workbenchContextOf(workbenchInputOf(snapshot, { model, fabric, technique, answer })) }
  }
}

/** As the page reads a calculator: what was typed, else what lies in hand, else the example. */
export const valuesOf = (
  calculator: Calculator,
  bench: WorkbenchContext,
  typed: Record<string, string>,
): FieldValues => {
  const starts = calculator.start?.(bench, (id) => typed[id]) ?? {}
  const text = (id: string, start: string) => typed[id] ?? starts[id]?.text ?? start
  const choice = (id: string) => text(id, calculator.fields(() => '', bench).find((one) => one.id === id)?.start ?? '')
  const read = (id: string) => {
    const field = calculator.fields(choice, bench).find((one) => one.id === id)
    if (!field) throw new Error(`${calculator.id} asks for ${id}, which has no field`)
    return readField(field, text(id, field.start))
  }
  return {
    choice,
    number: (id) => {
      const got = read(id)
      if (!('value' in got)) throw new Error(`${calculator.id} ${id}: ${JSON.stringify(got)}`)
      return got.value
    },
    text: (id) => text(id, calculator.fields(choice, bench).find((one) => one.id === id)?.start ?? ''),
    numbers: (id) => (read(id) as { values: number[] }).values,
  }
}
