/** A record that is changed here and kept on the server, version by version. */
import { computed, ref, shallowRef } from 'vue'
import { sameValue } from '#core/catalogue/sameValue'
import type { Topic } from '#shared/api/changes'
import { keptText, theirsOf } from '../api/client'
import { whenChanged } from './changes'

export interface Keeping<Row, Content> {
  contentOf: (row: Row) => Content
  /** The row as somebody else has stored it. */
  rowOf: (stored: { version: number; value: unknown }) => Row
  /** Writes the content over the row they were changed from; undefined where there is none yet. */
  write: (content: Content, over: Row | undefined) => Promise<Row>
  /** What is said when it is kept. */
  done?: string
  /** How it is read again, when something of the topic was written. */
  reads?: { topic: Topic; again: (row: Row) => Promise<Row> }
}

/** What was typed and not kept; `over`: what stood there when it was typed. */
export interface Typed<Content> {
  content: Content
  over?: Content
}

/** What both changed it from, what you typed, and what they have stored. */
export interface Both<Row, Content> {
  base: Content
  yours: Content
  theirs: Content
  /** Theirs, as it is stored. */
  row: Row
}

/**
 * What was read, what it is changed to, and how that is kept. Saves wait for one another, so that each is written over
 * the version before it; what is typed while one is on its way stays typed and is not yet kept. Where a save is refused
 * everything stays as it was typed, and `problem` says why; where somebody else was first, `clash` holds both, to be
 * settled or left. `begin` starts one that is not kept yet, or lets all go.
 */
export const useVersionedRecord = <Row, Content>({
  contentOf,
  rowOf,
  write,
  done = 'Saved.',
  reads,
}: Keeping<Row, Content>) => {
  const row = shallowRef<Row>()
  const draft = shallowRef<Content>()
  const problem = ref('')
  const said = ref('')
  const saving = ref(false)
  const clash = shallowRef<Both<Row, Content>>()
  /** What somebody else has kept while this was being typed; undefined where nobody has. */
  const underneath = shallowRef<Row>()
  const changed = computed(() => row.value !== undefined && !sameValue(contentOf(row.value), draft.value))

  /** Which record it is: an answer about an earlier one is no longer for this page. */
  let ground = 0
  const begin = (content: Content | undefined, from?: Row) => {
    ground++
    row.value = from
    draft.value = content
    problem.value = ''
    said.value = ''
    clash.value = undefined
    underneath.value = undefined
  }
  /** What was read takes the place of what was typed. */
  const take = (next: Row) => begin(contentOf(next), next)
  const saveNow = async (mine: number): Promise<boolean> => {
    const content = draft.value
    if (content === undefined || mine !== ground) return false
    problem.value = ''
    said.value = ''
    if (row.value === undefined || changed.value) {
      saving.value = true
      try {
        const next = await write(content, row.value)
        if (mine !== ground) return true
        if (draft.value === content) draft.value = contentOf(next)
        row.value = next
      } catch (error) {
        if (mine !== ground) return false
        const theirs = theirsOf(error)
        if (theirs && row.value) {
          const now = rowOf(theirs)
          clash.value = { base: contentOf(row.value), yours: draft.value ?? content, theirs: contentOf(now), row: now }
          underneath.value = undefined
        }
        problem.value = keptText(error)
        return false
      } finally {
        saving.value = false
      }
    }
    said.value = done
    return true
  }
  let turn = Promise.resolve(true)
  /** Whether what stands here when its turn comes is kept. */
  const save = (): Promise<boolean> => {
    const mine = ground
    turn = turn.then(() => saveNow(mine))
    return turn
  }

  /** After both were seen: what holds, over what they have stored. */
  const settle = (content: Content): Promise<boolean> => {
    if (!clash.value) return Promise.resolve(false)
    row.value = clash.value.row
    draft.value = content
    clash.value = undefined
    return save()
  }
  /** What was typed stays; saving shows both again. */
  const leave = () => {
    clash.value = undefined
  }

  /** What was typed before a reload, with what it was typed over. Whether it is here again. */
  const resume = (typed: Typed<Content> | undefined): boolean => {
    const now = row.value
    if (!typed || !now) return false
    draft.value = typed.content
    if (typed.over !== undefined && !sameValue(typed.over, contentOf(now)))
      clash.value = { base: typed.over, yours: typed.content, theirs: contentOf(now), row: now }
    return true
  }
  /** Shows both, as saving would. */
  const compare = () => {
    const now = underneath.value
    if (!now || !row.value || draft.value === undefined) return
    clash.value = { base: contentOf(row.value), yours: draft.value, theirs: contentOf(now), row: now }
    underneath.value = undefined
  }
  const readAgain = async (): Promise<void> => {
    const [mine, before] = [ground, row.value]
    if (!reads || before === undefined) return
    // What this page is just saving is not somebody else's.
    await turn
    const now = await reads.again(before).catch(() => undefined)
    if (!now || mine !== ground || row.value === undefined || sameValue(contentOf(now), contentOf(row.value))) return
    if (changed.value) underneath.value = now
    else take(now)
  }
  if (reads) whenChanged([reads.topic], readAgain)

  return {
    underneath,
    compare,
    resume,
    clash,
    settle,
    leave,
    row,
    draft,
    problem,
    said,
    saving,
    changed,
    begin,
    take,
    save,
  }
}
