<script setup lang="ts">
import { useRouter } from 'vue-router'
import { titleOf } from '#shared/tables/titles'
import { useNames } from '../../state/names'
import { usePicks } from '../../state/picks'
import FilePicker from './FilePicker.vue'
import { useFile } from './useFile'
import { useFitChart } from './useFitChart'

/** A fit chart: models across, feet down, a mark in each cell. What a mark means is asked, never guessed. */
const router = useRouter()
const { query } = usePicks()
const store = useNames()
const file = useFile()
const {
  make,
  where,
  chart,
  failed,
  busy,
  adapters,
  textOf,
  setMark,
  setModel,
  setFoot,
  unexplained,
  stated,
  unknownFeet,
  unknownModels,
  compared,
  contrary,
  toWrite,
  apply,
} = useFitChart(file, () => router.push({ path: '/shelf/fits', query: query.value }))
const text = (event: Event) => (event.target as HTMLSelectElement).value
const SHOWN = 200
</script>

<template>
  <main class="page wide">
    <h1><RouterLink :to="{ path: '/shelf/fits', query }">Fit statements</RouterLink>: read a fit chart</h1>
    <div class="line">
      <FilePicker :file="file" what="Fit chart, CSV, XLSX or PDF" />
      <label for="make">Make of the models</label>
      <select id="make" v-model="make" class="form-select short">
        <option v-for="(name, id) in store.names.makes" :key="id" :value="id">{{ name }}</option>
      </select>
      <label for="where">Where it says so</label>
      <input id="where" v-model="where" class="form-control short" />
    </div>
    <p v-if="!file.table.value && !file.problem.value" class="soft">
      Models across, feet down, marks in the cells. An empty cell states nothing: it is no “no”. What was tried at the
      bench stays above what a chart says.
    </p>
    <p v-if="file.table.value && !chart" role="alert" class="caution">
      No row of {{ file.file.value?.name }} names models of this shop, so it cannot be read as a fit chart. Are the
      models on the shelf, is the make right?
    </p>
    <template v-if="chart">
      <section>
        <h2>What the marks mean</h2>
        <div class="columns">
          <div v-for="{ mark, count, means } in chart.marks" :key="mark">
            <label :for="`mark-${mark}`"
              >“{{ mark }}” <span class="soft">{{ count }} times</span></label
            >
            <select
              :id="`mark-${mark}`"
              class="form-select form-select-sm"
              :class="{ open: !means }"
              :value="textOf(means)"
              @change="setMark(mark, text($event))"
            >
              <option value="" disabled>say what it means</option>
              <option value="fits">fits</option>
              <option value="no">does not fit</option>
              <option value="nothing">states nothing</option>
              <option v-for="[id, title] in adapters" :key="id" :value="`fits ${id}`">fits with {{ title }}</option>
            </select>
          </div>
        </div>
      </section>
      <section v-if="unknownModels.length > 0 || unknownFeet.length > 0">
        <h2>Not found on the shelf</h2>
        <p class="soft">Say which they are, or leave them: their cells are left out.</p>
        <div class="columns">
          <div v-for="entry in unknownModels" :key="entry.place">
            <label :for="`model-${entry.place}`">Model “{{ entry.heading }}”</label>
            <select
              :id="`model-${entry.place}`"
              class="form-select form-select-sm"
              value=""
              @change="setModel(entry.place, text($event))"
            >
              <option value="">left out</option>
              <option v-for="(name, id) in store.names.models" :key="id" :value="id">{{ name }}</option>
            </select>
          </div>
          <div v-for="entry in unknownFeet.slice(0, SHOWN)" :key="`foot-${entry.row}`">
            <label :for="`foot-${entry.row}`">Row {{ entry.row }}, “{{ entry.text }}”</label>
            <select
              :id="`foot-${entry.row}`"
              class="form-select form-select-sm"
              value=""
              @change="setFoot(entry.row, text($event))"
            >
              <option value="">left out</option>
              <option v-for="[id, name] in adapters" :key="id" :value="id">{{ name }}</option>
            </select>
          </div>
        </div>
      </section>
      <p class="line">
        <BButton
          variant="primary"
          :disabled="unexplained.length > 0 || toWrite.length === 0 || where.trim() === '' || busy"
          @click="apply"
          >{{ busy ? 'Writing …' : `Apply ${toWrite.length}` }}</BButton
        >
        <span role="status">
          {{ stated.length }} statements read; {{ compared.filter(({ is }) => is === 'added').length }} new,
          {{ compared.filter(({ is }) => is === 'changed').length }} changed,
          {{ compared.filter(({ is }) => is === 'same').length }} as they were.
          <span v-if="unexplained.length > 0" class="caution">Say what each mark means first.</span>
        </span>
      </p>
      <p v-if="contrary.length > 0" class="caution">
        Contrary to what is stated now: {{ contrary.map(({ next }) => titleOf('fits', next, store.names)).join('; ') }}.
      </p>
      <div class="scroll" tabindex="0" role="region" aria-label="The fit chart">
        <table class="table table-sm">
          <thead>
            <tr>
              <th scope="col">Foot</th>
              <th v-for="entry in chart.models" :key="entry.place" scope="col">{{ entry.heading }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="foot in chart.feet.slice(0, SHOWN)" :key="foot.row" :class="{ soft: !foot.item }">
              <th scope="row">{{ foot.item ? store.names.items?.[foot.item] : foot.text }}</th>
              <td v-for="entry in chart.models" :key="entry.place">{{ foot.marks[entry.place] ?? '' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
    <p v-if="failed" role="alert" class="caution lines">{{ failed }}</p>
  </main>
</template>

<style scoped lang="scss">
section {
  border-top: 1px solid var(--rule);
  padding: 0.6rem 0;
}

.short {
  width: 12rem;
}

.columns {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
}

.open {
  border-color: var(--madder);
}

.scroll {
  overflow: auto;
  max-height: 45vh;
}
</style>
