<!-- What one model can do, technique by technique, with the first reason of each. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { Verdict } from '#core/answer/types'
import type { ColumnView } from '#shared/api/coverage'
import { speech } from '#shared/messages/en'
import { capital, verdictWord } from '#shared/messages/words'
import { usePickLists } from '../../state/picks'
import VerdictMark from '../card/VerdictMark.vue'
import { cellPasses, hasWords, type FilteredCell, type Filters } from './filters'
import { shortVerdict, verdicts } from './words'

const props = defineProps<{
  column: ColumnView
  filters: Filters
  /** The technique whose card stands beside. */
  at: string | undefined
}>()
const emit = defineEmits<{ open: [technique: string] }>()
const lists = usePickLists()

const say = computed(() => speech(props.column.names))
const techniqueOf = (id: string) => lists.lists?.techniques.find((technique) => technique.id === id)
const rows = computed(() => {
  return props.column.cells.flatMap(({ technique, decision }) => {
    const found = techniqueOf(technique)
    const word = verdictWord(
      decision.verdict,
      decision.toGet.flatMap((id) => props.column.names.items[id] ?? []),
    )
    const text = `${found?.name} ${found?.family} ${found?.aliases.join(' ')} ${word}`
    if (!hasWords(text, props.filters.words) || !cellPasses(standing(decision), props.filters)) return []
    return [{ technique, name: found?.name ?? technique, family: found?.family ?? '', decision, word }]
  })
})
const groups = computed(() => {
  const families = [...new Set(rows.value.map(({ family }) => family))]
  return families.map((family) => ({ family, own: rows.value.filter((row) => row.family === family) }))
})
/** A cell rests on the weakest of its stages, and is proved where every one was sewn. */
const standing = ({ verdict, stages }: ColumnView['cells'][number]['decision']): FilteredCell => ({
  verdict,
  evidence: (['workedOut', 'book', 'bench'] as const).find((one) => stages.some(({ evidence }) => evidence === one)),
  proved: stages.length > 0 && stages.every(({ proved }) => proved > 0),
})
const count = (one: Verdict) => props.column.cells.filter(({ decision }) => decision.verdict === one).length
</script>

<template>
  <div>
    <p class="counts" role="status">
      <span v-for="one in verdicts" :key="one"
        ><VerdictMark :verdict="one" /> {{ count(one) }} {{ shortVerdict(one).toLowerCase() }}</span
      >
    </p>
    <template v-for="{ family, own } in groups" :key="family">
      <h2>{{ capital(family) }}</h2>
      <ul>
        <li v-for="row in own" :key="row.technique">
          <button type="button" class="cell" :aria-pressed="at === row.technique" @click="emit('open', row.technique)">
            <VerdictMark :verdict="row.decision.verdict" />
            <strong>{{ row.name }}</strong>
            <span class="word">{{ row.word }}</span>
            <span class="soft reason">
              <template v-if="row.decision.reason">{{ say.reason(row.decision.reason) }}</template>
              <template v-else>{{
                row.decision.stages
                  .map(({ select, foot }) => [select, foot ? say.item(foot) : ''].filter(Boolean).join(', '))
                  .join('; ')
              }}</template>
              <template v-if="standing(row.decision).proved"> · proved on fabric</template>
            </span>
          </button>
        </li>
      </ul>
    </template>
    <p v-if="rows.length === 0">Nothing is as it is looked for here.</p>
  </div>
</template>

<style scoped lang="scss">
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.6rem;

  span {
    display: inline-flex;
    gap: 0.4rem;
    align-items: center;
  }
}

ul {
  list-style: none;
  padding: 0;
  margin-bottom: 0.6rem;
}

.cell {
  display: grid;
  grid-template-columns: 2rem 14rem 9.5rem 1fr;
  gap: 0.6rem;
  align-items: center;
  width: 100%;
  border: 0;
  border-top: 1px solid var(--rule);
  background: none;
  color: var(--ink);
  text-align: left;
  padding: 0.4rem 0;

  &[aria-pressed='true'] {
    background: var(--fold);
  }
}

.word {
  font-weight: 650;
}

:deep(.verdict-mark) {
  width: 1.6rem;
  height: 1.6rem;
}

@media (max-width: 1000px) {
  .cell {
    grid-template-columns: 2rem 1fr auto;
  }

  .reason {
    grid-column: 2 / -1;
  }
}
</style>
