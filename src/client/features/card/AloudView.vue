<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Card, CardStage } from '#core/card/card'
import { aloudLines } from '#shared/messages/aloud'

const props = defineProps<{ card: Card; stage: CardStage }>()
const emit = defineEmits<{ close: [] }>()

const lines = computed(() => aloudLines(props.card, props.stage))
const at = ref(0)
const sheet = ref<HTMLElement>()
onMounted(() => sheet.value?.focus())

const step = (by: number) => (at.value = Math.min(Math.max(at.value + by, 0), lines.value.length - 1))
const onKey = (event: KeyboardEvent) => {
  const moves: Record<string, () => void> = {
    ' ': () => step(1),
    ArrowRight: () => step(1),
    ArrowDown: () => step(1),
    ArrowLeft: () => step(-1),
    ArrowUp: () => step(-1),
    Backspace: () => step(-1),
    Escape: () => emit('close'),
  }
  const move = moves[event.key]
  if (!move || (event.key === ' ' && event.target instanceof HTMLButtonElement)) return
  event.preventDefault()
  event.stopPropagation()
  move()
}
</script>

<template>
  <div ref="sheet" class="aloud" role="dialog" aria-modal="true" aria-label="Read aloud" tabindex="-1" @keydown="onKey">
    <p class="where soft">{{ at + 1 }} of {{ lines.length }} · {{ lines[at]?.about }}</p>
    <p class="said" :class="{ caution: lines[at]?.caution }" aria-live="polite">{{ lines[at]?.text }}</p>
    <p v-if="lines[at + 1]" class="next soft">Next: {{ lines[at + 1]?.text }}</p>
    <div class="buttons">
      <BButton variant="outline-primary" :disabled="at === 0" @click="step(-1)">Back <kbd>←</kbd></BButton>
      <BButton variant="primary" :disabled="at === lines.length - 1" @click="step(1)">Next <kbd>space</kbd></BButton>
      <BButton variant="link" @click="emit('close')">Close <kbd>Esc</kbd></BButton>
    </div>
  </div>
</template>

<style scoped lang="scss">
.aloud {
  position: fixed;
  inset: 0;
  z-index: 40;
  background: var(--sheet);
  padding: 6vh 6vw;
  display: flex;
  flex-direction: column;
  outline: none;
}

.said {
  font:
    650 clamp(2rem, 4.6vw, 3.6rem) / 1.2 'Bitter Variable',
    serif;
  margin: auto 0;
  max-width: 26ch;
}

.next {
  font-size: 1.2rem;
}

.buttons {
  display: flex;
  gap: 1rem;
}
</style>
