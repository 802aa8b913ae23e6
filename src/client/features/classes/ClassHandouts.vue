<script setup lang="ts">
import { ref } from 'vue'
import type { HandoutPart } from '#shared/api/classes'
import { file, problemText } from '../../api/client'
import { useWork } from '../../state/work'
import { fileName, saveFile } from '../../ui/saveFile'
import WorkLine from '../../ui/WorkLine.vue'
import { useClass } from './useClass'

/** The class on paper: each part as a PDF, or everything in one. */
const { id, row } = useClass()
const work = useWork()
const problem = ref('')
const said = ref('')
const PARTS: [HandoutPart, string, string][] = [
  [
    'cards',
    'Cards',
    'a card for each technique on each person’s machine, two A5 to a sheet, with a code that opens it',
  ],
  ['side-by-side', 'Side by side', 'techniques down, machines across, for you: only what differs is bold'],
  [
    'wall-a4',
    'For the wall, A4',
    'stitch number, foot, values and the one thing to watch, for all machines of the room',
  ],
  ['wall-a3', 'For the wall, A3', 'the same, to be read from the back of the room'],
  ['lists', 'Lists', 'who comes, loans out and in, what each brings, the room’s spare kit'],
  ['run-sheet', 'Run sheet', 'what happens when, and whom to help'],
  ['shopping', 'Shopping list', 'what is not on the shelf'],
]
const make = async (part: HandoutPart, seat?: number) => {
  problem.value = ''
  said.value = ''
  const path = `/api/classes/${id}/handouts/${part}.pdf${seat === undefined ? '' : `?seat=${seat}`}`
  try {
    const pdf = await work.run((name) => file(path, undefined, name))
    if (!pdf) said.value = 'Stopped.'
    else {
      const { title = '', seats = [] } = row.value?.class ?? {}
      saveFile(pdf, fileName([title, part, ...(seat === undefined ? [] : [seats[seat]?.name ?? ''])], 'pdf'))
      said.value = 'Done; the file is with your downloads.'
    }
  } catch (error) {
    problem.value = problemText(error)
  }
}
</script>

<template>
  <section v-if="row" aria-label="Handouts">
    <p v-if="row.class.seats.length === 0">Nobody has a seat yet: there is nothing to hand out.</p>
    <template v-else>
      <p class="acts">
        <BButton variant="primary" :disabled="work.busy.value" @click="make('everything')"
          >Everything, as one PDF</BButton
        >
        <span role="status" class="soft">{{ said }}</span>
      </p>
      <WorkLine :progress="work.progress.value" doing="Drawing pages …" @stop="work.stop" />
      <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
      <ul class="parts">
        <li v-for="[part, name, does] in PARTS" :key="part">
          <BButton variant="outline-primary" :disabled="work.busy.value" @click="make(part)">{{ name }}</BButton>
          <span>{{ does }}</span>
        </li>
      </ul>
      <h2>One person’s cards</h2>
      <ul class="people">
        <li v-for="(seat, s) in row.class.seats" :key="s">
          <BButton size="sm" variant="outline-primary" :disabled="work.busy.value" @click="make('cards', s)">
            {{ seat.name }}
          </BButton>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped lang="scss">
.people {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: center;
}

.parts,
.people {
  list-style: none;
  padding: 0;
}

.parts li {
  display: grid;
  grid-template-columns: 10rem 1fr;
  gap: 1rem;
  align-items: center;
  padding: 0.3rem 0;
}
</style>
