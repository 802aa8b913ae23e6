<!-- People of a list whose name the shop has with another telephone or mail: each is asked about once. -->
<script setup lang="ts">
import { NEW_PERSON, type Whom } from './useWhom'

defineProps<{ whom: Whom }>()
const chosen = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <p v-if="whom.problem.value" role="alert" class="caution">{{ whom.problem.value }}</p>
  <section v-if="whom.asked.value.length > 0" aria-label="The same person?">
    <h2>The same person?</h2>
    <p v-for="{ key, one, ids } in whom.asked.value" :key="key">
      <label :for="`whom-${key}`">{{ [one.name, one.phone, one.email].filter(Boolean).join(', ') }}</label>
      <select
        :id="`whom-${key}`"
        class="form-select form-select-sm whom"
        :value="whom.said.value[key] ?? ''"
        @change="whom.say(key, chosen($event))"
      >
        <option value="" disabled>which?</option>
        <option v-for="id in ids" :key="id" :value="id">is {{ whom.contactOf(id) }}</option>
        <option :value="NEW_PERSON">somebody new of that name</option>
      </select>
    </p>
  </section>
</template>

<style scoped lang="scss">
h2 {
  font-size: var(--text);
}

.whom {
  display: inline-block;
  width: auto;
  margin-left: 0.6rem;
}
</style>
