<!-- What the ask line has learnt here: seen, and forgotten where somebody confirmed what was not so. -->
<script setup lang="ts">
import { shallowRef } from 'vue'
import type { LearnedWords } from '#shared/api/desk'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { useAction } from '../../state/useAction'

const rows = shallowRef<LearnedWords[]>()
const { problem, act, read } = useAction()
const load = async () => {
  rows.value = await get('/api/ask/words')
}
void read(load)
whenChanged(['words', 'customers'], () => read(load))
const forget = ({ kind, of, words }: LearnedWords) =>
  act(async () => {
    await call('DELETE', '/api/ask/words', { kind, of, words })
    await load()
  })
</script>

<template>
  <section>
    <h2>What the ask line has learnt</h2>
    <p v-if="rows && rows.length === 0">
      Nothing yet. Where it asks “Which?” and somebody chooses, it knows the shop’s own word for it from then on.
    </p>
    <ul>
      <li v-for="row in rows ?? []" :key="`${row.kind}/${row.of}/${row.words}`">
        “{{ row.words }}” is {{ row.name }} <span class="soft">{{ row.kind }}, told by {{ row.by }}</span>
        <BButton size="sm" variant="link" :aria-label="`Forget “${row.words}”`" @click="forget(row)">Forget</BButton>
      </li>
    </ul>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  </section>
</template>

<style scoped lang="scss">
ul {
  padding-left: 1.1rem;
}
</style>
