<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Gap } from '#core/coverage/gaps'
import type { GapsView } from '#shared/api/coverage'
import { speech } from '#shared/messages/en'
import { capital } from '#shared/messages/words'
import { usePickLists, usePicks } from '../../state/picks'
import { gapCounts, gapPlace, gapText, techniquesOnMachines } from './gapWords'

/** What would close the gaps, what closes most first, each with the way to begin. */
type Ranking = 'cells' | 'machines' | 'seats'
const props = defineProps<{ view: GapsView; by: Ranking }>()
const emit = defineEmits<{ by: [by: Ranking] }>()
const lists = usePickLists()
const { query } = usePicks()
const say = computed(() => speech(props.view.names))
const SHOWN = 12
const all = ref(false)
const shown = computed(() => (all.value ? props.view.gaps : props.view.gaps.slice(0, SHOWN)))
const toOf = (gap: Gap) => gapPlace(gap, query.value)
const nameOf = (kind: 'models' | 'techniques', id: string) =>
  lists.lists?.[kind].find((one) => one.id === id)?.name ?? id
</script>

<template>
  <section v-if="view.cover.steps.length > 0">
    <h2>Three purchases that close most</h2>
    <ol>
      <li v-for="step in view.cover.steps" :key="step.items.join()">
        {{ say.items(step.items) }} <span class="soft">for {{ techniquesOnMachines(step.closes) }}</span>
      </li>
    </ol>
    <p class="soft">{{ view.cover.closed }} of the {{ techniquesOnMachines(view.needing) }} that need something.</p>
  </section>
  <section v-if="view.gaps.length > 0">
    <h2>What closes gaps</h2>
    <label class="soft">
      most
      <select
        class="form-select form-select-sm"
        :value="by"
        @change="emit('by', ($event.target as HTMLSelectElement).value as Ranking)"
      >
        <option value="cells">techniques on machines</option>
        <option value="machines">customers’ machines</option>
        <option value="seats">booked seats</option>
      </select>
      first
    </label>
    <ul>
      <li v-for="gap in shown" :key="JSON.stringify(gap.closer)">
        <RouterLink :to="toOf(gap)">{{ gapText(gap, say) }}</RouterLink>{{ ' ' }}
        <span class="soft">{{ gapCounts(gap) }}</span>
      </li>
    </ul>
    <BButton v-if="view.gaps.length > SHOWN && !all" size="sm" variant="link" @click="all = true"
      >All {{ view.gaps.length }}</BButton
    >
  </section>
  <section v-if="view.unproved.length > 0">
    <h2>Ready, but nobody has proved it</h2>
    <p class="soft">{{ capital(techniquesOnMachines(view.unproved.length)) }}. Sew one on a scrap and log it.</p>
    <ul>
      <li v-for="{ technique, model } in view.unproved.slice(0, SHOWN)" :key="`${technique}/${model}`">
        <RouterLink :to="{ path: '/card', query: { ...query, m: model, t: technique } }"
          >{{ nameOf('techniques', technique) }} on {{ nameOf('models', model) }}</RouterLink
        >
      </li>
    </ul>
  </section>
  <p v-if="view.gaps.length === 0 && view.unproved.length === 0">No gap in this fabric.</p>
</template>

<style scoped lang="scss">
section {
  margin-bottom: 1rem;
}

label {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  white-space: nowrap;
}

ul {
  list-style: none;
  padding: 0;
}

ol {
  padding-left: 1.2rem;
}

li {
  margin-bottom: 0.2rem;
}
</style>
