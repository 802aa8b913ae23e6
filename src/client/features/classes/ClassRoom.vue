<script setup lang="ts">
import { dateWords } from '#shared/messages/words'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { usePicks } from '../../state/picks'
import { openClass } from './useClass'

/** A class and its sheets: who is ready, run sheet, supplies, handouts, what came of it, what it is made of. */
const props = defineProps<{ id: string }>()
const route = useRoute()
const { query } = usePicks()
const { row, draft, changed, problem, said, saving, save } = openClass(props.id)
const sheets = [
  ['', 'Readiness'],
  ['run-sheet', 'Run sheet'],
  ['supplies', 'Supplies'],
  ['handouts', 'Handouts'],
  ['after', 'Afterwards'],
  ['facts', 'Seats and techniques'],
] as const
const base = computed(() => `/classes/${props.id}`)
const pathOf = (sheet: string) => (sheet === '' ? base.value : `${base.value}/${sheet}`)
</script>

<template>
  <main class="page wide">
    <p class="back"><RouterLink :to="{ path: '/classes', query }">All classes</RouterLink></p>
    <template v-if="row && draft">
      <div class="head">
        <h1>{{ draft.title }}</h1>
        <span class="soft">
          {{ dateWords(draft.starts) }}, {{ draft.starts.slice(11, 16) }} · {{ draft.minutes }} minutes
          {{ draft.room ? ` · ${draft.room}` : '' }}
        </span>
        <span class="acts">
          <span role="status" class="soft">{{ saving ? 'Saving …' : changed ? '' : said }}</span>
          <BButton v-if="changed" variant="primary" :disabled="saving" @click="save">Save</BButton>
        </span>
      </div>
      <nav class="sheets" aria-label="Sheets of the class">
        <RouterLink
          v-for="[sheet, name] in sheets"
          :key="sheet"
          :to="{ path: pathOf(sheet), query }"
          :class="{ here: route.path === pathOf(sheet) }"
          :aria-current="route.path === pathOf(sheet) ? 'page' : undefined"
          >{{ name }}</RouterLink
        >
      </nav>
    </template>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <RouterView v-if="row && draft" />
  </main>
</template>

<style scoped lang="scss">
.back {
  margin: 0;
}

.head,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.9rem;
  align-items: baseline;
}

h1 {
  margin: 0;
}

.acts {
  margin-left: auto;
}

.sheets {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.1rem;
  margin-bottom: 0.8rem;
  border-bottom: 1px solid var(--rule);

  a {
    padding: 0.25rem 0;
    color: var(--ink-soft);
    text-decoration: none;
    border-bottom: 3px solid transparent;

    &:hover {
      color: var(--ink);
    }
  }

  .here {
    color: var(--ink);
    font-weight: 650;
    border-bottom-color: var(--teal);
  }
}

.lines {
  white-space: pre-line;
}
</style>
