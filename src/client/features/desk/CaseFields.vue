<script setup lang="ts">
import { computed, ref } from 'vue'
import { canHappenOn } from '#core/catalogue/kinds'
import { TROUBLES } from '#shared/messages/troubles'
import type { CustomerRow } from '#shared/api/customers'
import type { CaseWrite } from '#shared/api/desk'
import { outcomeWord } from '#shared/messages/desk'
import { usePickLists } from '../../state/picks'
import CustomerPick from '../../ui/CustomerPick.vue'
import EntryInput from '../../ui/EntryInput.vue'

/** What is asked, by whom, of what; what was advised and what came of it. */
const props = defineProps<{
  draft: CaseWrite
  faults: readonly { id: string; name: string }[]
  techniqueName: string | undefined
  /** It came from a customer's telephone card. */
  phone: boolean
}>()
const emit = defineEmits<{ put: [next: Partial<CaseWrite>]; keep: [] }>()
const lists = usePickLists()
const picks = computed(() => {
  const { models = [], techniques = [], fabrics = [] } = lists.lists ?? {}
  const machines = models.map(({ id, make, name }) => ({ id, name: `${make} ${name}` }))
  return [
    { key: 'model', label: 'Machine', none: 'not told', options: machines },
    { key: 'technique', label: 'Technique', none: 'not told', options: techniques },
    { key: 'fabric', label: 'Fabric', none: 'not told', options: fabrics },
  ] as const
})
/** Who has one machine calls about it, unless another is told. */
const called = (customer: CustomerRow['customer'] | undefined) => {
  const [model, other] = new Set(customer?.machines.map((machine) => machine.model))
  emit('put', { customer: customer?.id, ...(model && !other && !props.draft.model ? { model } : {}) })
}
/** What such a machine can have, and what was told already. */
const troubles = computed(() => {
  const kind = lists.lists?.models.find(({ id }) => id === props.draft.model)?.kind
  return TROUBLES.filter((one) => one.id === props.draft.trouble || canHappenOn(one, kind))
})
const question = ref<HTMLTextAreaElement>()
const value = (event: Event) => (event.target as HTMLInputElement).value
defineExpose({ focus: () => question.value?.focus() })
</script>

<template>
  <form class="fields" @submit.prevent="emit('keep')">
    <label for="case-question">Asked</label>
    <textarea
      id="case-question"
      ref="question"
      class="form-control"
      rows="2"
      :value="draft.question"
      @input="emit('put', { question: value($event) })"
      @keydown.enter.exact.prevent="emit('keep')"
    ></textarea>
    <CustomerPick label="Caller" none="nobody we know" :picked="draft.customer" @pick="called" />
    <template v-for="{ key, label, none, options } in picks" :key="key">
      <label :for="`case-${key}`">{{ label }}</label>
      <select
        :id="`case-${key}`"
        class="form-select"
        :value="draft[key] ?? ''"
        @change="emit('put', { [key]: value($event) })"
      >
        <option value="">{{ none }}</option>
        <option v-for="one in options" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
    </template>
    <label for="case-trouble">Trouble</label>
    <select
      id="case-trouble"
      class="form-select"
      :value="draft.trouble ?? ''"
      @change="emit('put', { trouble: value($event), cause: undefined })"
    >
      <option value="">a question, no trouble</option>
      <optgroup v-if="faults.length > 0" :label="techniqueName">
        <option v-for="one in faults" :key="one.id" :value="one.id">{{ one.name }}</option>
      </optgroup>
      <optgroup label="Whatever is sewn">
        <option v-for="one in troubles" :key="one.id" :value="one.id">{{ one.name }}</option>
      </optgroup>
    </select>
    <label for="case-advice">Advised</label>
    <textarea
      id="case-advice"
      class="form-control"
      rows="2"
      :value="draft.advice ?? ''"
      @input="emit('put', { advice: value($event) })"
    ></textarea>
    <template v-if="phone">
      <label for="case-answer">Answer at their link</label>
      <textarea
        id="case-answer"
        class="form-control"
        rows="3"
        placeholder="It stands where they asked, as soon as this case is kept."
        :value="draft.answer ?? ''"
        @input="emit('put', { answer: value($event) })"
      ></textarea>
    </template>
    <label for="case-outcome">Outcome</label>
    <select
      id="case-outcome"
      class="form-select"
      :value="draft.outcome"
      @change="emit('put', { outcome: value($event) as CaseWrite['outcome'] })"
    >
      <option v-for="one in ['open', 'solved', 'workshop', 'noAnswer']" :key="one" :value="one">
        {{ outcomeWord(one) }}
      </option>
    </select>
    <label for="case-minutes">Minutes</label>
    <EntryInput
      id="case-minutes"
      class="form-control short"
      inputmode="numeric"
      :value="draft.minutes"
      @change="(text) => emit('put', { minutes: Number.parseInt(text, 10) || undefined })"
    />
    <label for="case-handed">Handed to</label>
    <EntryInput
      id="case-handed"
      class="form-control"
      placeholder="somebody of the shop"
      :value="draft.handedTo"
      @change="(text) => emit('put', { handedTo: text })"
    />
    <label for="case-follow">Ring back on</label>
    <EntryInput
      id="case-follow"
      type="date"
      class="form-control short"
      :value="draft.followUp"
      @change="(text) => emit('put', { followUp: text })"
    />
  </form>
</template>

<style scoped lang="scss">
.fields {
  display: grid;
  grid-template-columns: 6.5rem 1fr;
  gap: 0.4rem 0.6rem;
  align-content: start;
}

.short {
  width: 11rem;
}
</style>
