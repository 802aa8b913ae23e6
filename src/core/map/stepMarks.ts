/** Where the steps of a procedure are done: each control that they move, with its place and the steps' numbers. */
import { MACHINE_VIEWS, type ControlPlace, type MachineView } from '../catalogue/types'
import { movesOf } from '../procedure/moves'
import type { ToldStep } from '../procedure/types'

export interface StepMark {
  control: string
  place: ControlPlace
  /** Of the steps, from 1, in their order. */
  numbers: number[]
}

export interface ViewMarks {
  view: MachineView
  marks: StepMark[]
}

/** Controls that a step speaks of. */
export const controlsIn = (step: ToldStep): string[] =>
  step.tells === 'look' ? step.controls.map(({ control }) => control) : movesOf(step).map(({ control }) => control)

/** By view, in the usual order of views; a control without a place is told in words alone. */
export const stepMarks = (steps: readonly ToldStep[], places: Readonly<Record<string, ControlPlace>>): ViewMarks[] => {
  const marks = new Map<string, StepMark>()
  steps.forEach((step, i) => {
    for (const control of controlsIn(step)) {
      const place = places[control]
      if (!place) continue
      const mark = marks.get(control) ?? { control, place, numbers: [] }
      if (!mark.numbers.includes(i + 1)) mark.numbers.push(i + 1)
      marks.set(control, mark)
    }
  })
  return byView([...marks.values()])
}

/** All that have a place, whatever the steps say of them. */
export const placeMarks = (places: Readonly<Record<string, ControlPlace>>): ViewMarks[] =>
  byView(Object.entries(places).map(([control, place]) => ({ control, place, numbers: [] })))

const byView = (marks: readonly StepMark[]): ViewMarks[] =>
  MACHINE_VIEWS.flatMap((view) => {
    const own = marks.filter(({ place }) => place.view === view)
    return own.length === 0 ? [] : [{ view, marks: own }]
  })
