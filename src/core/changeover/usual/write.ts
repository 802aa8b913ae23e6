/** Short ways to write the usual controls and rules of a kind down. */
import type { ControlRule, Controls } from '../../catalogue/types'
import { ANY } from '../positions'

export type Control = Controls['controls'][string]

/** What a kind usually has; `only`: controls that a model has only with one of these feature words. */
export interface Usual extends Controls {
  only: Record<string, string[]>
}

export const control = (
  habit: number,
  seconds: number,
  positions: string[],
  say: Record<string, string> = {},
): Control => ({ positions, seconds, habit, ...(Object.keys(say).length > 0 ? { say } : {}) })

/** A control that takes any word: a foot, a thread, a value. */
export const open = (habit: number, seconds: number, ...listed: string[]): Control =>
  control(habit, seconds, [...listed, ANY])

/** "Each of these moves only while …" */
export const needing = (needs: Record<string, string[]>, because: string, ...moved: string[]): ControlRule[] =>
  moved.map((id) => ({
    id: `${slug(id)}-${Object.entries(needs)
      .map(([other, at]) => `${slug(other)}-${at.map(slug).join('-')}`)
      .join('-')}`,
    needs,
    for: { control: id },
    because,
  }))

export const duty = (after: ControlMove, text: string): ControlRule => ({
  id: `duty-${slug(after.control)}${after.to === undefined ? '' : `-${slug(after.to)}`}`,
  duty: text,
  after,
})

export const hazard = (on: ControlMove, text: string): ControlRule => ({
  id: `hazard-${slug(on.control)}${on.to === undefined ? '' : `-${slug(on.to)}`}`,
  hazard: text,
  on,
})

export const resetting = (
  id: string,
  after: ControlMove,
  resets: Record<string, string> | 'stitchDefaults',
): ControlRule => ({ id, resets, after })

/** "The power comes on only while …" */
export const onlyToRun = (needs: Record<string, string[]>, because: string): ControlRule[] =>
  needing(needs, because, 'power').map((rule) =>
    'needs' in rule ? { ...rule, for: { control: 'power', to: 'on' } } : rule,
  )

/** What was moved is looked at by hand before the machine runs again. */
export const turnAgainAfter = (id: string): ControlRule =>
  resetting(`turn-after-${slug(id)}`, { control: id }, { handwheel: 'due' })

interface ControlMove {
  control: string
  to?: string
}

const slug = (text: string): string =>
  text
    .replace(/([a-z])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
