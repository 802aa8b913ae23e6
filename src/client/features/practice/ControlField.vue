<!-- One control of a practice machine as it stands, to be put elsewhere. -->
<script setup lang="ts">
import { ref } from 'vue'
import type { Parameter } from '#core/catalogue/types'
import { valueAt } from '#core/changeover/positions'
import type { MachineState } from '#core/practice/machine'
import type { Trial } from '#core/practice/trial'
import { actText, placeWord } from '#shared/messages/practice'
import { positionWord } from '#shared/messages/positions'
import { controlWord } from '#shared/messages/words'
import { readShown, shownText } from '#core/answer/readShown'
import { betweenText, shownFaultText } from '#shared/messages/values'
import { scaleFor, type PanelControl } from './panel'
import EntryInput from '../../ui/EntryInput.vue'

const props = defineProps<{ trial: Trial; state: MachineState; control: PanelControl }>()
const emit = defineEmits<{ move: [control: string, to: string]; set: [parameter: Parameter, value: number] }>()

const at = (id: string) => props.state.positions[id] ?? ''
const shown = (id: string) => placeWord(props.trial, id, at(id), props.state.positions)
const faults = ref<Record<string, string>>({})

const textOf = (id: string) => {
  const value = props.state.values[id as Parameter]
  return value === undefined ? '' : shownText(value, scaleFor(props.trial, id), props.state.positions)
}
/** Whether the machine shows something else than the figure that was set. */
const saysMore = (id: string) =>
  textOf(id) !== '' && textOf(id) !== shown(id) && Number(textOf(id)) !== Number(shown(id))
const valueMeant = (id: string): number | undefined => {
  const value = valueAt(props.trial.goal[id] ?? '')
  return typeof value === 'number' ? value : undefined
}
const read = (id: string, text: string) => {
  const found = readShown(text, id as Parameter, scaleFor(props.trial, id), props.state.positions, valueMeant(id))
  const fault = 'fault' in found ? shownFaultText(found.fault) : found.between && betweenText(found.between)
  if (fault !== undefined || 'fault' in found) {
    faults.value = { ...faults.value, [id]: fault ?? '' }
    return
  }
  const { [id]: _, ...rest } = faults.value
  faults.value = rest
  if (found.value !== undefined) emit('set', id as Parameter, found.value)
}
const marksOf = (id: string) => {
  const scale = scaleFor(props.trial, id)
  return scale?.marks && scale.step === undefined ? scale.marks : undefined
}
</script>

<template>
  <div v-if="control.is === 'places'" class="places" role="group" :aria-label="controlWord(control.id)">
    <button
      v-for="option in control.options"
      :key="option"
      type="button"
      :aria-pressed="at(control.id) === option"
      @click="emit('move', control.id, option)"
    >
      {{ positionWord(option) }}
    </button>
  </div>
  <button
    v-else-if="control.is === 'act'"
    type="button"
    class="act"
    @click="emit('move', control.id, control.options[0] ?? '')"
  >
    {{ at(control.id) === control.options[0] ? 'Turned once round' : 'Turn it once round' }}
  </button>
  <select
    v-else-if="control.is === 'list' || marksOf(control.id)"
    :id="`c-${control.id}`"
    class="form-select form-select-sm"
    :value="control.is === 'list' ? at(control.id) : textOf(control.id)"
    @change="
      control.is === 'list'
        ? emit('move', control.id, ($event.target as HTMLSelectElement).value)
        : read(control.id, ($event.target as HTMLSelectElement).value)
    "
  >
    <option v-if="control.is === 'figure'" value="">{{ shown(control.id) }}</option>
    <option v-else-if="!control.options.includes(at(control.id))" :value="at(control.id)">
      {{ shown(control.id) }}
    </option>
    <template v-if="control.is === 'list'">
      <option v-for="option in control.options" :key="option" :value="option">
        {{ placeWord(trial, control.id, option) }}
      </option>
    </template>
    <option v-for="mark in marksOf(control.id) ?? []" v-else :key="mark.mark">{{ mark.mark }}</option>
  </select>
  <div v-else class="figure">
    <EntryInput
      :id="`c-${control.id}`"
      class="form-control form-control-sm"
      :class="{ 'is-invalid': faults[control.id] }"
      inputmode="decimal"
      :placeholder="shown(control.id)"
      :value="textOf(control.id)"
      :title="actText(trial, control.id, '…')"
      @change="(text) => read(control.id, text)"
    />
    <span v-if="saysMore(control.id)" class="soft">{{ shown(control.id) }}</span>
    <span v-if="faults[control.id]" class="caution">{{ faults[control.id] }}.</span>
  </div>
</template>

<style scoped lang="scss">
.places {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
}

.places button,
.act {
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  border-radius: 0.2rem;
  padding: 0.1rem 0.6rem;
  min-height: 1.8rem;

  &[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
    font-weight: 650;
  }
}

.figure {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.6rem;
  align-items: center;

  input {
    width: 6.5rem;
  }
}
</style>
