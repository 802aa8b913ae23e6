/**
 * Circles sewn in stages on one pivot: each stage's radius, its thread, and what the bobbin must hold. (workbench,
 * Circles)
 */
import type { Mm } from '../units/quantities'
import { figure, within, type Figure } from './figure'
import { perStitch } from './thread'

export interface CircleStage {
  name: string
  /** Of the needle, right positive. */
  position: Mm
  width: Mm
  length: Mm
  /** Times around. */
  rounds?: number
}

export interface StageOnCircle {
  name: string
  radius: Figure
  /** Metres of each of the two threads. */
  thread: Figure
}

/** A needle moved away from the pivot widens the circle: to the right where the pivot is left of it. */
export const stageRadius = (pivot: Mm, side: 'left' | 'right', position: Mm): Figure => {
  const from = { pivot: within('radius', pivot, 0, 2000, true), needle: within('needle', position, -20, 20) }
  const radius = side === 'left' ? pivot + position : pivot - position
  within('radius of a stage', radius, 0, 2000, true)
  return figure('mm', side === 'left' ? 'pivot + needle' : 'pivot − needle', from, radius)
}

/** All stages on one pivot setting, and their thread together: the bobbin is covered and cannot be changed between. */
export const circleStages = (
  pivot: Mm,
  side: 'left' | 'right',
  stages: readonly CircleStage[],
  thickness: Mm,
): { stages: StageOnCircle[]; thread: Figure } => {
  const placed = stages.map(({ name, position, width, length, rounds = 1 }): StageOnCircle => {
    const radius = stageRadius(pivot, side, position)
    const stitch = perStitch(length, width, thickness)
    const around = 2 * Math.PI * radius.value
    const from = {
      r: radius.value,
      L: length,
      'a stitch’s thread': stitch.value,
      rounds: within('rounds', rounds, 1, 20),
    }
    return {
      name,
      radius,
      thread: figure(
        'm',
        '2 × π × r / L × a stitch’s thread × rounds / 1000',
        from,
        ((around / length) * stitch.value * rounds) / 1000,
      ),
    }
  })
  const parts = Object.fromEntries(placed.map(({ name, thread }) => [name, thread.value]))
  const sum = Object.values(parts).reduce((all, one) => all + one, 0)
  return { stages: placed, thread: figure('m', Object.keys(parts).join(' + ') || 'nothing', parts, sum) }
}
