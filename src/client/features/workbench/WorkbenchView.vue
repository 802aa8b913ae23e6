<script setup lang="ts">
import { computed, reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { formatInches, formatNumber } from '#core/units/format'
import { OutOfReach, type Figure } from '#core/workbench/figure'
import { usePicks } from '../../state/picks'
import { calculators, type Calculator, type Line } from './calculators'
import { readField } from './readField'

/** The measuring and arithmetic: fill in, read off, see how each figure came about. */
const route = useRoute()
const router = useRouter()
const { query } = usePicks()
const current = computed(() => calculators.find(({ id }) => id === route.params.calculator) ?? (calculators[0] as Calculator)) // prettier-ignore

/** What was filled in, by calculator and field; kept while the room is open. */
const filled = reactive<Record<string, Record<string, string>>>({})
const textsOf = (id: string) => (filled[id] ??= {})
const textOf = (id: string, start = '') => textsOf(current.value.id)[id] ?? start
const set = (id: string, event: Event) => (textsOf(current.value.id)[id] = (event.target as HTMLInputElement).value)

const choiceOf = (id: string): string => {
  const chosen = textsOf(current.value.id)[id]
  if (chosen !== undefined) return chosen
  const field = current.value.fields(() => '').find((one) => one.id === id)
  return field?.start ?? ''
}
const fields = computed(() => current.value.fields(choiceOf))
const reads = computed(() => new Map(fields.value.flatMap((field) => (field.is === 'choice' ? [] : [[field.id, readField(field, textOf(field.id, field.start))] as const])))) // prettier-ignore
const faultOf = (id: string): string | undefined => {
  const read = reads.value.get(id)
  return read && 'fault' in read ? read.fault : undefined
}
const result = computed((): { lines: Line[] } | { reach: string } | undefined => {
  if (fields.value.some(({ id }) => faultOf(id))) return undefined
  const number = (id: string) => {
    const read = reads.value.get(id)
    return read && 'value' in read ? read.value : NaN
  }
  try {
    return { lines: current.value.reckon({ number, choice: choiceOf }) }
  } catch (error) {
    if (!(error instanceof OutOfReach)) throw error
    const { input, value, reach } = error
    const from = `${reach.open ? 'above' : 'from'} ${formatNumber(reach.from)}`
    return { reach: `${input[0]?.toUpperCase()}${input.slice(1)} ${formatNumber(value)} cannot be reckoned with; it may be ${from} up to ${formatNumber(reach.to)}.` } // prettier-ignore
  }
})

const shown = ({ value, unit }: Figure): string => {
  if (unit === 'mm') return `${formatNumber(value, 3)} mm`
  if (unit === 'm') return `${formatNumber(value, 2)} m`
  if (unit === 'percent') return `${formatNumber(value, 1)} %`
  if (unit === 'radians') return `${formatNumber((value * 180) / Math.PI, 1)}°`
  return formatNumber(value, 2)
}
const inInches = ({ value, unit }: Figure): string =>
  unit === 'mm' && Math.abs(value) >= 1 ? `≈ ${formatInches(value)}` : ''
const inputs = ({ from }: Figure): string => Object.entries(from).map(([name, value]) => `${name} = ${formatNumber(value, 3)}`).join(', ') // prettier-ignore
const open = (id: string) => router.replace({ path: `/workbench/${id}`, query: query.value })
</script>

<template>
  <main class="page wide">
    <h1>Workbench</h1>
    <nav class="tabs" aria-label="Calculators">
      <button
        v-for="one in calculators"
        :key="one.id"
        type="button"
        class="tab"
        :aria-current="one.id === current.id ? 'page' : undefined"
        @click="open(one.id)"
      >
        {{ one.name }}
      </button>
    </nav>
    <p class="soft">{{ current.does }} Millimetres; inches with their sign, as 1/4" or 2½".</p>
    <div class="columns">
      <form @submit.prevent>
        <div v-for="field in fields" :key="`${current.id} ${field.id}`" class="field">
          <label :for="`field-${field.id}`">{{ field.label }}</label>
          <select
            v-if="field.is === 'choice'"
            :id="`field-${field.id}`"
            class="form-select"
            :value="choiceOf(field.id)"
            @change="set(field.id, $event)"
          >
            <option v-for="[value, word] in field.of" :key="value" :value="value">{{ word }}</option>
          </select>
          <input
            v-else
            :id="`field-${field.id}`"
            class="form-control"
            :class="{ 'is-invalid': faultOf(field.id) }"
            inputmode="decimal"
            :value="textOf(field.id, field.start)"
            :aria-describedby="faultOf(field.id) ? `fault-${field.id}` : undefined"
            :aria-invalid="faultOf(field.id) ? true : undefined"
            @input="set(field.id, $event)"
          />
          <span v-if="faultOf(field.id)" :id="`fault-${field.id}`" class="caution"
            >{{ field.label }} {{ faultOf(field.id) }}.</span
          >
        </div>
      </form>
      <section aria-label="Figures" aria-live="polite">
        <p v-if="!result" class="soft">Mend what is marked on the left; the figures follow.</p>
        <p v-else-if="'reach' in result" class="caution">{{ result.reach }}</p>
        <dl v-else>
          <template v-for="line in result.lines" :key="line.label">
            <dt>{{ line.label }}</dt>
            <dd>
              <strong class="figure">{{ shown(line.figure) }}</strong>
              <span v-if="inInches(line.figure)" class="soft inches">{{ inInches(line.figure) }}</span>
              <span v-if="line.note" class="note" :class="{ caution: line.warn }">{{ line.note }}</span>
              <details>
                <summary>Why {{ shown(line.figure) }}</summary>
                {{ line.figure.formula }}; {{ inputs(line.figure) }}.
              </details>
            </dd>
          </template>
        </dl>
      </section>
    </div>
  </main>
</template>

<style scoped lang="scss">
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.4rem;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 0.6rem;
}

.tab {
  border: 0;
  background: none;
  padding: 0.3rem 0;
  color: var(--ink-soft);
  border-bottom: 3px solid transparent;

  &[aria-current='page'] {
    color: var(--ink);
    font-weight: 650;
    border-bottom-color: var(--teal);
  }
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 25rem) minmax(0, 1fr);
  gap: 0 3rem;
}

.field {
  display: grid;
  grid-template-columns: 1fr 13rem;
  gap: 0 0.8rem;
  align-items: center;
  padding: 0.2rem 0;

  .caution {
    grid-column: 1 / -1;
  }
}

dl {
  display: grid;
  grid-template-columns: minmax(0, 15rem) minmax(0, 1fr);
  margin: 0;
}

dt,
dd {
  border-top: 1px solid var(--rule);
  padding: 0.35rem 0;
  margin: 0;
}

dt {
  font-weight: 400;
}

.figure {
  font-size: 1.7rem;
  line-height: 1.1;
}

.inches {
  margin-left: 0.7rem;
}

.note {
  display: block;
}

summary {
  color: var(--teal);
  font-size: 0.92rem;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
