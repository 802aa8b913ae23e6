<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import type { CustomerRow } from '#shared/api/customers'
import type { SentTo } from '#shared/api/desk'
import { get } from '../api/client'
import { useSession } from '../state/session'
import { useAction } from '../state/useAction'

/** Something sent to a customer: it goes to the outbox. Those without a mail address are not offered. */
const props = defineProps<{ what: string; send: (customer: string) => Promise<SentTo> }>()
const session = useSession()
const customers = shallowRef<CustomerRow['customer'][]>()
const who = ref('')
const { busy, problem, said, act, read } = useAction()
const load = async () => {
  customers.value ??= (await get('/api/customers'))
    .map(({ customer }) => customer)
    .filter(({ email }) => email !== undefined)
}
const go = () =>
  act(async () => {
    const { to } = await props.send(who.value)
    return `Sent to ${to}: it is in the outbox.`
  })
</script>

<template>
  <details v-if="session.user?.role !== 'viewer'" class="send" @toggle="read(load)">
    <summary>Send {{ what }} to a customer</summary>
    <form @submit.prevent="go">
      <select v-model="who" class="form-select" :aria-label="`Send ${what} to`">
        <option value="">choose</option>
        <option v-for="one in customers ?? []" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
      <slot></slot>
      <BButton type="submit" size="sm" variant="primary" :disabled="who === '' || busy">Send</BButton>
      <span role="status" class="soft">{{ said }}</span>
    </form>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  </details>
</template>

<style scoped lang="scss">
summary {
  cursor: pointer;
  color: var(--teal);
  font-weight: 600;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: center;
  padding: 0.3rem 0;
}

select {
  width: auto;
}

@media print {
  .send {
    display: none;
  }
}
</style>
