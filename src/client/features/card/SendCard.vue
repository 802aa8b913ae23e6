<script setup lang="ts">
import { ref } from 'vue'
import { call } from '../../api/client'
import { usePicks } from '../../state/picks'
import SendTo from '../../ui/SendTo.vue'

/** The card to a customer by mail: as PDF, with a link to it, and if wanted one to practise it. */
const { picked, whole } = usePicks()
const practice = ref(false)
const send = async (customer: string) => {
  if (!whole.value) throw new Error('no card to send')
  const asked = { ...whole.value, owned: picked.value.owned }
  return call('POST', '/api/outbox/cards', { customer, practice: practice.value, ...asked })
}
</script>

<template>
  <SendTo what="this card" :send="send">
    <label><input v-model="practice" type="checkbox" class="form-check-input" /> with a link to practise it</label>
  </SendTo>
</template>
