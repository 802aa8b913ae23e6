<script setup lang="ts">
import { computed } from 'vue'
import type { CardValue } from '#core/card/card'
import type { Positions } from '#core/catalogue/types'
import { showValue } from '#core/answer/show'
import type { Speech } from '#shared/messages/en'
import { standingText } from '#shared/messages/values'
import { parameterWord, unitOf } from '#shared/messages/words'
import DialScale from './DialScale.vue'
import { scaleView } from '#core/card/scaleView'
import TapeScale from './TapeScale.vue'

const props = defineProps<{ value: CardValue; setup: Positions; say: Speech }>()

const view = computed(() => scaleView(props.value, props.setup))
const scale = computed(() => (props.value.scale === 'absent' ? undefined : props.value.scale))
const word = computed(() => parameterWord(props.value.parameter))
const unit = computed(() => unitOf(props.value.parameter, scale.value?.shows))
const given = computed(() => standingText(props.value, props.setup))
const clear = computed(() => {
  const { setting, parameter, hits } = props.value
  if (!setting.clear || hits.length === 0) return ''
  const { from, to } = setting.clear
  return (
    `Clear from ${showValue(from, parameter, scale.value)} to ${showValue(to, parameter, scale.value)} with this ` +
    'foot and plate.'
  )
})
const again = computed(() =>
  props.value.setting.setAgain === 'check'
    ? 'The book does not say whether it stays: look again after choosing a stitch.'
    : '',
)
const why = computed(() => props.value.setting.reasons.map((reason) => props.say.reason(reason)))
const long = computed(() => props.value.setting.shown.length > 7)
const describes = computed(() => `${word.value}: set ${props.value.setting.shown}. ${given.value} ${clear.value}`)
</script>

<template>
  <section class="value" :class="{ dialled: view?.shape === 'dial' }">
    <DialScale v-if="view?.shape === 'dial'" :view="view" :describes="describes" />
    <div class="told">
      <div class="line">
        <h3>{{ word }}</h3>
        <p class="figure" :class="{ long }">
          {{ value.setting.shown }}<small v-if="unit">{{ unit }}</small>
        </p>
      </div>
      <TapeScale v-if="view?.shape === 'tape'" :view="view" :describes="describes" />
      <p class="given">
        <strong>{{ given }}</strong> {{ why[0] }}
      </p>
      <details v-if="why.length > 1 || clear || again">
        <summary>Why {{ value.setting.shown }}</summary>
        <ul>
          <li v-for="line in [...why, clear, again].filter(Boolean)" :key="line">{{ line }}</li>
        </ul>
      </details>
    </div>
  </section>
</template>

<style scoped lang="scss">
.value {
  padding: 0.4rem 0 0.6rem;
  border-bottom: 1px solid var(--rule);
  break-inside: avoid;
}

.dialled {
  display: flex;
  gap: 1rem;
  align-items: center;
}

.told {
  flex: 1;
  min-width: 0;
}

.line {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  flex-wrap: wrap;
  gap: 0 1rem;
}

h3 {
  font:
    650 1.1rem 'Hanken Grotesk Variable',
    sans-serif;
  margin: 0;
}

.figure {
  font-size: var(--value);
  line-height: 1.05;
  font-weight: 700;
  margin: 0;

  small {
    font-size: var(--text);
    font-weight: 400;
    margin-left: 0.3rem;
    color: var(--ink-soft);
  }
}

.figure.long {
  font-size: var(--title);
  line-height: 1.15;
}

.given {
  margin: 0.2rem 0 0;
}

summary {
  color: var(--teal);
  cursor: pointer;
  font-size: var(--note);
}

ul {
  margin: 0.2rem 0 0;
  padding-left: 1.2rem;
}

@media print {
  .dialled {
    gap: 0.4rem;

    .figure {
      font-size: 13pt;
    }
  }

  details {
    display: none;
  }

  .figure {
    font-size: 20pt;
  }
}
</style>
