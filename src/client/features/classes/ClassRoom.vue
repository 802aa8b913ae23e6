<script setup lang="ts">
import { dateWords } from '#shared/messages/words'
import { usePicks } from '../../state/picks'
import TabLinks from '../../ui/TabLinks.vue'
import ChangedUnderneath from '../../ui/ChangedUnderneath.vue'
import VersionDialog from '../../ui/VersionDialog.vue'
import { openClass } from './useClass'

/** A class and its sheets: who is ready, run sheet, supplies, handouts, what came of it, what it is made of. */
const props = defineProps<{ id: string }>()
const { query } = usePicks()
const { row, draft, changed, problem, said, saving, save, clash, settle, leave, underneath, compare } = openClass(
  props.id,
)
const base = `/classes/${props.id}`
const sheets = [
  { path: base, name: 'Readiness' },
  { path: `${base}/run-sheet`, name: 'Run sheet' },
  { path: `${base}/supplies`, name: 'Supplies' },
  { path: `${base}/handouts`, name: 'Handouts' },
  { path: `${base}/after`, name: 'Afterwards' },
  { path: `${base}/facts`, name: 'Seats and techniques' },
]
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
          <span role="status" class="soft">{{ saving ? 'Saving …' : changed && said === 'Saved.' ? '' : said }}</span>
          <BButton v-if="changed" variant="primary" :disabled="saving" @click="save">Save</BButton>
        </span>
      </div>
      <TabLinks :tabs="sheets" label="Sheets of the class" class="sheets" />
    </template>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <ChangedUnderneath :shown="underneath !== undefined" @compare="compare" />
    <VersionDialog v-if="clash" :both="clash" @settle="settle" @leave="leave" />
    <RouterView v-if="row && draft" />
  </main>
</template>

<style scoped lang="scss">
.back {
  margin: 0;
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
  align-items: baseline;
}

h1 {
  margin: 0;
}

.acts {
  margin-left: auto;
}

.sheets {
  margin-bottom: 0.8rem;
}
</style>
