<!-- Why this method of the technique was taken, and the others. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { Card } from '#core/card/card'
import { speech } from '#shared/messages/en'
import { capital } from '#shared/messages/words'
import { usePicks } from '../../state/picks'

const { card } = defineProps<{ card: Card }>()
const { picked, setMethod } = usePicks()
const say = computed(() => speech(card.names))
const others = computed(() => card.methods.filter(({ id }) => id !== card.method?.id))
</script>

<template>
  <details v-if="others.length > 0 && card.method" class="methods" :open="card.reasons.length > 0">
    <summary>This method: {{ card.method.name }}</summary>
    <p>{{ capital(card.method.because) }}.</p>
    <ul>
      <li v-for="method in others" :key="method.id">
        <BButton size="sm" variant="link" @click="setMethod(method.id)">{{ method.name }}</BButton>
        <span class="soft">
          {{ capital(method.because) }}.
          {{ method.reasons.map((reason) => say.reason(reason)).join(' ') }}
        </span>
      </li>
    </ul>
    <BButton v-if="picked.method" size="sm" variant="link" @click="setMethod(undefined)">Let Handhold choose</BButton>
  </details>
</template>

<style scoped lang="scss">
.methods {
  ul {
    padding-left: 1rem;
  }

  summary {
    cursor: pointer;
    color: var(--teal);
    font-weight: 600;
  }

  .btn-link {
    padding: 0 0.3rem 0 0;
  }
}

@media print {
  .methods {
    display: none;
  }
}
</style>
