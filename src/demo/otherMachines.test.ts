/** The repertoire on machines that it was not written for. */
import { describe, expect, it } from 'vitest'
import type { Parameter } from '#core/catalogue/types'
import { OUTCOMES, SECOND_OUTCOMES } from './otherMachines.testkit'
import { demoAndOthers } from './cards.testkit'

const { answerTo } = demoAndOthers

describe('machines a shop enters itself', () => {
  it.each(
    [...OUTCOMES, ...SECOND_OUTCOMES].map((one) => [`${one.technique} on ${one.model} in ${one.fabric}`, one] as const),
  )('%s', (_, { model, technique, fabric, verdict, method, set = {}, job }) => {
    const answer = answerTo({ model, technique, fabric, ...(job ? { job } : {}) })
    expect([answer.verdict, answer.method ?? '']).toEqual([verdict, method])
    for (const [parameter, value] of Object.entries(set))
      expect(answer.stages[0]?.settings[parameter as Parameter]?.value, parameter).toBe(value)
  })
})
