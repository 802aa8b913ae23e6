<script setup lang="ts">
import { computed, ref } from 'vue'
import { isMarked, readShown, shownText } from '#core/answer/readShown'
import { showValue } from '#core/answer/show'
import { isParameter } from '#core/catalogue/parameters'
import type { Item, Parameter } from '#core/catalogue/types'
import { ANY, valuePosition } from '#core/changeover/positions'
import {
  askedControls,
  askedValues,
  canBeFitted,
  FITTED,
  unlisted,
  wantedPosition,
  wantedValues,
  withTold,
  type Fitted,
  type Shown,
} from '#core/desk/shown'
import type { Trial } from '#core/practice/trial'
import { parseNumber, splitUnit, toMm } from '#core/units/parse'
import { placeWord } from '#shared/messages/practice'
import { betweenText, shownFaultText } from '#shared/messages/values'
import { capital, controlWord, parameterWord } from '#shared/messages/words'
import EntryInput from '../../ui/EntryInput.vue'

/** What a machine shows, told as it shows it; each beside what the card has. */
const props = defineProps<{ trial: Trial; shown: Shown; items: readonly Item[] }>()
const emit = defineEmits<{ put: [shown: Shown] }>()

const told = computed(() => withTold(props.trial, props.shown, new Map(props.items.map((item) => [item.id, item]))))
const setup = computed(() => ({ ...props.trial.goal, ...props.shown.positions }))
const wanted = computed(() => wantedValues(props.trial))
const scaleOf = (parameter: Parameter) => {
  const scale = props.trial.model.scales[parameter]
  return scale === 'absent' ? undefined : scale
}
const values = computed(() => askedValues(props.trial, props.shown))
const cardSays = (parameter: Parameter): string => {
  const setting = props.trial.answer.settings[parameter]
  const at = wanted.value[parameter]
  if (setting && typeof setting.value !== 'string') return `card: ${setting.shown}`
  if (at === undefined) return 'the card says nothing'
  const shown = showValue(at, parameter, scaleOf(parameter), setup.value)
  return `${setting?.default === undefined ? 'normal' : 'book'}: ${shown}`
}

/** Typed and not understood: it stands there until it is. */
const odd = ref<Partial<Record<string, { text: string; fault: string }>>>({})
const settle = (key: string, text?: string, fault?: string) => {
  const { [key]: _, ...rest } = odd.value
  odd.value = fault === undefined ? rest : { ...rest, [key]: { text: text ?? '', fault } }
}
const textOf = (parameter: Parameter) =>
  odd.value[parameter]?.text ?? shownText(props.shown.values[parameter], scaleOf(parameter), setup.value)
const setValue = (parameter: Parameter, text: string) => {
  const read = readShown(text, parameter, scaleOf(parameter), setup.value, wanted.value[parameter])
  const fault = 'fault' in read ? shownFaultText(read.fault) : read.between && betweenText(read.between)
  settle(parameter, text, fault)
  const { [parameter]: _, ...rest } = props.shown.values
  const { [parameter]: __, ...positions } = props.shown.positions
  const value = 'fault' in read || fault !== undefined ? undefined : read.value
  if (value === undefined) return emit('put', { ...props.shown, values: rest, positions })
  return emit('put', {
    ...props.shown,
    values: { ...rest, [parameter]: value },
    positions: { ...positions, [parameter]: valuePosition(value) },
  })
}

const isFitted = (control: string): control is Fitted => (FITTED as readonly string[]).includes(control)
const controls = computed(() =>
  askedControls(props.trial)
    .map((control) => ({ control, places: placesOf(control), others: othersOf(control) }))
    .filter(({ places, others }) => places.length + others.length > 1),
)
const placesOf = (control: string): string[] => {
  const at = wantedPosition(props.trial, control)
  const listed =
    control === 'stitch'
      ? props.trial.stitches.map(({ id }) => id)
      : control === 'needle'
        ? props.trial.needles
        : ['foot', 'plate', 'ankle', 'adapter'].includes(control)
          ? props.trial.items.filter(({ what }) => what === control).map(({ id }) => id)
          : (props.trial.controls.controls[control]?.positions ?? []).filter((word) => word !== ANY)
  return [...new Set([...(at === undefined ? [] : [at]), ...listed])]
}
/** Of the catalogue, whether anybody has it or not. */
const othersOf = (control: string): readonly Item[] =>
  isFitted(control)
    ? props.items.filter(
        (item) =>
          canBeFitted(item, control) && !props.trial.items.some(({ id, what }) => what === control && id === item.id),
      )
    : []
const cardPlace = (control: string): string => {
  const at = wantedPosition(props.trial, control)
  return at === undefined ? 'the card says nothing' : `card: ${placeWord(props.trial, control, at)}`
}
const setPlace = (control: string, at: string) => {
  const { [control]: _, ...rest } = props.shown.positions
  emit('put', { ...props.shown, positions: at === '' ? rest : { ...rest, [control]: at } })
}
const slotText = (control: Fitted) => odd.value[`${control} slot`]?.text ?? String(props.shown.slots?.[control] ?? '')
const setSlot = (control: Fitted, text: string) => {
  const { number, unit } = splitUnit(text)
  const figure = parseNumber(number)
  const slot = figure === undefined || unit === 'spi' ? undefined : toMm(figure, unit === 'none' ? 'mm' : unit)
  const bad = text.trim() !== '' && (slot === undefined || slot <= 0 || slot > 60)
  settle(`${control} slot`, text, bad ? 'is a width in mm' : undefined)
  const { [control]: _, ...slots } = props.shown.slots ?? {}
  emit('put', { ...props.shown, slots: slot === undefined || bad ? slots : { ...slots, [control]: slot } })
}
</script>

<template>
  <div class="shows">
    <template v-for="parameter in values" :key="parameter">
      <label :for="`shows-${parameter}`">{{ parameterWord(parameter) }}</label>
      <select
        v-if="isMarked(scaleOf(parameter))"
        :id="`shows-${parameter}`"
        class="form-select"
        :value="textOf(parameter)"
        @change="setValue(parameter, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">not told</option>
        <option v-for="{ mark } in scaleOf(parameter)?.marks" :key="mark">{{ mark }}</option>
      </select>
      <EntryInput
        v-else
        :id="`shows-${parameter}`"
        class="form-control"
        :class="{ 'is-invalid': odd[parameter] }"
        placeholder="as it shows it"
        :aria-describedby="`shows-${parameter}-note`"
        :value="textOf(parameter)"
        @change="(text) => setValue(parameter, text)"
      />
      <span :id="`shows-${parameter}-note`" class="soft">
        {{ cardSays(parameter) }}
        <strong v-if="odd[parameter]" class="caution">{{ odd[parameter]?.fault }}.</strong>
      </span>
    </template>
    <template v-for="{ control, places, others } in controls" :key="control">
      <label :for="`shows-${control}`">{{
        capital(isParameter(control) ? parameterWord(control) : controlWord(control))
      }}</label>
      <span class="fitted">
        <select
          :id="`shows-${control}`"
          class="form-select"
          :value="shown.positions[control] ?? ''"
          @change="setPlace(control, ($event.target as HTMLSelectElement).value)"
        >
          <option value="">not told</option>
          <option v-for="place in places" :key="place" :value="place">{{ placeWord(told, control, place) }}</option>
          <template v-if="isFitted(control)">
            <optgroup v-if="others.length > 0" label="Of the catalogue">
              <option v-for="item in others" :key="item.id" :value="item.id">{{ item.code }} ({{ item.name }})</option>
            </optgroup>
            <option :value="unlisted(control)">another, not listed</option>
          </template>
        </select>
        <template v-if="isFitted(control) && shown.positions[control] === unlisted(control)">
          <label :for="`slot-${control}`">its slot, mm</label>
          <EntryInput
            :id="`slot-${control}`"
            class="form-control slot"
            :class="{ 'is-invalid': odd[`${control} slot`] }"
            placeholder="measured"
            :value="slotText(control)"
            @change="(text) => setSlot(control, text)"
          />
          <span v-if="shown.slots?.[control] === undefined" class="caution">
            Without it nobody knows whether the needle clears.
          </span>
        </template>
      </span>
      <span class="soft">{{ cardPlace(control) }}</span>
    </template>
  </div>
</template>

<style scoped lang="scss">
.shows {
  display: grid;
  grid-template-columns: 9rem 15rem 1fr;
  gap: 0.3rem 0.6rem;
  align-items: center;
}

.fitted {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: center;
}

.slot {
  width: 6rem;
}

@media (max-width: 640px) {
  .shows {
    grid-template-columns: 1fr;
  }
}
</style>
