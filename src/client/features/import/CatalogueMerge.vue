<!-- A catalogue from another shop or a maker, beside the shop's own: taken whole or in parts, undone in one. -->
<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Resource } from '#shared/api/resources'
import { usePickLists, usePicks } from '../../state/picks'
import { shelves } from '../shelf/shelves'
import MergeLines from './MergeLines.vue'
import { groupOf, MERGE_GROUPS, useMerge, type MergeGroup } from './useMerge'

const { query } = usePicks()
const lists = usePickLists()
const merge = useMerge(() => lists.load())
const { busy, problem, said, sources, source, fileName, catalogue, view, others, taken, lines, asked } = merge
void merge.loadSources()

const WORDS: Record<MergeGroup, string> = {
  asked: 'The same thing?',
  changedInBoth: 'Changed in both',
  changedThere: 'Changed there',
  new: 'New',
  gone: 'Gone there',
  changedHere: 'Only here',
}
const group = ref<MergeGroup>()
const resource = ref<Resource>()
const count = (of: MergeGroup) => lines.value.filter((line) => groupOf(line) === of).length
const groups = computed(() => MERGE_GROUPS.filter((of) => count(of) > 0))
/** The first that wants a person, until somebody chooses. */
const shownGroup = computed(() => (group.value && count(group.value) > 0 ? group.value : groups.value[0]))
const ofGroup = computed(() => lines.value.filter((line) => groupOf(line) === shownGroup.value))
const kinds = computed(() => [...new Set(ofGroup.value.map((line) => line.resource))])
const shown = computed(() =>
  resource.value !== undefined && kinds.value.includes(resource.value)
    ? ofGroup.value.filter((line) => line.resource === resource.value)
    : ofGroup.value,
)
const kindName = (of: Resource) =>
  of === 'stitches' ? 'Stitches' : (shelves.find((shelf) => shelf.resource === of)?.name ?? of)
const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' })
const pick = (event: Event) => {
  const [file] = (event.target as HTMLInputElement).files ?? []
  if (file) void merge.open(file)
}
const forget = (event: Event) => ((event.target as HTMLInputElement).value = '')
const isReady = computed(() => catalogue.value !== undefined && source.value.trim() !== '')
</script>

<template>
  <main class="page wide">
    <h1>A catalogue from elsewhere</h1>
    <form class="line" @submit.prevent="merge.compare()">
      <label for="catalogue">File</label>
      <input
        id="catalogue"
        type="file"
        accept=".json,application/json"
        class="form-control file"
        @click="forget"
        @change="pick"
      />
      <label for="source">published by</label>
      <input id="source" v-model="source" class="form-control from" list="sources" autocomplete="off" maxlength="120" />
      <datalist id="sources">
        <option v-for="one in sources" :key="one.source" :value="one.source"></option>
      </datalist>
      <BButton type="submit" variant="primary" :disabled="busy || !isReady">Compare</BButton>
    </form>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <p role="status">
      {{ busy ? 'Comparing and writing …' : said }}
      <BButton v-if="taken && taken.added + taken.changed + taken.removed > 0" size="sm" @click="merge.undo()">
        Take it back
      </BButton>
    </p>
    <template v-if="!view && !busy">
      <p class="soft">
        What another shop or a maker has saved is held against what you have, row by row and field by field. Nothing is
        written until you say so; what you changed yourself, and what was tried at the bench, stays unless you say
        otherwise.
      </p>
      <ul v-if="sources.length > 0" class="sources" aria-label="Taken before">
        <li v-for="one in sources" :key="one.source">
          <BButton size="sm" variant="link" @click="source = one.source">{{ one.source }}</BButton>
          <span class="soft">last taken {{ when.format(new Date(one.at)) }} by {{ one.by }}</span>
        </li>
      </ul>
    </template>
    <template v-if="view">
      <p class="line">
        <BButton variant="primary" :disabled="busy || asked > 0" @click="merge.take()">Take in</BButton>
        <span v-if="asked > 0" class="caution">First say of {{ asked }} whether it is the same thing.</span>
        <span v-else class="soft">
          {{ fileName }}: {{ view.same }} rows as they are here.
          {{
            view.last
              ? `Held against what ${view.last.by} took from ${source} on ${when.format(new Date(view.last.at))}.`
              : `Nothing was taken from ${source} before: what differs stays as it is here unless you choose theirs.`
          }}
        </span>
      </p>
      <p v-for="[key, title] in others" :key="key" class="soft other">
        {{ title }}: theirs is another thing and gets an id of its own.
        <BButton size="sm" variant="link" @click="merge.notOther(key)">It is the same</BButton>
      </p>
      <p v-if="lines.length === 0">All of it is here already. There is nothing to do.</p>
      <template v-else>
        <div class="line" role="group" aria-label="Which rows">
          <BButton
            v-for="of in groups"
            :key="of"
            size="sm"
            :variant="of === shownGroup ? 'primary' : 'outline-primary'"
            :pressed="of === shownGroup"
            @click="group = of"
            >{{ of === 'changedInBoth' && !view.last ? 'Different' : WORDS[of] }} ({{ count(of) }})</BButton
          >
          <label for="kind" class="kind">of</label>
          <select id="kind" v-model="resource" class="form-select kind-box">
            <option :value="undefined">every kind</option>
            <option v-for="of in kinds" :key="of" :value="of">{{ kindName(of) }}</option>
          </select>
        </div>
        <MergeLines :lines="shown" :merge="merge" />
      </template>
    </template>
    <p class="soft">
      <RouterLink :to="{ path: '/shelf/history', query }">History</RouterLink>: each taking is one write and is taken
      back in one.
    </p>
  </main>
</template>

<style scoped lang="scss">
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
  margin: 0.4rem 0;
}

.file {
  width: 20rem;
}

.from {
  width: 16rem;
}

.kind-box {
  width: auto;
}

.sources {
  list-style: none;
  padding: 0;
}

.other {
  margin: 0;
}
</style>
