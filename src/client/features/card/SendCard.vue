<script setup lang="ts">
import { ref } from 'vue'
import type { SentTo } from '#shared/api/desk'
import { call } from '../../api/client'
import { usePicks } from '../../state/picks'
import SendTo from '../../ui/SendTo.vue'

/** The card to a customer by mail: as PDF, with a link to it, and if wanted one to practise it. */
const { picked } = usePicks()
const practice = ref(false)
const send = (customer: string) => {
  const { model, technique, fabric, method, owned } = picked.value
  return call<SentTo>('POST', '/api/outbox/cards', {
    customer,
    practice: practice.value,
    model,
    technique,
    fabric,
    owned,
    ...(method ? { method } : {}),
  })
}
</script>

<template>
  <SendTo what="this card" :send="send">
    <label><input v-model="practice" type="checkbox" class="form-check-input" /> with a link to practise it</label>
  </SendTo>
</template>
