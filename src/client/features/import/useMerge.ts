/** A catalogue from elsewhere: read, compared, decided about and taken; and the way back. */
import { computed, ref, shallowRef } from 'vue'
import type { CatalogueSources, MergeLine, MergeView } from '#shared/api/merging'
import type { Changed } from '#shared/api/rows'
import { ApiProblem, call, get } from '../../api/client'
import { useAction } from '../../state/useAction'

/** In the order in which they want a person. */
export const MERGE_GROUPS = ['asked', 'changedInBoth', 'changedThere', 'new', 'gone', 'changedHere'] as const
export type MergeGroup = (typeof MERGE_GROUPS)[number]
export const groupOf = ({ mayBeOther, is }: MergeLine): MergeGroup => (mayBeOther ? 'asked' : is)

type Part = MergeLine['parts'][number]

export const useMerge = (after: () => Promise<unknown>) => {
  const { busy, problem, said, act, read } = useAction()
  const sources = shallowRef<CatalogueSources>([])
  const source = ref('')
  const fileName = ref('')
  const catalogue = shallowRef<unknown>()
  const view = shallowRef<MergeView>()
  /** Rows of which somebody said that they are another thing, by key, with their titles. */
  const others = shallowRef<ReadonlyMap<string, string>>(new Map())
  /** Rows of which somebody said that they are the same thing. */
  const same = shallowRef<ReadonlySet<string>>(new Set())
  const left = shallowRef<ReadonlySet<string>>(new Set())
  const turned = shallowRef<ReadonlySet<string>>(new Set())
  const removed = shallowRef<ReadonlySet<string>>(new Set())
  const taken = shallowRef<Changed>()

  const loadSources = () => read(async () => (sources.value = await get('/api/catalogues')))
  const open = (file: File) =>
    act(async () => {
      view.value = undefined
      taken.value = undefined
      try {
        catalogue.value = JSON.parse(await file.text())
        fileName.value = file.name
      } catch {
        catalogue.value = undefined
        const title = `${file.name} is not a catalogue: it cannot be read as JSON. Nothing was changed.`
        throw new ApiProblem({ title, status: 0 })
      }
    })
  const sent = () => ({
    source: source.value.trim(),
    others: [...others.value.keys()],
    catalogue: catalogue.value,
    left: [...left.value],
    turned: [...turned.value],
    removed: [...removed.value],
  })
  const compare = () =>
    act(async () => {
      taken.value = undefined
      view.value = await call('POST', '/api/catalogues/compare', sent())
    })
  const take = () =>
    act(async () => {
      const { revision } = view.value ?? {}
      if (revision === undefined) return
      taken.value = await call('POST', '/api/catalogues/take', { ...sent(), revision })
      view.value = undefined
      await Promise.all([after(), loadSources()])
      const { added, changed, removed: gone } = taken.value
      return added + changed + gone === 0
        ? 'Nothing of it was to be written; it is remembered as taken.'
        : `Taken: ${added} added, ${changed} changed, ${gone} removed, in one write.`
    })
  const undo = () =>
    act(async () => {
      if (!taken.value) return
      await call('POST', '/api/history/undo', { revision: taken.value.revision })
      taken.value = undefined
      await Promise.all([after(), loadSources()])
      return 'Taken back, all of it; it counts as not taken.'
    })

  const toggled = (set: ReadonlySet<string>, key: string): ReadonlySet<string> => {
    const next = new Set(set)
    if (!next.delete(key)) next.add(key)
    return next
  }
  /** The side that holds a part. */
  const sideOf = ({ key, usual }: Part) => (turned.value.has(key) === (usual === 'theirs') ? 'yours' : 'theirs')
  const turn = (part: Part, side: Part['usual']) => {
    if (sideOf(part) !== side) turned.value = toggled(turned.value, part.key)
  }
  const turnAll = (lines: readonly MergeLine[], side: Part['usual']) => {
    for (const { parts } of lines) for (const part of parts) turn(part, side)
  }
  const isTaken = ({ key, is, parts }: MergeLine): boolean =>
    is === 'new'
      ? !left.value.has(key)
      : is === 'gone'
        ? removed.value.has(key)
        : parts.some((part) => sideOf(part) === 'theirs')
  const setTaken = (line: MergeLine, on: boolean) => {
    if (isTaken(line) === on) return
    if (line.is === 'new') left.value = toggled(left.value, line.key)
    else if (line.is === 'gone') removed.value = toggled(removed.value, line.key)
    else turnAll([line], on ? 'theirs' : 'yours')
  }
  const isOther = async ({ key, title }: MergeLine) => {
    others.value = new Map([...others.value, [key, title]])
    await compare()
  }
  const notOther = async (key: string) => {
    others.value = new Map([...others.value].filter(([one]) => one !== key))
    await compare()
  }
  const isSame = ({ key }: MergeLine) => (same.value = new Set([...same.value, key]))

  const lines = computed(() =>
    (view.value?.lines ?? []).map((line) => (same.value.has(line.key) ? { ...line, mayBeOther: false } : line)),
  )
  const asked = computed(() => lines.value.filter(({ mayBeOther }) => mayBeOther).length)
  return {
    ...{ busy, problem, said, sources, source, fileName, catalogue, view, others, taken, lines, asked },
    ...{ loadSources, open, compare, take, undo, sideOf, turn, isTaken, setTaken, isOther, notOther, isSame },
  }
}
