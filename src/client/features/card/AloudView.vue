<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { Card, CardStage } from '#core/card/card'
import { aloud } from '#shared/messages/aloud'
import StepMap from '../../ui/map/StepMap.vue'
import { useVoice } from './useVoice'

const props = defineProps<{ card: Card; stage: CardStage }>()
const emit = defineEmits<{ close: [] }>()

const told = computed(() => aloud(props.card, props.stage))
/** A side procedure that is read now, and where the main one was left. */
const side = ref<number>()
const left = ref(0)
const lines = computed(() =>
  side.value === undefined ? told.value.lines : (told.value.sides[side.value]?.lines ?? []),
)
const at = ref(0)
const sheet = ref<HTMLElement>()
onMounted(() => sheet.value?.focus())

const step = (by: number) => (at.value = Math.min(Math.max(at.value + by, 0), lines.value.length - 1))
const openSide = (which: number) => {
  if (side.value === undefined) left.value = at.value
  side.value = which
  at.value = 0
  sheet.value?.focus()
}
const closeSide = () => {
  side.value = undefined
  at.value = left.value
  sheet.value?.focus()
}
const voice = useVoice()
const sayNow = () => voice.say(lines.value[at.value]?.text ?? '')
watch([at, side, voice.isOn], () => voice.isOn.value && sayNow())
const onKey = (event: KeyboardEvent) => {
  const moves: Record<string, () => void> = {
    ' ': () => step(1),
    ArrowRight: () => step(1),
    ArrowDown: () => step(1),
    ArrowLeft: () => step(-1),
    ArrowUp: () => step(-1),
    Backspace: () => step(-1),
    a: sayNow,
    Escape: () => (side.value === undefined ? emit('close') : closeSide()),
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
    <p class="where soft">
      {{ at + 1 }} of {{ lines.length }} · {{ side === undefined ? '' : `${told.sides[side]?.title} · `
      }}{{ lines[at]?.about }}
    </p>
    <p class="said" :data-step="lines[at]?.step" :class="{ caution: lines[at]?.caution }" aria-live="polite">
      {{ lines[at]?.text }}
    </p>
    <StepMap :stage="stage" :at="lines[at]?.step" class="map" />
    <p v-if="lines[at + 1]" class="next soft">Next: {{ lines[at + 1]?.text }}</p>
    <div class="buttons">
      <BButton variant="outline-primary" :disabled="at === 0" @click="step(-1)">Back <kbd>←</kbd></BButton>
      <BButton variant="primary" :disabled="at === lines.length - 1" @click="step(1)">Next <kbd>space</kbd></BButton>
      <BButton v-if="side !== undefined" variant="outline-primary" @click="closeSide"
        >On with the sewing <kbd>Esc</kbd></BButton
      >
      <BButton v-else variant="link" @click="emit('close')">Close <kbd>Esc</kbd></BButton>
      <BFormCheckbox v-if="voice.isThere" v-model="voice.isOn.value" switch>Spoken; again <kbd>a</kbd></BFormCheckbox>
    </div>
    <p v-if="side === undefined && told.sides.length > 0" class="sides">
      <span class="soft">When its moment comes:</span>
      <BButton v-for="(one, i) in told.sides" :key="one.title" size="sm" variant="outline-primary" @click="openSide(i)">
        {{ one.title }}
      </BButton>
    </p>
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

.map {
  max-height: 42vh;
  overflow: hidden;
  justify-content: center;

  :deep(svg) {
    max-height: 40vh;
  }
}

.next {
  font-size: var(--lead);
}

.buttons {
  display: flex;
  gap: 1rem;
  align-items: center;
}

.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin: 0.8rem 0 0;
}
</style>
