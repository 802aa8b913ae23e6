<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { ClassRow } from '#shared/api/classes'
import { dateWords } from '#shared/messages/words'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePicks } from '../../state/picks'
import { useAction } from '../../state/useAction'
import { wallDay } from '../../ui/wallDay'

/** All classes, those to come by day and the others newest first, and a new one. */
const router = useRouter()
const { query } = usePicks()
const rows = shallowRef<ClassRow[]>()
const { problem, act, read } = useAction()
const load = async () => (rows.value = await get('/api/classes'))
void read(load)
whenChanged(['classes'], () => read(load))

const begin = () =>
  act(async () => {
    const tomorrow = wallDay(new Date(Date.now() + 86_400_000))
    const blank = {
      title: 'A new class',
      starts: `${tomorrow}T10:00:00`,
      minutes: 120,
      techniques: [],
      seats: [],
      loans: [],
      pins: [],
    }
    const made = await call('POST', '/api/classes', blank)
    await router.push({ path: `/classes/${made.class.id}/facts`, query: query.value })
  })
const groups = computed(() => {
  const isToCome = (row: ClassRow) => new Date(row.class.starts) >= new Date()
  const byStart = [...(rows.value ?? [])].sort((a, b) => (a.class.starts < b.class.starts ? -1 : 1))
  return [
    { heading: 'To come', rows: byStart.filter(isToCome) },
    { heading: 'Been', rows: byStart.filter((row) => !isToCome(row)).reverse() },
  ].filter((group) => group.rows.length > 0)
})
const timeOf = (starts: string) => starts.slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm'.length)
</script>

<template>
  <main class="page">
    <div class="head">
      <h1>Classes</h1>
      <span>
        <RouterLink class="btn btn-link" :to="{ path: '/shelf/history', query: { ...query, of: 'shop' } }"
          >Changed, removed</RouterLink
        >
        <RouterLink class="btn btn-link" :to="{ path: '/classes/cupboard', query }">Store cupboard</RouterLink>
        <BButton variant="primary" @click="begin">A new class</BButton>
      </span>
    </div>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <p v-if="rows && rows.length === 0">No class yet. Begin one: its techniques, its seats, what the shop can lend.</p>
    <section v-for="group in groups" :key="group.heading">
      <h2>{{ group.heading }}</h2>
      <ul>
        <li v-for="{ class: one } in group.rows" :key="one.id">
          <RouterLink :to="{ path: `/classes/${one.id}`, query }">{{ one.title }}</RouterLink>
          <span class="soft">
            {{ dateWords(one.starts) }}, {{ timeOf(one.starts) }} · {{ one.seats.length }}
            {{ one.seats.length === 1 ? 'seat' : 'seats' }} · {{ one.techniques.length }}
            {{ one.techniques.length === 1 ? 'technique' : 'techniques' }}</span
          >
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped lang="scss">
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

ul {
  list-style: none;
  padding: 0;
}

li {
  padding: 0.4rem 0;
  border-bottom: 1px solid var(--rule);

  a {
    font-weight: 650;
    margin-right: 0.8rem;
  }
}
</style>
