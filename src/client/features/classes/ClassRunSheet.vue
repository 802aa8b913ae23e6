<script setup lang="ts">
import { NO_NAMES } from '#core/names/names'
import { computed, ref, shallowRef } from 'vue'
import type { Clashes } from '#shared/api/classes'
import { clockAfter, helpLines, minutesWords } from '#shared/messages/classes'
import { speech } from '#shared/messages/en'
import { dateWords, durationWords } from '#shared/messages/words'
import { ApiProblem, file, get, problemText, upload } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { fileName, saveFile } from '../../ui/saveFile'
import WorkLine from '../../ui/WorkLine.vue'
import EntryInput from '../../ui/EntryInput.vue'
import { useClass } from './useClass'
import { useDragBetween } from './useDragBetween'
import { useFromClass } from './useFromClass'

/**
 * What happens when: stages dragged or moved into another order, out as a calendar, with what the shop's calendar has
 * then.
 */
const { id, row, keep, techniqueName, seatName } = useClass()
const { told: sheet, problem, work } = useFromClass('run-sheet')
const table = ref<HTMLElement>()
const clashes = shallowRef<Clashes>()
const said = ref('')
const say = computed(() => speech(sheet.value?.names ?? NO_NAMES))
const asked = computed(() => row.value?.class)
const nameAt = (place: number) => techniqueName(asked.value?.techniques[place]?.technique)

const order = computed(() =>
  (sheet.value?.stages ?? []).map(({ technique }) => asked.value?.techniques[technique]?.technique ?? ''),
)
const moveTo = async (before: number, after: number) => {
  const next = [...order.value]
  next.splice(after, 0, ...next.splice(before, 1))
  await keep({ order: next })
}
/** A class that begins later today: every time of the sheet moves with it. */
const beginAt = async (clock: string) => {
  const day = asked.value?.starts.split('T')[0]
  if (day && clock) await keep({ starts: `${day}T${clock}:00` })
}
useDragBetween(
  table,
  'tbody',
  () => sheet.value,
  ({ before, after }) => void moveTo(before, after),
)

const loadClashes = async () => {
  try {
    clashes.value = await get(`/api/classes/${id}/clashes`)
  } catch (error) {
    problem.value = problemText(error)
  }
}
void loadClashes()
whenChanged(['calendar', 'classes'], loadClashes)
const readIn = async (event: Event) => {
  const field = event.target as HTMLInputElement
  const [picked] = field.files ?? []
  if (!picked) return
  said.value = ''
  problem.value = ''
  try {
    await upload(`/api/calendar?${new URLSearchParams({ name: picked.name })}`, picked)
    await loadClashes()
    said.value = `${picked.name} is read in.`
  } catch (error) {
    problem.value =
      error instanceof ApiProblem ? `${problemText(error)}\nThe calendar before is kept.` : problemText(error)
  } finally {
    field.value = ''
  }
}
const takeOut = async () => {
  try {
    saveFile(await file(`/api/classes/${id}/calendar.ics`), fileName([asked.value?.title ?? id], 'ics'))
  } catch (error) {
    problem.value = problemText(error)
  }
}
</script>

<template>
  <WorkLine :progress="work.progress.value" doing="Planning …" @stop="work.stop" />
  <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
  <template v-if="sheet && asked">
    <p v-if="sheet.stages.length === 0">No technique is taught yet.</p>
    <template v-else>
      <p>
        <strong class="count">{{ clockAfter(asked.starts, 0) }} – {{ clockAfter(asked.starts, sheet.minutes) }}</strong>
        <label class="begins">
          Begins
          <EntryInput
            type="time"
            class="form-control form-control-sm"
            :value="clockAfter(asked.starts, 0)"
            @change="beginAt"
          />
        </label>
        <span :class="{ caution: sheet.left < 0 }">
          {{ minutesWords(sheet.minutes) }};
          {{ sheet.left < 0 ? `${minutesWords(-sheet.left)} too long` : `${minutesWords(sheet.left)} to spare` }}.
        </span>
        <span v-if="sheet.demonstrate">
          Demonstrate on the <strong>{{ say.model(sheet.demonstrate.model) }}</strong>:
          {{ sheet.demonstrate.seats.length }} of {{ asked.seats.length }} seats do all just so.
        </span>
      </p>
      <p v-for="{ technique, first } in sheet.violations" :key="`${technique} ${first}`" class="caution">
        {{ nameAt(first) }} must come before {{ nameAt(technique) }}.
      </p>
      <p v-if="sheet.own" class="soft">
        Your order: the room waits {{ durationWords(sheet.waits) }} for changeovers<template
          v-if="sheet.leastWaits !== undefined"
        >
          ({{ durationWords(sheet.leastWaits) }} in the best)</template
        >.
        <BButton size="sm" variant="outline-primary" @click="keep({ order: undefined })">Take the best order</BButton>
      </p>
      <p v-else class="soft">The order in which the room waits least: {{ durationWords(sheet.waits) }}.</p>
      <div ref="table" class="scroll">
        <table class="table">
          <thead>
            <tr>
              <th scope="col">From</th>
              <th scope="col">Technique</th>
              <th scope="col" class="number">Show</th>
              <th scope="col" class="number">Change</th>
              <th scope="col" class="number">Sew</th>
              <th scope="col" class="number">Look</th>
              <th scope="col" class="number">Slack</th>
              <th scope="col">Who needs help</th>
              <th scope="col"><span class="visually-hidden">Move</span></th>
            </tr>
          </thead>
          <tbody data-list="stages">
            <tr v-for="(stage, i) in sheet.stages" :key="stage.technique" :data-thing="stage.technique">
              <td class="time">{{ clockAfter(asked.starts, stage.starts) }}</td>
              <th scope="row">
                {{ nameAt(stage.technique) }}
                <span v-if="stage.slowest" class="soft">
                  all wait for {{ seatName(stage.slowest.seat) }}: {{ durationWords(stage.slowest.seconds) }}
                </span>
              </th>
              <td class="number">{{ stage.show }}</td>
              <td class="number">{{ stage.change }}</td>
              <td class="number" :title="stage.sewFrom">{{ stage.sewFrom === 'unstated' ? '?' : stage.sew }}</td>
              <td class="number">{{ stage.inspect }}</td>
              <td class="number">{{ stage.slack }}</td>
              <td class="help">
                <span v-for="line in helpLines(stage.help, seatName)" :key="line">{{ line }}</span>
              </td>
              <td class="moves">
                <button
                  type="button"
                  :disabled="i === 0"
                  :aria-label="`Move ${nameAt(stage.technique)} up`"
                  @click="moveTo(i, i - 1)"
                >
                  ↑
                </button>
                <button
                  type="button"
                  :disabled="i === sheet.stages.length - 1"
                  :aria-label="`Move ${nameAt(stage.technique)} down`"
                  @click="moveTo(i, i + 1)"
                >
                  ↓
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="soft">
        Minutes. Sewing: where the seam’s length is told, path by stitch length by speed, six times over for learners;
        else the practice times of the technique.
      </p>
    </template>
    <section aria-label="Calendar" class="calendar">
      <h2>Calendar</h2>
      <p v-for="clash in clashes?.clashes ?? []" :key="clash.starts + clash.title" class="caution">
        At the same time: {{ clash.title }}, {{ dateWords(clash.starts) }} {{ clash.starts.slice(11, 16) }} to
        {{ clash.ends.slice(11, 16) }}{{ clash.place ? `, ${clash.place}` : '' }}.
      </p>
      <p v-if="clashes?.known && clashes.clashes.length === 0">Nothing else in the shop’s calendar at this time.</p>
      <p v-if="clashes && !clashes.known">The shop’s calendar is not read in yet: whether it clashes is not known.</p>
      <p class="acts">
        <BButton variant="outline-primary" @click="takeOut">Take the class out as a calendar file</BButton>
        <label class="btn btn-outline-primary">
          Read the shop’s calendar in
          <input type="file" accept=".ics,text/calendar" class="visually-hidden" @change="readIn" />
        </label>
        <span role="status" class="soft">{{ said }}</span>
      </p>
    </section>
  </template>
</template>

<style scoped lang="scss">
.begins {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  margin-right: 0.6rem;
}

.count {
  font-size: var(--figure);
  margin-right: 0.6rem;
}

.scroll {
  overflow-x: auto;
}

.time {
  font-size: var(--lead);
  font-weight: 650;
}

.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

th .soft,
.help span {
  display: block;
  font-weight: 400;
  font-size: var(--note);
}

tbody tr {
  cursor: grab;
}

.moves {
  white-space: nowrap;

  button {
    border: 1px solid var(--rule);
    background: none;
    color: var(--ink);
    min-width: 1.9rem;
  }
}

@media print {
  .moves,
  .calendar {
    display: none;
  }
}
</style>
