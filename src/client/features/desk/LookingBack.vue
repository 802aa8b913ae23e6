<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { LookingView } from '#shared/api/desk'
import { minutesWords } from '#shared/messages/classes'
import { get, problemText } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePicks } from '../../state/picks'
import TabLinks from '../../ui/TabLinks.vue'
import CountChart from './CountChart.vue'
import { deskTabs } from './tabs'

/** What the calls tell together, and what to teach, prove or stock next: each a link to where it is done. */
const { query } = usePicks()
const looking = shallowRef<LookingView>()
const problem = ref('')
const load = () =>
  get('/api/cases/looking-back')
    .then((told) => (looking.value = told))
    .catch((error: unknown) => (problem.value = problemText(error)))
void load()
whenChanged(['cases', 'catalogue'], load)
const name = (id: string) => looking.value?.names[id] ?? id
const MOST = 8
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
const monthName = (month: string) => `${MONTHS[Number(month.slice(5)) - 1]} ${month.slice(2, 4)}`
const charts = computed(() => {
  const { techniques = [], models = [], troubles = [], months = [] } = looking.value ?? {}
  const named = (counts: [string, number][]) =>
    counts.slice(0, MOST).map(([id, count]): [string, number] => [name(id), count])
  return [
    {
      title: 'By month',
      of: 'Month',
      counts: months.map(([month, count]): [string, number] => [monthName(month), count]),
    },
    { title: 'By trouble', of: 'Trouble', counts: named(troubles) },
    { title: 'By technique', of: 'Technique', counts: named(techniques) },
    { title: 'By machine', of: 'Machine', counts: named(models) },
  ].filter(({ counts }) => counts.length > 0)
})
const [teach, prove] = [computed(() => looking.value?.techniques[0]), computed(() => looking.value?.models[0])]
</script>

<template>
  <main class="page wide">
    <h1>Looking back</h1>
    <TabLinks :tabs="deskTabs" label="The desk" class="tabs" />
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <p v-if="looking && looking.cases === 0">No call kept yet: what they tell together is seen here.</p>
    <template v-if="looking && looking.cases > 0">
      <p>
        <strong class="count">{{ looking.cases }} calls</strong>
        <span class="soft">{{ minutesWords(looking.minutes) }} on the phone</span>
      </p>
      <section aria-label="What to do next">
        <h2>What to do next</h2>
        <ul>
          <li v-for="one in looking.rising" :key="one.trouble">
            <strong>{{ name(one.trouble) }}</strong> is asked oftener: {{ one.before }} before, {{ one.after }} since.
            <RouterLink :to="{ path: '/desk', query }">Read those cases</RouterLink>; a short class would save calls:
            <RouterLink :to="{ path: '/classes', query }">plan one</RouterLink>.
          </li>
          <li v-if="teach">
            Most asked: <strong>{{ name(teach[0]) }}</strong>, {{ teach[1] }} calls.
            <RouterLink :to="{ path: '/classes', query }">Teach it</RouterLink>, or
            <RouterLink :to="{ path: `/shelf/techniques/${teach[0]}`, query }">better its steps</RouterLink>.
          </li>
          <li v-if="prove">
            Most calls on the <strong>{{ name(prove[0]) }}</strong>, {{ prove[1] }}.
            <RouterLink :to="{ path: '/coverage', query: { ...query, m: prove[0] } }"
              >See what nobody has proved on it, and what to stock</RouterLink
            >.
          </li>
        </ul>
      </section>
      <div class="charts">
        <CountChart v-for="chart in charts" :key="chart.title" v-bind="chart" />
      </div>
    </template>
  </main>
</template>

<style scoped lang="scss">
.tabs {
  margin-bottom: 0.8rem;
}

.count {
  font-size: var(--figure);
  margin-right: 0.6rem;
}

.charts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(24rem, 1fr));
  gap: 1rem 2rem;
}
</style>
