<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { OutOfReach } from '#core/workbench/figure'
import { usePicks } from '../../state/picks'
import StitchPicture from '../../ui/stitch/StitchPicture.vue'
import { calculators } from './calculators'
import type { WorkbenchContext, Calculator, FieldValues } from './calculator'
import FigureList from './FigureList.vue'
import MotifFile from './MotifFile.vue'
import SheetActs from './SheetActs.vue'
import { useWorkbenchContext } from './useWorkbenchContext'
import { LENGTHS, useLengths } from './useLengths'
import { useCalculator } from './useCalculator'

/** The measuring and arithmetic: fill in, read off, see how each figure came about; print it, hand it to the card. */
const route = useRoute()
const router = useRouter()
const { picked, whole, query } = usePicks()
const { bench, problem } = useWorkbenchContext(picked)
const { lengths } = useLengths()
const current = computed(
  () => calculators.find(({ id }) => id === route.params.calculator) ?? (calculators[0] as Calculator),
)
const { fields, textOf, choiceOf, set, clear, touched, fromOf, faultOf, result } = useCalculator(current, bench)

const groups = computed(() =>
  [...new Set(calculators.map(({ group }) => group))].map((group) => ({
    group,
    list: calculators.filter((one) => one.group === group),
  })),
)
const typing = (id: string, event: Event) => set(id, (event.target as HTMLInputElement).value)
const open = (id: string) => router.replace({ path: `/workbench/${id}`, query: query.value })

/** What can be drawn or handed on only where the figures stand. */
const from = <T,>(make: ((values: FieldValues, at: WorkbenchContext) => T) | undefined): T | undefined => {
  if (!make || !result.value || 'reach' in result.value) return undefined
  try {
    return make(result.value.values, bench.value)
  } catch (error) {
    if (error instanceof OutOfReach || error instanceof RangeError) return undefined
    throw error
  }
}
const picture = computed(() => from(current.value.picture))
const sheet = computed(() => from(current.value.sheet))
const back = computed(() => (whole.value ? from(current.value.back) : undefined))
const tries = computed(() => {
  const found = whole.value ? from(current.value.tries) : undefined
  return (
    found &&
    Object.entries(found)
      .map(([parameter, value]) => `${parameter}:${value}`)
      .join(',')
  )
})
const inHand = computed(() => {
  const { model, fabric, stages } = bench.value.hand
  const card = stages[0] && `${stages[0].select}${stages[0].foot ? ` with ${stages[0].foot.code}` : ''}`
  return [model?.name, card, fabric?.name].filter(Boolean).join(' · ')
})
</script>

<template>
  <main class="page wide bench">
    <nav class="list" aria-label="Calculators">
      <section v-for="{ group, list } in groups" :key="group">
        <h2>{{ group }}</h2>
        <button
          v-for="one in list"
          :key="one.id"
          type="button"
          :aria-current="one.id === current.id ? 'page' : undefined"
          @click="open(one.id)"
        >
          {{ one.name }}
        </button>
      </section>
    </nav>
    <div class="work">
      <h1>{{ current.name }}</h1>
      <p class="soft">
        {{ current.does }} Typed lengths are millimetres; inches with their sign, as 1/4" or 2½".
        <span role="group" aria-label="Lengths" class="lengths">
          Shown first:
          <button
            v-for="one in LENGTHS"
            :key="one"
            type="button"
            class="link"
            :aria-pressed="lengths === one"
            @click="lengths = one"
          >
            {{ one }}
          </button>
        </span>
      </p>
      <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
      <div class="columns">
        <form @submit.prevent>
          <p class="hand">
            <template v-if="inHand">In hand: {{ inHand }}.</template>
            <template v-else
              >Nothing in hand: pick machine, technique and fabric at the top to start from a card.</template
            >
            <button v-if="touched" type="button" class="link" @click="clear">Start over</button>
          </p>
          <div v-for="field in fields" :key="`${current.id} ${field.id}`" class="field">
            <label :for="`field-${field.id}`">{{ field.label }}</label>
            <select
              v-if="field.is === 'choice'"
              :id="`field-${field.id}`"
              class="form-select"
              :value="choiceOf(field.id)"
              @change="typing(field.id, $event)"
            >
              <option v-for="[value, word] in field.of" :key="value" :value="value">{{ word }}</option>
            </select>
            <textarea
              v-else-if="field.is === 'text'"
              :id="`field-${field.id}`"
              class="form-control lines"
              rows="9"
              spellcheck="false"
              :class="{ 'is-invalid': faultOf(field.id) }"
              :value="textOf(field.id)"
              :aria-describedby="faultOf(field.id) ? `fault-${field.id}` : undefined"
              @input="typing(field.id, $event)"
            ></textarea>
            <input
              v-else
              :id="`field-${field.id}`"
              class="form-control"
              :class="{ 'is-invalid': faultOf(field.id) }"
              inputmode="decimal"
              :value="textOf(field.id)"
              :aria-describedby="faultOf(field.id) ? `fault-${field.id}` : undefined"
              :aria-invalid="faultOf(field.id) ? true : undefined"
              @input="typing(field.id, $event)"
            />
            <span v-if="faultOf(field.id)" :id="`fault-${field.id}`" class="caution"
              >{{ field.label }} {{ faultOf(field.id) }}.</span
            >
            <span v-else-if="fromOf(field.id)" class="soft from">from {{ fromOf(field.id) }}</span>
            <MotifFile
              v-if="field.is === 'text'"
              :text="textOf(field.id)"
              :keeps="from(current.keeps)"
              @read="(text) => set(field.id, text)"
            />
          </div>
        </form>
        <div>
          <section aria-label="Figures" aria-live="polite">
            <p v-if="!result" class="soft">Mend what is marked on the left; the figures follow.</p>
            <p v-else-if="'reach' in result" class="caution">{{ result.reach }}</p>
            <FigureList v-else :lines="result.lines" />
          </section>
          <RouterLink
            v-if="tries"
            class="btn btn-outline-primary btn-sm"
            :to="{ path: '/log/new', query: { ...query, set: tries } }"
            >Sew it and log it</RouterLink
          >
          <RouterLink
            v-if="back"
            class="btn btn-outline-primary btn-sm"
            :to="{ path: '/card', query: { ...query, ...back.query } }"
            >{{ back.words }}</RouterLink
          >
          <StitchPicture
            v-if="picture"
            :sketch="picture.sketch"
            :name="picture.name"
            :most="36"
            :faint="picture.faint"
          />
          <SheetActs v-if="sheet" :words="sheet.words" :sheet="sheet.sheet" />
        </div>
      </div>
    </div>
  </main>
</template>

<style scoped lang="scss">
.bench {
  display: grid;
  grid-template-columns: 10.5rem minmax(0, 1fr);
  gap: 0 2rem;
}

.list {
  h2 {
    font-size: var(--note);
    font-weight: 400;
    color: var(--ink-soft);
    margin: 0.6rem 0 0.1rem;
  }

  button {
    display: block;
    border: 0;
    border-left: 3px solid transparent;
    background: none;
    padding: 0.1rem 0.6rem;
    color: var(--ink);
    text-align: left;
  }

  button[aria-current] {
    font-weight: 650;
    border-left-color: var(--teal);
  }
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 23.5rem) minmax(0, 1fr);
  gap: 0 2rem;
}

.hand {
  margin-bottom: 0.4rem;
}

.field {
  display: grid;
  grid-template-columns: 1fr 12.5rem;
  gap: 0 0.8rem;
  align-items: center;
  padding: 0.2rem 0;

  .caution {
    grid-column: 1 / -1;
  }
}

.lines {
  font-family: var(--bs-font-monospace);
  font-size: var(--note);
}

.from {
  grid-column: 1 / -1;
  text-align: right;
  font-size: var(--small);
}

.link {
  border: 0;
  padding: 0 0 0 0.4rem;
  background: none;
  color: var(--teal);
  text-decoration: underline;

  &[aria-pressed='true'] {
    color: var(--ink);
    font-weight: 650;
    text-decoration: none;
  }
}

.lengths {
  white-space: nowrap;
}

@media print {
  .lengths {
    display: none;
  }
}

@media (max-width: 1000px) {
  .bench,
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  .list {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.2rem;
  }
}
</style>
