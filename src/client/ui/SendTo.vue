<script setup lang="ts">
import { ref } from 'vue'
import type { SentTo } from '#shared/api/desk'
import { useSession } from '../state/session'
import { useAction } from '../state/useAction'
import CustomerPick from './CustomerPick.vue'

/** Something sent to a customer: it goes to the outbox. Those without a mail address are not offered. */
const props = defineProps<{ what: string; send: (customer: string) => Promise<SentTo> }>()
const session = useSession()
const opened = ref(false)
const who = ref('')
const { busy, problem, said, act } = useAction()
const go = () =>
  act(async () => {
    const { to } = await props.send(who.value)
    return `Sent to ${to}: it is in the outbox.`
  })
</script>

<template>
  <details v-if="session.user?.role !== 'viewer'" class="send" @toggle="opened = true">
    <summary>Send {{ what }} to a customer</summary>
    <form @submit.prevent="go">
      <CustomerPick
        v-if="opened"
        :label="`Send ${what} to`"
        :picked="who || undefined"
        mail
        @pick="(customer) => (who = customer?.id ?? '')"
      />
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

@media print {
  .send {
    display: none;
  }
}
</style>
