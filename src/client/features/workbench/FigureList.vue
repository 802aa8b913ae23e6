<script setup lang="ts">
import { formatInches, formatNumber } from '#core/units/format'
import type { Figure } from '#core/workbench/figure'
import type { FigureLine } from './calculator'
import { useLengths } from './useLengths'

/** What was reckoned, large, each with the way it came about. */
defineProps<{ lines: FigureLine[] }>()
const { lengths } = useLengths()

const shown = ({ value, unit }: Figure): string => {
  if (unit === 'mm') return `${formatNumber(value, 3)} mm`
  if (unit === 'm') return `${formatNumber(value, 2)} m`
  if (unit === 'percent') return `${formatNumber(value, 1)} %`
  if (unit === 'minutes') return `${formatNumber(value, 1)} min`
  if (unit === 'count') return formatNumber(value, 0)
  if (unit === 'radians') return `${formatNumber((value * 180) / Math.PI, 1)}°`
  return formatNumber(value, 2)
}
/** As the person reads lengths, and beside it the other way; a sixteenth says nothing of less than a millimetre. */
const both = (figure: Figure): [string, string?] => {
  if (figure.unit !== 'mm' || Math.abs(figure.value) < 1) return [shown(figure)]
  const inches = `≈ ${formatInches(figure.value)}`
  return lengths.value === 'inches' ? [inches, shown(figure)] : [shown(figure), inches]
}
const inputs = ({ from }: Figure): string =>
  Object.entries(from)
    .map(([name, value]) => `${name} = ${formatNumber(value, 3)}`)
    .join(', ')
</script>

<template>
  <dl>
    <template v-for="line in lines" :key="line.label">
      <dt>{{ line.label }}</dt>
      <dd>
        <template v-if="line.figure">
          <strong class="figure">{{ both(line.figure)[0] }}</strong>
          <span v-if="both(line.figure)[1]" class="soft other">{{ both(line.figure)[1] }}</span>
        </template>
        <strong v-else class="words">{{ line.words }}</strong>
        <span v-if="line.note" class="note" :class="{ caution: line.warn }">{{ line.note }}</span>
        <details v-if="line.figure">
          <summary>Why {{ shown(line.figure) }}</summary>
          {{ line.figure.formula }}; {{ inputs(line.figure) }}.
        </details>
      </dd>
    </template>
  </dl>
</template>

<style scoped lang="scss">
dl {
  display: grid;
  grid-template-columns: minmax(0, 12rem) minmax(0, 1fr);
  margin: 0;
}

dt,
dd {
  border-top: 1px solid var(--rule);
  padding: 0.4rem 0;
  margin: 0;
}

dt {
  font-weight: 400;
  padding-right: 1rem;
}

.figure {
  font-size: var(--title);
  line-height: 1.1;
}

.words {
  font-size: var(--head);
}

.other {
  margin-left: 0.6rem;
}

.note {
  display: block;
}

summary {
  color: var(--teal);
  font-size: var(--note);
}
</style>
