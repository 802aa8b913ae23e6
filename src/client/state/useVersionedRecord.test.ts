import { beforeEach, describe, expect, it } from 'vitest'
import { ApiProblem } from '../api/client'
import { useVersionedRecord } from './useVersionedRecord'

interface Row {
  version: number
  thing: { id: string; name: string }
}
interface Content {
  name: string
}
let writes: { name: string; over: number | undefined }[]
let waiting: { done: () => void; refuse: (status: number, theirs?: Row) => void }[]
let kept: ReturnType<typeof useVersionedRecord<Row, Content>>
const settle = () => new Promise((done) => setTimeout(done))

/**
 * A server that counts versions, and answers each write when the test lets it. Names are stored without blanks around.
 */
beforeEach(() => {
  writes = []
  waiting = []
  kept = useVersionedRecord<Row, Content>({
    contentOf: ({ thing: { id: _, ...content } }) => content,
    rowOf: ({ version, value }) => ({ version, thing: value as Row['thing'] }),
    write: ({ name }, over) =>
      new Promise((done, fail) => {
        writes.push({ name, over: over?.version })
        waiting.push({
          done: () => done({ version: (over?.version ?? 0) + 1, thing: { id: 'a', name: name.trim() } }),
          refuse: (status, theirs) =>
            fail(
              new ApiProblem({
                title: 'Not so.',
                status,
                ...(theirs
                  ? {
                      clashes: [
                        {
                          resource: 'things',
                          row: 'a',
                          yours: { name },
                          theirs: { version: theirs.version, value: theirs.thing },
                        },
                      ],
                    }
                  : {}),
              }),
            ),
        })
      }),
  })
})
const read = () => kept.take({ version: 7, thing: { id: 'a', name: 'Wren' } })
const answer = async () => {
  waiting.shift()?.done()
  await settle()
}

describe('a record that is changed', () => {
  it('is as it was read, then changed, then kept as the server has it', async () => {
    read()
    expect([kept.draft.value, kept.changed.value]).toEqual([{ name: 'Wren' }, false])
    kept.draft.value = { name: ' Finch ' }
    expect(kept.changed.value).toBe(true)
    const saved = kept.save()
    await settle()
    expect([kept.saving.value, writes]).toEqual([true, [{ name: ' Finch ', over: 7 }]])
    await answer()
    expect(await saved).toBe(true)
    expect([kept.draft.value, kept.changed.value, kept.said.value, kept.saving.value]).toEqual([
      { name: 'Finch' },
      false,
      'Saved.',
      false,
    ])
  })

  it('is written once where nothing has changed since', async () => {
    read()
    expect(await kept.save()).toBe(true)
    kept.draft.value = { name: 'Finch' }
    const both = [kept.save(), kept.save()]
    await settle()
    await answer()
    expect(await Promise.all(both)).toEqual([true, true])
    expect(writes).toEqual([{ name: 'Finch', over: 7 }])
  })

  it('keeps what is typed while a save is on its way, and writes it over the version that one made', async () => {
    read()
    kept.draft.value = { name: 'Finch' }
    const first = kept.save()
    await settle()
    kept.draft.value = { name: 'Finches' }
    await answer()
    expect(await first).toBe(true)
    expect([kept.draft.value, kept.changed.value]).toEqual([{ name: 'Finches' }, true])
    const second = kept.save()
    await settle()
    await answer()
    expect(await second).toBe(true)
    expect(writes).toEqual([
      { name: 'Finch', over: 7 },
      { name: 'Finches', over: 8 },
    ])
  })

  it('lets a second save wait for the first, so that it is not taken for somebody else’s', async () => {
    read()
    kept.draft.value = { name: 'Finch' }
    void kept.save()
    await settle()
    kept.draft.value = { name: 'Finches' }
    const second = kept.save()
    await settle()
    expect(writes).toHaveLength(1)
    await answer()
    await answer()
    expect(await second).toBe(true)
    expect(writes.map(({ over }) => over)).toEqual([7, 8])
    expect(kept.changed.value).toBe(false)
  })

  it.each([
    [409, 'Not so. What you typed is kept here; saving again shows both.'],
    [422, 'Not so.'],
  ])('stays as typed where the server refuses (%i), and can be saved again', async (status, words) => {
    read()
    kept.draft.value = { name: 'Finch' }
    const saved = kept.save()
    await settle()
    waiting.shift()?.refuse(status)
    expect(await saved).toBe(false)
    expect([kept.problem.value, kept.said.value, kept.draft.value, kept.saving.value]).toEqual([
      words,
      '',
      { name: 'Finch' },
      false,
    ])
    const again = kept.save()
    await settle()
    expect(kept.problem.value).toBe('')
    await answer()
    expect(await again).toBe(true)
  })
})

describe('where somebody else was first', () => {
  const clash = async () => {
    read()
    kept.draft.value = { name: 'Finch' }
    const saved = kept.save()
    await settle()
    waiting.shift()?.refuse(409, { version: 9, thing: { id: 'a', name: 'Plover' } })
    expect(await saved).toBe(false)
  }

  it('both are held, with what both began from', async () => {
    await clash()
    expect(kept.clash.value).toMatchObject({
      base: { name: 'Wren' },
      yours: { name: 'Finch' },
      theirs: { name: 'Plover' },
    })
    expect(kept.draft.value).toEqual({ name: 'Finch' })
  })

  it('yours is what stands there now, also what was typed until the answer came', async () => {
    read()
    kept.draft.value = { name: 'Finch' }
    void kept.save()
    await settle()
    kept.draft.value = { name: 'Finches' }
    waiting.shift()?.refuse(409, { version: 9, thing: { id: 'a', name: 'Plover' } })
    await settle()
    expect(kept.clash.value?.yours).toEqual({ name: 'Finches' })
  })

  it('what is chosen is written over theirs', async () => {
    await clash()
    const settled = kept.settle({ name: 'Finch and Plover' })
    await settle()
    await answer()
    expect(await settled).toBe(true)
    expect(writes.at(-1)).toEqual({ name: 'Finch and Plover', over: 9 })
    expect([kept.clash.value, kept.changed.value, kept.said.value]).toEqual([undefined, false, 'Saved.'])
  })

  it('theirs as it is needs no write', async () => {
    await clash()
    expect(await kept.settle({ name: 'Plover' })).toBe(true)
    expect([writes.length, kept.row.value?.version, kept.draft.value]).toEqual([1, 9, { name: 'Plover' }])
  })

  it('left for later, what was typed stays, and the next save is asked again', async () => {
    await clash()
    kept.leave()
    expect([kept.clash.value, kept.draft.value]).toEqual([undefined, { name: 'Finch' }])
    expect(await kept.settle({ name: 'x' })).toBe(false)
    void kept.save()
    await settle()
    expect(writes.at(-1)).toEqual({ name: 'Finch', over: 7 })
  })
})

describe('a new record', () => {
  it('is written over nothing, once, and from then on over its versions', async () => {
    kept.begin({ name: 'Wren' })
    expect(kept.changed.value).toBe(false)
    const twice = [kept.save(), kept.save()]
    await settle()
    await answer()
    expect(await Promise.all(twice)).toEqual([true, true])
    expect(writes).toEqual([{ name: 'Wren', over: undefined }])
    expect(kept.row.value?.version).toBe(1)
  })
})

describe('another record on the same page', () => {
  it('is not overwritten by the answer about the one before', async () => {
    read()
    kept.draft.value = { name: 'Finch' }
    void kept.save()
    await settle()
    kept.take({ version: 3, thing: { id: 'b', name: 'Plover' } })
    await answer()
    expect([kept.row.value?.thing.id, kept.draft.value, kept.said.value]).toEqual(['b', { name: 'Plover' }, ''])
  })

  it('is not told of a refusal of the one before, and not saved in its stead', async () => {
    read()
    kept.draft.value = { name: 'Finch' }
    void kept.save()
    kept.draft.value = { name: 'Finches' }
    const second = kept.save()
    await settle()
    kept.begin({ name: 'new' })
    waiting.shift()?.refuse(409)
    expect(await second).toBe(false)
    expect([kept.problem.value, writes.length]).toEqual(['', 1])
  })
})
