<script setup lang="ts" generic="Part extends object">
import { nextTick, ref } from 'vue'
import type { Column } from '#shared/tables/columns'
import type { RowNames } from '#shared/tables/titles'
import ValueForm from './ValueForm.vue'

/** A list of parts in their order, each a line of fields; moved, added and removed by keyboard. */
const props = defineProps<{
  parts: readonly Part[]
  columns: Column[]
  names: RowNames
  /** What one is called: "step". */
  one: string
  blank: () => Part
  /** The order is a ranking: the first is tried first. */
  ranked?: boolean
  /** The names of the fields stand above them. */
  captions?: boolean
}>()
const emit = defineEmits<{ change: [parts: Part[]] }>()
const list = ref<HTMLElement>()

const focusOn = (place: number) =>
  nextTick(() =>
    list.value
      ?.querySelectorAll<HTMLElement>(':scope > li')
      [place]?.querySelector<HTMLElement>('input, select, textarea')
      ?.focus(),
  )
const set = (place: number, part: object) =>
  emit(
    'change',
    props.parts.map((old, i) => (i === place ? (part as Part) : old)),
  )
const add = (place: number) => {
  emit('change', [...props.parts.slice(0, place), props.blank(), ...props.parts.slice(place)])
  void focusOn(place)
}
const remove = (place: number) => {
  emit(
    'change',
    props.parts.filter((_, i) => i !== place),
  )
  void focusOn(Math.max(0, place - 1))
}
const move = (place: number, by: -1 | 1) => {
  const to = place + by
  if (to < 0 || to >= props.parts.length) return
  const next = [...props.parts]
  next.splice(to, 0, ...next.splice(place, 1))
  emit('change', next)
  void focusOn(to)
}
const acts: Record<string, ((place: number) => void) | undefined> = {
  ArrowUp: (place) => move(place, -1),
  ArrowDown: (place) => move(place, 1),
  Enter: (place) => add(place + 1),
  Backspace: remove,
}
const onKey = async (place: number, event: KeyboardEvent) => {
  const act = event.altKey ? acts[event.key] : undefined
  if (!act) return
  event.preventDefault()
  event.stopPropagation()
  // What is being typed is taken in before its line moves.
  ;(document.activeElement as HTMLElement | null)?.blur()
  await nextTick()
  act(place)
}
</script>

<template>
  <component :is="ranked ? 'ol' : 'ul'" ref="list" class="parts">
    <li v-for="(part, i) in parts" :key="i" @keydown="onKey(i, $event)">
      <div class="part">
        <ValueForm
          :value="part"
          :columns="columns"
          :names="names"
          layout="line"
          :captions="captions"
          :label="`${one} ${i + 1}`"
          @change="(next) => set(i, next)"
        />
        <span class="acts">
          <button type="button" :disabled="i === 0" :aria-label="`Move ${one} ${i + 1} up`" @click="move(i, -1)">
            ↑
          </button>
          <button
            type="button"
            :disabled="i === parts.length - 1"
            :aria-label="`Move ${one} ${i + 1} down`"
            @click="move(i, 1)"
          >
            ↓
          </button>
          <button type="button" :aria-label="`Remove ${one} ${i + 1}`" @click="remove(i)">✕</button>
        </span>
      </div>
      <slot :part="part" :place="i" :set="(next: Part) => set(i, next)"></slot>
    </li>
  </component>
  <BButton size="sm" variant="link" class="add" @click="add(parts.length)">Add a {{ one }}</BButton>
</template>

<style scoped lang="scss">
.parts {
  padding-left: 1.2rem;
  margin: 0;
}

ul.parts {
  list-style: none;
  padding-left: 0;
}

li {
  padding: 0.2rem 0;
}

.part {
  display: flex;
  gap: 0.3rem;
  align-items: start;
}

.acts {
  flex-wrap: nowrap;
  gap: 0;
  white-space: nowrap;

  button {
    border: 0;
    background: none;
    color: var(--ink-soft);
    padding: 0.2rem 0.3rem;

    &:disabled {
      opacity: 0.3;
    }
  }
}

.add {
  padding-left: 0;
}
</style>
