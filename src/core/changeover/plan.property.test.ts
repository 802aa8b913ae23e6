import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { ControlRule, Controls, Positions } from '../catalogue/types'
import { planChangeover } from './plan'
import { everySequence, everyState, leastSeconds, mayMove, movedTo } from './reference.testkit'
import { moveOnce } from './simulate'
import { runs } from '../runs.testkit'

const NAMES = ['ankle', 'bobbin', 'case', 'dial', 'edge', 'finger']
const PLACES = ['one', 'two', 'three']

/** A small machine with any rules at all, sensible or not. */
const machine: fc.Arbitrary<Controls> = fc
  .record({
    sizes: fc.array(fc.integer({ min: 2, max: 3 }), { minLength: 2, maxLength: 5 }),
    seconds: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 6, maxLength: 6 }),
    habits: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 6, maxLength: 6 }),
    needs: fc.array(fc.tuple(fc.nat(9), fc.nat(9), fc.nat(9), fc.nat(9), fc.nat(9), fc.nat(3)), { maxLength: 6 }),
    resets: fc.array(fc.tuple(fc.nat(9), fc.nat(9), fc.nat(9), fc.nat(9)), { maxLength: 2 }),
  })
  .map(({ sizes, seconds, habits, needs, resets }) => {
    const names = NAMES.slice(0, sizes.length)
    const at = (list: readonly string[], n: number): string => list[n % list.length] as string
    const placesOf = (name: string) => PLACES.slice(0, sizes[names.indexOf(name)])
    const rules: ControlRule[] = needs.flatMap(([a, b, x, y, z, shape], i) => {
      const [control, other] = [at(names, a), at(names, b)]
      if (control === other) return []
      const allowed = [at(placesOf(other), x), ...(shape === 3 ? [at(placesOf(other), z)] : [])]
      const to = shape === 1 ? { to: at(placesOf(control), y) } : {}
      const from = shape === 2 ? { from: at(placesOf(control), z) } : {}
      return [{ id: `needs-${i}`, needs: { [other]: allowed }, for: { control, ...to, ...from }, because: 'so' }]
    })
    const taken: ControlRule[] = resets.flatMap(([a, b, x, y], i) => {
      const [control, other] = [at(names, a), at(names, b)]
      if (control === other) return []
      return [
        {
          id: `resets-${i}`,
          resets: { [other]: at(placesOf(other), x) },
          after: { control, to: at(placesOf(control), y) },
        },
      ]
    })
    return {
      controls: Object.fromEntries(
        names.map((name, i) => [
          name,
          { positions: placesOf(name), seconds: seconds[i] as number, habit: habits[i] as number },
        ]),
      ),
      normal: Object.fromEntries(names.map((name) => [name, 'one'])),
      rules: [...rules, ...taken],
    }
  })

const placed = (controls: Controls, numbers: readonly number[], left: readonly boolean[]): Positions =>
  Object.fromEntries(
    Object.entries(controls.controls).flatMap(([id, { positions }], i) =>
      left[i] === true ? [] : [[id, positions[(numbers[i] ?? 0) % positions.length] as string]],
    ),
  )
const numbers = fc.array(fc.nat(5), { minLength: 6, maxLength: 6 })
const some = fc.array(fc.boolean(), { minLength: 6, maxLength: 6 })
const NONE = [] as boolean[]

describe('a plan', () => {
  it('costs what breadth-first search finds, and says so where there is none', () => {
    let found = 0
    fc.assert(
      fc.property(machine, numbers, numbers, some, (controls, start, end, left) => {
        const from = placed(controls, start, NONE)
        const goal = placed(controls, end, left)
        const plan = planChangeover({ controls, from, goal })
        expect(plan.outcome === 'plan' ? plan.seconds : undefined).toBe(leastSeconds(controls, from, goal))
        if (plan.outcome === 'plan' && plan.steps.length > 2) found++
        if (plan.outcome === 'blocked') expect(plan.rules.length).toBeGreaterThan(0)
        expect(plan.outcome).not.toBe('look')
      }),
      { numRuns: runs(2000), seed: 7 },
    )
    expect(found).toBeGreaterThan(runs(100))
  })

  it('follows the trade’s habit among equals: what comes later in its order is done later', () => {
    let chosen = 0
    fc.assert(
      fc.property(machine, numbers, numbers, some, (controls, start, end, left) => {
        const from = placed(controls, start, NONE)
        const goal = placed(controls, end, left)
        const plan = planChangeover({ controls, from, goal })
        if (plan.outcome !== 'plan' || plan.steps.length === 0 || plan.steps.length > 7) return
        const all = everySequence(controls, from, goal, plan.seconds)
        if (!all) return
        const order = Object.entries(controls.controls)
          .sort(([, a], [, b]) => a.habit - b.habit)
          .flatMap(([id, { positions }]) => positions.map((to) => `${id} ${to}`))
        const later = (one: string[], other: string[]): number => {
          for (let back = 1; back <= Math.max(one.length, other.length); back++) {
            const [a, b] = [one.at(-back), other.at(-back)].map((move) =>
              move === undefined ? -1 : order.indexOf(move),
            ) as [number, number]
            if (a !== b) return b - a
          }
          return 0
        }
        const best = [...all].sort(later)[0]
        expect(plan.steps.map(({ control, to }) => `${control} ${to}`)).toEqual(best)
        if (all.length > 1) chosen++
      }),
      { numRuns: runs(1500), seed: 5 },
    )
    expect(chosen).toBeGreaterThan(runs(150))
  })

  it('breaks no rule when replayed, 10,000 times, from every state it may start in', () => {
    let replayed = 0
    fc.assert(
      fc.property(machine, numbers, numbers, some, some, (controls, start, end, unknown, left) => {
        const from = placed(controls, start, unknown)
        const goal = placed(controls, end, left)
        const plan = planChangeover({ controls, from, goal })
        if (plan.outcome !== 'plan') return
        replayed++
        for (const first of everyState(controls, from)) {
          let state = first
          for (const { control, to } of plan.steps) {
            const simulated = moveOnce(controls, state, { control, to }, {})
            if (!simulated.done) throw new Error(`${control} to ${to} breaks ${simulated.forbidden[0]?.id}`)
            if (state[control] === to) continue
            if (!mayMove(controls, state, control, to)) throw new Error(`${control} to ${to} is not legal`)
            state = movedTo(controls, state, control, to)
            if (JSON.stringify(state) !== JSON.stringify(simulated.state))
              throw new Error('the simulator went elsewhere')
          }
          for (const [id, at] of Object.entries(goal))
            if (state[id] !== at) throw new Error(`${id} did not come to ${at}`)
        }
      }),
      { numRuns: runs(20_000), seed: 11 },
    )
    expect(replayed).toBeGreaterThan(runs(10_000))
  })

  it('from unknown places is as short as can be, or names what to look at first', () => {
    let looked = 0
    fc.assert(
      fc.property(machine, numbers, numbers, some, some, (controls, start, end, unknown, left) => {
        fc.pre(everyState(controls, placed(controls, start, unknown)).length <= 12)
        const from = placed(controls, start, unknown)
        const goal = placed(controls, end, left)
        const plan = planChangeover({ controls, from, goal })
        const least = leastSeconds(controls, from, goal)
        if (plan.outcome === 'plan') expect(plan.seconds).toBe(least)
        if (plan.outcome === 'look') {
          looked++
          // Looking takes away doubt, and leaves a way from some place at least.
          expect(plan.controls.every((id) => from[id] === undefined)).toBe(true)
          const outcomes = everyState(controls, from).map((state) => {
            const seen = Object.fromEntries(plan.controls.map((id) => [id, state[id] as string]))
            return planChangeover({ controls, from: { ...from, ...seen }, goal }).outcome
          })
          expect(outcomes).toContain('plan')
        }
      }),
      { numRuns: runs(1500), seed: 3 },
    )
    expect(looked).toBeGreaterThan(0)
  })
})
