import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { nextTick, ref } from 'vue'
import type { TableRow } from '#shared/api/rows'
import { columnsOf, type Column } from '#shared/tables/columns'
import type { RowNames } from '#shared/tables/titles'
import { useChanges } from '../../state/changes'
import { useEdits } from './useEdits'

/** A server of one table, as far as the edits see it, and a browser's memory. */
let stored: TableRow[]
let revision: number
let sent: { changes: { id: string; version: number | null; value: unknown }[] }[]
let kept: Map<string, string>
/** Something somebody else does just before the next write. */
let meanwhile: (() => void) | undefined
let unreadable: boolean

const answer = (status: number, body: unknown) => new Response(JSON.stringify(body), { status })

beforeEach(() => {
  setActivePinia(createPinia())
  revision = 1
  sent = []
  kept = new Map()
  meanwhile = undefined
  unreadable = false
  stored = ['Fine', 'Strong'].map((name, i) => ({
    id: `t${i}`,
    version: 1,
    value: { id: `t${i}`, name, tex: 20, fibre: 'cotton', use: '' },
  }))
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => kept.set(key, text),
    removeItem: (key: string) => kept.delete(key),
  })
  vi.stubGlobal('fetch', (_path: string, { method, body }: { method: string; body?: string }) => {
    if (method === 'GET' && unreadable) return Promise.resolve(answer(503, { title: 'Not now.', status: 503 }))
    if (method === 'GET') return Promise.resolve(answer(200, structuredClone(stored)))
    meanwhile?.()
    meanwhile = undefined
    const request = JSON.parse(body as string) as (typeof sent)[number]
    sent.push(request)
    const clashes = request.changes.flatMap(({ id, version, value }) => {
      const now = stored.find((row) => row.id === id)
      return (now?.version ?? null) === version
        ? []
        : [
            {
              resource: 'threads',
              row: id,
              yours: value,
              theirs: now ? { version: now.version, value: now.value } : null,
            },
          ]
    })
    if (clashes.length > 0) return Promise.resolve(answer(409, { title: 'changed', status: 409, clashes }))
    revision++
    for (const { id, value } of request.changes) {
      const row: TableRow = { id, version: revision, value }
      stored = stored.some((old) => old.id === id) ? stored.map((old) => (old.id === id ? row : old)) : [...stored, row]
    }
    const added = request.changes.filter(({ version }) => version === null).length
    return Promise.resolve(
      answer(200, { revision, added, changed: request.changes.length - added, removed: 0, same: 0 }),
    )
  })
})
afterEach(() => vi.unstubAllGlobals())

const columns = columnsOf('threads')
const column = (heading: string) => columns.find((one) => one.heading === heading) as Column
const open = async () => {
  const edits = useEdits({ resource: 'threads', columns: ref(columns), names: ref({}) })
  await edits.load()
  return edits
}
const name = (edits: Awaited<ReturnType<typeof open>>, id: string, text: string) =>
  edits.setCells([{ id, column: column('Name'), text }])
const fill = (edits: Awaited<ReturnType<typeof open>>, id: string, texts: Record<string, string>) =>
  edits.setCells(Object.entries(texts).map(([heading, text]) => ({ id, column: column(heading), text })))

describe('what somebody else stores meanwhile', () => {
  const elsewhere = async (id: string, name: string) => {
    revision++
    stored = stored.map((row) =>
      row.id === id ? { ...row, version: revision, value: { ...(row.value as object), name } } : row,
    )
    useChanges().take({ catalogue: revision })
    await settle()
  }
  const settle = async () => {
    for (let turn = 0; turn < 4; turn++) await new Promise((done) => setTimeout(done))
  }
  const named = (edits: Awaited<ReturnType<typeof open>>) => edits.rows.value.map(({ value }) => value['name'])

  it('stands there, and what is being typed stays on the version it was typed over', async () => {
    useChanges().take({ catalogue: revision })
    const edits = await open()
    name(edits, 't0', 'Mine')
    await elsewhere('t1', 'Theirs')
    expect(named(edits)).toEqual(['Mine', 'Theirs'])
    expect(edits.said.value).toContain('shown as it is now')
    await elsewhere('t0', 'Theirs too')
    expect(named(edits)).toEqual(['Mine', 'Theirs'])
    expect(edits.said.value).toContain('a row that you are typing in')
    expect(edits.restored.value).toBe(0)
    await edits.save()
    expect(edits.clashes.value).toHaveLength(1)
  })

  it('of another table leaves this one and its undo alone', async () => {
    useChanges().take({ catalogue: revision })
    const edits = await open()
    name(edits, 't0', 'Mine')
    useChanges().take({ catalogue: ++revision })
    await settle()
    expect(edits.said.value).toBe('')
    edits.undo()
    expect(named(edits)[0]).toBe('Fine')
  })
})

describe('edits of a table', () => {
  it('are counted, undone and redone, and a row put back as it was is not changed', async () => {
    const edits = await open()
    expect(edits.canUndo.value).toBe(false)
    name(edits, 't0', 'Finer')
    expect(edits.changed.value.map(({ id }) => id)).toEqual(['t0'])
    name(edits, 't0', 'Fine')
    expect(edits.changed.value).toEqual([])
    edits.undo()
    expect(edits.changed.value).toHaveLength(1)
    edits.redo()
    expect(edits.changed.value).toEqual([])
  })

  it('that are not understood keep their text, name their fault and are not sent', async () => {
    const edits = await open()
    edits.setCells([{ id: 't0', column: column('Tex'), text: 'thick' }])
    const [row] = edits.changed.value
    expect(row && edits.textOf(row, column('Tex'))).toBe('thick')
    expect(row && edits.faultsOf(row)).toEqual([{ heading: 'Tex', message: '“thick” is not a number' }])
    expect(await edits.save()).toBe(false)
    expect(edits.problem.value).toContain('Fine, Tex: “thick” is not a number')
    expect(sent).toEqual([])
  })

  it('typed while a save is on its way stay, on the version it made, and are saved next', async () => {
    const edits = await open()
    const [added] = edits.addRows(1)
    fill(edits, added?.id as string, { Name: 'Silky', Tex: '12', Fibre: 'rayon' })
    name(edits, 't0', 'Finer')
    meanwhile = () => {
      name(edits, 't0', 'Finest')
      name(edits, 't1', 'Stronger')
      fill(edits, added?.id as string, { Tex: '13' })
    }
    expect(await edits.save()).toBe(true)
    expect(sent[0]?.changes.map(({ value }) => (value as { name: string }).name)).toEqual(['Finer', 'Silky'])
    expect(edits.changed.value.map(({ id, version, value }) => [id, version, value['name'], value['tex']])).toEqual([
      ['t0', 2, 'Finest', 20],
      ['t1', 1, 'Stronger', 20],
      ['silky', 2, 'Silky', 13],
    ])
    await nextTick()
    expect((await open()).changed.value).toHaveLength(3)
    expect(await edits.save()).toBe(true)
    expect(edits.changed.value).toEqual([])
    expect(stored.map(({ value }) => [(value as { name: string }).name, (value as { tex: number }).tex])).toEqual([
      ['Finest', 20],
      ['Stronger', 20],
      ['Silky', 13],
    ])
  })

  it('that are saved are said to be, also where the table cannot be read after', async () => {
    const edits = await open()
    name(edits, 't0', 'Finer')
    meanwhile = () => (unreadable = true)
    expect(await edits.save()).toBe(true)
    expect([edits.said.value, edits.problem.value]).toEqual([
      'Saved: 1 changed.',
      'It is saved, but the table could not be read again: reload the page.\nNot now.',
    ])
    unreadable = false
    expect((await open()).changed.value).toEqual([])
  })

  it('say what a new row lacks, and give it an id from its name', async () => {
    const edits = await open()
    const [row] = edits.addRows(1)
    const id = row?.id as string
    expect(edits.faultsOf(edits.changed.value[0] as never).map(({ heading }) => heading)).toEqual([
      'Name',
      'Tex',
      'Fibre',
    ])
    fill(edits, id, { Name: 'Fine lace', Tex: '12', Fibre: 'cotton' })
    expect(await edits.save()).toBe(true)
    expect(sent[0]?.changes).toEqual([
      {
        resource: 'threads',
        id: 'fine-lace',
        version: null,
        value: { id: 'fine-lace', name: 'Fine lace', tex: 12, fibre: 'cotton', use: '' },
      },
    ])
    expect(edits.changed.value).toEqual([])
    expect(edits.said.value).toBe('Saved: 1 new.')
  })

  it('outlive a reload until they are saved or discarded', async () => {
    const first = await open()
    name(first, 't1', 'Stronger')
    first.addRows(1)
    await nextTick()
    const second = await open()
    expect(second.restored.value).toBe(2)
    expect(second.rows.value.map(({ value }) => value.name)).toEqual(['Fine', 'Stronger', undefined])
    await second.discard()
    await nextTick()
    expect((await open()).changed.value).toEqual([])
  })

  it('that name what is not there yet are read again once it is, also after a reload', async () => {
    const items = columnsOf('items')
    const names = ref<RowNames>({})
    const begin = async () => {
      const edits = useEdits({ resource: 'items', columns: ref(items), names })
      await edits.load()
      return edits
    }
    const make = items.find(({ heading }) => heading === 'Make') as Column
    const faults = (edits: Awaited<ReturnType<typeof begin>>) =>
      edits.rows.value.flatMap((row) => edits.faultsOf(row).filter(({ heading }) => heading === 'Make'))
    const edits = await begin()
    edits.setCells([{ id: 't0', column: make, text: 'Hollin' }])
    await nextTick()
    expect(faults(edits)).toMatchObject([{ message: expect.stringContaining('no make is called “Hollin”') }])
    names.value = { makes: { hollin: 'Hollin' } }
    await nextTick()
    for (const open of [edits, await begin()]) {
      expect(faults(open)).toEqual([])
      expect(open.rows.value[0]).toMatchObject({ typed: {}, value: { make: 'hollin' } })
    }
  })

  it('of what somebody else changed show both, and hold what is chosen', async () => {
    const edits = await open()
    name(edits, 't0', 'Mine')
    meanwhile = () => {
      stored = stored.map((row) =>
        row.id === 't0' ? { ...row, version: 7, value: { ...(row.value as object), name: 'Theirs', tex: 30 } } : row,
      )
    }
    expect(await edits.save()).toBe(false)
    expect(edits.clashes.value).toMatchObject([
      { row: 't0', yours: { name: 'Mine' }, theirs: { version: 7, value: { name: 'Theirs' } } },
    ])
    edits.leaveClashes()
    expect(edits.changed.value[0]?.value.name).toBe('Mine')
    await edits.save()
    const chosen = { ...(stored[0]?.value as { id: string }), name: 'Mine' }
    expect(await edits.settleClashes([{ id: 't0', version: 7, value: chosen }])).toBe(true)
    expect(stored[0]?.value).toMatchObject({ name: 'Mine', tex: 30 })
  })

  it('of a row that was removed meanwhile can be let go', async () => {
    const edits = await open()
    name(edits, 't0', 'Mine')
    meanwhile = () => (stored = stored.slice(1))
    await edits.save()
    expect(edits.clashes.value[0]?.theirs).toBeNull()
    await edits.settleClashes([{ id: 't0', version: null, value: null }])
    expect(edits.rows.value.map(({ id }) => id)).toEqual(['t1'])
    expect(stored.map(({ id }) => id)).toEqual(['t1'])
  })

  it('that add what somebody else added too get another id instead of a clash', async () => {
    const edits = await open()
    const [row] = edits.addRows(1)
    fill(edits, row?.id as string, { Name: 'Lace', Tex: '12', Fibre: 'cotton' })
    await nextTick()
    meanwhile = () => {
      stored = [
        ...stored,
        { id: 'lace', version: 9, value: { id: 'lace', name: 'Lace', tex: 99, fibre: 'nylon', use: '' } },
      ]
    }
    expect(await edits.save()).toBe(true)
    expect(stored.map(({ id }) => id)).toEqual(['t0', 't1', 'lace', 'lace-2'])
    expect(stored[2]?.value).toMatchObject({ tex: 99 })
  })

  it('that cannot be saved stay, and say so', async () => {
    const edits = await open()
    name(edits, 't0', 'Finer')
    vi.stubGlobal('fetch', () => Promise.reject(new Error('no way there')))
    expect(await edits.save()).toBe(false)
    expect(edits.problem.value).toContain('does not answer')
    expect(edits.changed.value).toHaveLength(1)
    expect(edits.busy.value).toBe(false)
  })
})
