<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { useLocalStorage } from '@vueuse/core'
import type { GapsView } from '#shared/api/coverage'

import { speech } from '#shared/messages/en'
import { get } from '../../api/client'
import { customerNames } from '../../state/customers'
import { whenChanged } from '../../state/changes'
import { usePickLists, usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'
import { wallDay } from '../../ui/wallDay'
import { gapCounts, gapPlace, gapText } from '../coverage/gapWords'
import { callLines, changedLine, classesAhead, classLine, type TodayLine } from './todayLines'

/** What today asks of the shop: one glance, one act each. */
const session = useSession()
const lists = usePickLists()
const { query } = usePicks()
const me = session.user?.name ?? ''
/** When this person last saw this page, on this device; it is told from there until they leave it. */
const seen = useLocalStorage<string | null>(`handhold.seen.${session.user?.id ?? ''}`, null)
const since = seen.value ?? undefined
const calls = shallowRef<TodayLine[]>([])
const classes = shallowRef<TodayLine[]>([])
const changed = shallowRef<TodayLine[]>([])
const gaps = shallowRef<GapsView>()
const isRead = shallowRef(false)
const { problem, read } = useAction()
const today = wallDay(new Date())

const readCalls = async () => {
  const [due, phones] = await Promise.all([get('/api/cases', { due: today }), get('/api/cases', { waiting: 'phone' })])
  const names = await customerNames(due.map((row) => row.case.customer))
  calls.value = callLines(due, phones, (id) => names.get(id) ?? 'a caller')
}
const readClasses = async () => {
  const ahead = classesAhead(await get('/api/classes'), new Date())
  classes.value = await Promise.all(
    ahead.map(async (row) => classLine(row, await get(`/api/classes/${row.class.id}/plan`))),
  )
}
const readChanged = async () => {
  const [writes, records] = await Promise.all([get('/api/history/writes'), get('/api/history/records')])
  changed.value = changedLine([...writes, ...records], me, since)
}
/** In the fabric that stands first, for customers' machines. */
const readGaps = async () => {
  await lists.loaded()
  const fabric = lists.lists?.fabrics[0]?.id
  if (fabric !== undefined) gaps.value = await get('/api/coverage/gaps', { fabric, by: 'machines' })
}
void read(async () => {
  await Promise.all([readCalls(), readClasses(), readChanged(), readGaps()])
  isRead.value = true
  seen.value = new Date().toISOString()
})
whenChanged(['cases', 'customers'], () => read(readCalls))
whenChanged(['classes', 'cupboard'], () => read(readClasses))

const gap = computed(() => {
  const view = gaps.value
  const [first] = view?.gaps ?? []
  if (!view || !first) return undefined
  return { text: gapText(first, speech(view.names)), counts: gapCounts(first), to: gapPlace(first, query.value) }
})
const lines = computed(() => [...calls.value, ...classes.value, ...changed.value])
</script>

<template>
  <section aria-label="Today">
    <h2>Today</h2>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <ul v-if="lines.length > 0">
      <li v-for="line in lines" :key="line.id">
        {{ line.text }}
        <RouterLink :to="{ path: line.to, query }">{{ line.act }}</RouterLink>
      </li>
    </ul>
    <p v-if="!isRead && !problem" class="soft" role="status">What today asks is looked up …</p>
    <p v-else-if="isRead && lines.length === 0">Nobody waits: no call, no class within two weeks.</p>
    <p v-if="gap" class="soft">
      What would help most: <RouterLink :to="gap.to">{{ gap.text }}</RouterLink> ({{ gap.counts }}).
    </p>
  </section>
</template>

<style scoped lang="scss">
ul {
  padding-left: 1.2rem;
}

li {
  padding: 0.2rem 0;

  a {
    margin-left: 0.4rem;
    white-space: nowrap;
  }
}
</style>
