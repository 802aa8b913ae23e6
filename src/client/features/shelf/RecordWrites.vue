<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { capital } from '#shared/messages/words'
import { partChanges } from '#core/catalogue/threeWay'
import type { RecordWriteDetail, RecordWriteView, ShopResource } from '#shared/api/records'
import { partWords, placeWords } from '#shared/tables/partWords'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { useNames } from '../../state/names'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'

/** Who changed which class, customer, case, list or choice of the shop: before and after, and the way back. */
const WORDS: Record<ShopResource, string> = {
  classes: 'class',
  customers: 'customer',
  cases: 'case',
  supplies: '',
  calendar: '',
  settings: '',
  lessons: 'lesson',
}
const PAGE = 30
const session = useSession()
const names = useNames()
const writes = shallowRef<RecordWriteView[]>()
const opened = shallowRef<RecordWriteDetail>()
const more = ref(false)
const { problem, said, act, read } = useAction()

const pageOf = async (before?: number): Promise<RecordWriteView[]> => {
  const page = await get('/api/history/records', before ? { before: String(before) } : {})
  more.value = page.length === PAGE
  return page
}
const load = async () => {
  writes.value = (await Promise.all([pageOf(), names.load()]))[0]
}
void read(load)
whenChanged(['classes', 'customers', 'cases', 'cupboard', 'calendar', 'settings', 'practice'], () => read(load))
const older = () =>
  act(async () => {
    writes.value = [...(writes.value ?? []), ...(await pageOf(writes.value?.at(-1)?.id))]
  })

const show = (id: number) =>
  read(async () => {
    opened.value = opened.value?.id === id ? undefined : await get(`/api/history/records/${id}`)
  })
const undo = ({ id, did }: RecordWriteView) =>
  act(async () => {
    await call('POST', `/api/history/records/${id}/undo`)
    opened.value = undefined
    await load()
    return did === 'removed' ? 'It is back.' : 'Taken back. That is a change of its own and can be taken back too.'
  })

/** Part by part; of what was added or removed, what it held. */
const parts = computed(() => {
  const { before, after } = opened.value ?? {}
  const [from, to] = [before ?? {}, after ?? {}]
  return partChanges(from, to, from).map((one) => ({
    where: capital(placeWords(one.path, after ?? before)),
    before: partWords(one.theirs, names.names),
    after: partWords(one.yours, names.names),
  }))
})
const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
const summary = ({ did, resource, title }: RecordWriteView) => [did, WORDS[resource], title].filter(Boolean).join(' ')
const mayUndo = ({ resource, stands }: RecordWriteView) => stands && (resource !== 'settings' || session.mayWrite)
const MOST_PARTS = 30
</script>

<template>
  <div>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <p role="status">{{ said }}</p>
    <p v-if="writes?.length === 0">
      Nothing yet. Whatever is changed in classes, customers, cases, the cupboard, the calendar and the shop’s choices
      is listed here, and what is removed can be brought back.
    </p>
    <ol v-else-if="writes" class="writes">
      <li v-for="write in writes" :key="write.id">
        <div class="line">
          <button type="button" class="open" :aria-expanded="opened?.id === write.id" @click="show(write.id)">
            <span class="when">{{ when.format(new Date(write.at)) }}</span>
            <span class="by">{{ write.by }}</span>
            <span>{{ summary(write) }}</span>
          </button>
          <BButton
            v-if="mayUndo(write)"
            size="sm"
            variant="outline-primary"
            :aria-label="`${write.did === 'removed' ? 'Bring back' : 'Undo'}: ${summary(write)}`"
            @click="undo(write)"
            >{{ write.did === 'removed' ? 'Bring back' : 'Undo' }}</BButton
          >
        </div>
        <table v-if="opened?.id === write.id" class="table table-sm detail">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Before</th>
              <th scope="col">After</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="part in parts.slice(0, MOST_PARTS)" :key="part.where">
              <th scope="row">{{ part.where }}</th>
              <td>{{ part.before }}</td>
              <td>{{ part.after }}</td>
            </tr>
          </tbody>
        </table>
      </li>
    </ol>
    <BButton v-if="more" variant="outline-primary" @click="older()">Older</BButton>
  </div>
</template>

<style scoped lang="scss">
@use './writes';
</style>
