<script setup lang="ts">
import { shallowRef } from 'vue'
import type { ProgressView } from '#shared/api/practice'
import { capital, dateWords, list, stationWord } from '#shared/messages/words'
import { get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePicks } from '../../state/picks'
import { useAction } from '../../state/useAction'

/** Who practised, and where they hang: what the next class should show first. */
const { query } = usePicks()
const progress = shallowRef<ProgressView>()
const { problem, read } = useAction()
const load = () => read(async () => (progress.value = await get('/api/practice/progress')))
void load()
whenChanged(['practice'], load)
const open = (hangs: ProgressView['people'][number]['hangs']) => hangs.filter(({ settled }) => !settled)
const settled = (hangs: ProgressView['people'][number]['hangs']) => hangs.filter((hang) => hang.settled)
const words = (hangs: ProgressView['people'][number]['hangs']) =>
  capital(list(hangs.map(({ control, times }) => `${stationWord(control)}${times > 1 ? ` (${times} times)` : ''}`)))
</script>

<template>
  <main class="page wide">
    <p><RouterLink :to="{ path: '/practice', query }">Practice</RouterLink></p>
    <h1>Who practised, and where they hang</h1>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <template v-if="progress">
      <p v-if="progress.people.length === 0">
        Nobody has practised yet. Set a machine up under Practice, or make a link there for somebody without an account.
      </p>
      <template v-else>
        <section aria-label="By control">
          <h2>To show first</h2>
          <p v-if="progress.controls.length === 0">Nobody hangs at anything: what went wrong went well since.</p>
          <ul v-else>
            <li v-for="one in progress.controls" :key="one.control">
              <strong>{{ capital(stationWord(one.control)) }}:</strong> {{ list(one.people) }}
            </li>
          </ul>
          <p class="soft">A class’s run sheet says the same beside its technique, for who has a seat there.</p>
        </section>
        <table class="table" aria-label="By person">
          <thead>
            <tr>
              <th scope="col">Who</th>
              <th scope="col" class="number">Attempts</th>
              <th scope="col" class="number">Set up</th>
              <th scope="col">Last</th>
              <th scope="col">Hangs at</th>
              <th scope="col">Went well since</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="person in progress.people" :key="person.by">
              <th scope="row">{{ person.by }}</th>
              <td class="number">{{ person.attempts }}</td>
              <td class="number">{{ person.reached }}</td>
              <td>{{ dateWords(person.last) }}</td>
              <td>{{ open(person.hangs).length > 0 ? words(open(person.hangs)) : '–' }}</td>
              <td class="soft">{{ settled(person.hangs).length > 0 ? words(settled(person.hangs)) : '–' }}</td>
            </tr>
          </tbody>
        </table>
      </template>
    </template>
  </main>
</template>

<style scoped lang="scss">
.number {
  text-align: right;
}
</style>
