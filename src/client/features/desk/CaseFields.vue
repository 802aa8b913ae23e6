<script setup lang="ts">
import { ref } from 'vue'
import { TROUBLES } from '#core/desk/troubles'
import type { CustomerRow } from '#shared/api/customers'
import type { CaseWrite } from '#shared/api/desk'
import { outcomeWord } from '#shared/messages/desk'
import { usePickLists } from '../../state/picks'

/** What is asked, by whom, of what; what was advised and what came of it. */
defineProps<{
  draft: CaseWrite
  customers: readonly CustomerRow['customer'][]
  faults: readonly { id: string; name: string }[]
  techniqueName: string | undefined
}>()
const emit = defineEmits<{ put: [next: Partial<CaseWrite>]; keep: [] }>()
const lists = usePickLists()
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
    <label for="case-customer">Caller</label>
    <select
      id="case-customer"
      class="form-select"
      :value="draft.customer ?? ''"
      @change="emit('put', { customer: value($event) })"
    >
      <option value="">nobody we know</option>
      <option v-for="one in customers" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
    <label for="case-model">Machine</label>
    <select
      id="case-model"
      class="form-select"
      :value="draft.model ?? ''"
      @change="emit('put', { model: value($event) })"
    >
      <option value="">not told</option>
      <option v-for="one in lists.lists?.models ?? []" :key="one.id" :value="one.id">
        {{ one.make }} {{ one.name }}
      </option>
    </select>
    <label for="case-technique">Technique</label>
    <select
      id="case-technique"
      class="form-select"
      :value="draft.technique ?? ''"
      @change="emit('put', { technique: value($event) })"
    >
      <option value="">not told</option>
      <option v-for="one in lists.lists?.techniques ?? []" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
    <label for="case-fabric">Fabric</label>
    <select
      id="case-fabric"
      class="form-select"
      :value="draft.fabric ?? ''"
      @change="emit('put', { fabric: value($event) })"
    >
      <option value="">not told</option>
      <option v-for="one in lists.lists?.fabrics ?? []" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
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
        <option v-for="one in TROUBLES" :key="one.id" :value="one.id">{{ one.name }}</option>
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
    <input
      id="case-minutes"
      class="form-control short"
      inputmode="numeric"
      :value="draft.minutes ?? ''"
      @change="emit('put', { minutes: Number.parseInt(value($event), 10) || undefined })"
    />
    <label for="case-handed">Handed to</label>
    <input
      id="case-handed"
      class="form-control"
      placeholder="somebody of the shop"
      :value="draft.handedTo ?? ''"
      @change="emit('put', { handedTo: value($event) })"
    />
    <label for="case-follow">Ring back on</label>
    <input
      id="case-follow"
      type="date"
      class="form-control short"
      :value="draft.followUp ?? ''"
      @change="emit('put', { followUp: value($event) })"
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
