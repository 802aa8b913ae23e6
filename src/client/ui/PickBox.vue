<script lang="ts">
export interface PickOption {
  id: string
  name: string
  group: string
  hint: string
  /** Other words it is found by. */
  also: string
}
</script>

<script setup lang="ts">
import {
  ComboboxAnchor,
  ComboboxContent,
  ComboboxEmpty,
  ComboboxInput,
  ComboboxItem,
  ComboboxRoot,
  ComboboxViewport,
} from 'reka-ui'
import { computed, nextTick, ref, useId, watch } from 'vue'
import { plainLetters } from '#core/ask/words'

/**
 * Of a list that is longer than its `options`, these are asked for anew by what is `typed`. `asField`: it stands among
 * the fields of a form.
 */
const props = defineProps<{
  label: string
  options: PickOption[]
  picked: string | undefined
  placeholder?: string
  asField?: boolean
}>()
const emit = defineEmits<{ pick: [id: string]; typed: [text: string] }>()

const id = useId()
const typed = ref('')
const field = ref<{ $el: HTMLInputElement }>()
const chosen = computed(() => props.options.find((option) => option.id === props.picked))
const MOST_SHOWN = 60

/** Every typed word must turn up somewhere in the option, accents or not. */
const find = (text: string) => {
  const words = plainLetters(text).split(/\s+/).filter(Boolean)
  const matching = props.options.filter((option) => {
    const text = plainLetters(`${option.name} ${option.hint} ${option.group} ${option.also}`)
    return words.every((word) => text.includes(word))
  })
  return matching.slice(0, MOST_SHOWN)
}
const found = computed(() => find(typed.value))

const nameOf = (value: unknown): string => props.options.find((option) => option.id === value)?.name ?? ''
/** A closed list has no choice in it that the field could point at. */
const isOpen = ref(false)
const opened = (open: boolean) => {
  isOpen.value = open
  typed.value = ''
}
/** What stands in a closed field is the name of what is picked. */
watch([typed, isOpen], () => emit('typed', isOpen.value ? typed.value : ''))
const take = (value: unknown) => {
  if (typeof value === 'string' && value !== props.picked) emit('pick', value)
}

/** Without a choice in the list that was pressed, nobody else shuts it. */
const settle = async (id: string | undefined) => {
  take(id)
  await nextTick()
  isOpen.value = false
  typed.value = nameOf(props.picked)
}

/** What was entered before there was something to choose from; chosen as soon as there is. */
const entered = ref('')
watch(
  () => props.options,
  (options) => {
    if (entered.value === '' || options.length === 0 || find(entered.value).length === 0) return
    void settle(find(entered.value)[0]?.id)
    entered.value = ''
  },
)
/** Whoever types and enters faster than the list is drawn gets the first that is found. */
const enter = (event: KeyboardEvent) => {
  if (typed.value.trim() === '' || document.querySelector('.choices [data-highlighted]')) return
  if (found.value.length === 0) entered.value = typed.value
  else void settle(found.value[0]?.id)
  event.stopPropagation()
}

defineExpose({
  focus: () => {
    field.value?.$el.focus()
    field.value?.$el.select()
  },
})
</script>

<template>
  <ComboboxRoot
    :class="['pick-box', { 'as-field': asField }]"
    :model-value="chosen?.id ?? ''"
    :open="isOpen"
    ignore-filter
    open-on-click
    :reset-search-term-on-blur="true"
    @update:model-value="take"
    @update:open="opened"
  >
    <label :for="id">{{ label }}</label>
    <ComboboxAnchor class="anchor">
      <ComboboxInput
        :id="id"
        ref="field"
        v-model="typed"
        :class="{ 'form-control': asField }"
        :display-value="nameOf"
        :placeholder="placeholder ?? `Pick a ${label.toLowerCase()}`"
        autocomplete="off"
        v-bind="isOpen ? {} : { 'aria-activedescendant': null }"
        @focus="($event.target as HTMLInputElement).select()"
        @input="entered = ''"
        @keydown.enter.capture="enter"
      />
    </ComboboxAnchor>
    <ComboboxContent class="choices" position="popper" align="start" :side-offset="2">
      <ComboboxViewport>
        <ComboboxEmpty class="none">Nothing is called that. Try fewer letters.</ComboboxEmpty>
        <ComboboxItem
          v-for="option in found"
          :key="option.id"
          :value="option.id"
          :text-value="option.name"
          class="choice"
        >
          <span>{{ option.name }}</span>
          <span class="hint">{{ option.hint }}</span>
        </ComboboxItem>
      </ComboboxViewport>
    </ComboboxContent>
  </ComboboxRoot>
</template>

<style lang="scss">
.pick-box:not(.as-field) {
  position: relative;
  border-left: 1px solid var(--rule);
  padding: 0.4rem 1rem 0.3rem;

  label {
    display: block;
    font-size: var(--small);
    color: var(--ink-soft);
    line-height: 1.1;
  }

  input {
    width: 100%;
    border: 0;
    padding: 0;
    background: transparent;
    color: var(--ink);
    font-weight: 650;
    font-size: var(--text);
    text-overflow: ellipsis;

    &:focus-visible {
      outline: none;
    }
  }

  &:focus-within {
    box-shadow: inset 0 -3px var(--teal);
  }
}

.pick-box.as-field {
  display: contents;

  input {
    width: 17rem;
    max-width: 100%;
  }
}

.choices {
  z-index: 20;
  background: var(--sheet);
  border: 1px solid var(--rule);
  box-shadow: 0 0.4rem 1.2rem rgb(0 0 0 / 15%);
  min-width: 19rem;
  max-height: 26rem;
  overflow: auto;
}

.choice {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  padding: 0.4rem 1rem;
  cursor: pointer;

  &[data-highlighted] {
    background: var(--teal);
    color: var(--on-teal);

    .hint {
      color: inherit;
    }
  }

  &[data-state='checked'] > span:first-child {
    font-weight: 650;
  }

  .hint {
    color: var(--ink-soft);
    font-size: var(--note);
  }
}

.none {
  padding: 0.6rem 1rem;
}
</style>
