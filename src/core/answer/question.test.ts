import { describe, expect, it } from 'vitest'
import { indexCatalogue } from '../catalogue/index'
import { bundleOf, foot, P, Q, stage, technique } from './answers.testkit'
import { checkQuestion, QuestionError } from './question'

const index = indexCatalogue(
  bundleOf({ models: [P, Q], items: [foot({ id: 'h' })], techniques: [technique([stage({})])] }),
)
const question = { technique: 'technique', model: 'p', fabric: 'cotton' }
const issuesOf = (more: object) => {
  try {
    checkQuestion(index, { ...question, ...more })
    return []
  } catch (error) {
    if (!(error instanceof QuestionError)) throw error
    return error.issues
  }
}

describe('a question', () => {
  it('that names only what there is brings it', () => {
    const found = checkQuestion(index, { ...question, also: ['q'], owned: ['h'], method: 'method' })
    expect(found.machines.map(({ id }) => id)).toEqual(['p', 'q'])
    expect(found.technique.id).toBe('technique')
    expect(found.fabric.id).toBe('cotton')
  })

  it('asks every machine once, the one in question first', () => {
    expect(
      checkQuestion(index, { ...question, model: 'q', also: ['p', 'q', 'p'] }).machines.map(({ id }) => id),
    ).toEqual(['q', 'p'])
  })

  it.each<[object, (string | number)[][]]>([
    [{ technique: 'none' }, [['technique']]],
    [{ model: 'none', fabric: 'none' }, [['fabric'], ['model']]],
    [{ also: ['q', 'none'] }, [['also', 1]]],
    [
      { owned: ['h', 'none'], stock: ['none'] },
      [
        ['owned', 1],
        ['stock', 0],
      ],
    ],
    [{ method: 'none' }, [['method']]],
    // Of a technique that there is not, no method can be missed.
    [{ technique: 'none', method: 'none' }, [['technique']]],
  ])('%o says where it names what there is not', (more, paths) => {
    expect(issuesOf(more).map(({ path }) => path)).toEqual(paths)
  })

  it('tells all of it in one sentence', () => {
    expect(() => checkQuestion(index, { ...question, model: 'x', fabric: 'y' })).toThrow(
      'fabric: no fabric “y” in the catalogue; model: no model “x” in the catalogue',
    )
  })
})
