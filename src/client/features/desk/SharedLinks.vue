<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import type { SharedCardRow } from '#shared/api/desk'
import { dateWords } from '#shared/messages/words'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePickLists, usePicks } from '../../state/picks'
import { useAction } from '../../state/useAction'
import TabLinks from '../../ui/TabLinks.vue'
import { deskTabs } from './tabs'

/** Cards for people without an account: a link that names nobody, that can be revoked, and that ends. */
const { picked, whole } = usePicks()
const lists = usePickLists()
const rows = shallowRef<SharedCardRow[]>()
const made = ref('')
const { problem, act, read } = useAction()
const load = async () => {
  rows.value = await get('/api/shared-cards')
}
void read(() => Promise.all([lists.loaded(), load()]))
whenChanged(['sharedCards', 'catalogue'], () => read(load))
const make = () =>
  act(async () => {
    if (!whole.value) return
    const asked = { ...whole.value, owned: picked.value.owned, days: 30 }
    const { token } = await call('POST', '/api/shared-cards', asked)
    made.value = `${location.origin}/c/${token}`
    await load()
  })
const revoke = (id: number) =>
  act(async () => {
    await call('DELETE', `/api/shared-cards/${id}`)
    await load()
  })
</script>

<template>
  <main class="page wide">
    <h1>Shared cards</h1>
    <TabLinks :tabs="deskTabs" label="The desk" class="tabs" />
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <p>
      <BButton variant="primary" :disabled="!whole" @click="make">Make a link to the picked card</BButton>
      <span v-if="!whole" class="soft"> Pick a machine, a technique and a fabric at the top first.</span>
    </p>
    <p v-if="made" role="status">
      It is shown only now: <a :href="made">{{ made }}</a>
    </p>
    <p v-if="rows && rows.length === 0">
      No link holds now. One shows a card to somebody without an account, on their telephone too, for 30 days or until
      you revoke it; it names nobody.
    </p>
    <ul>
      <li v-for="row in rows ?? []" :key="row.id">
        {{ row.what }} <span class="soft">by {{ row.by }}, until {{ dateWords(row.expires) }}</span>
        <BButton size="sm" variant="link" @click="revoke(row.id)">Revoke</BButton>
      </li>
    </ul>
  </main>
</template>

<style scoped lang="scss">
.tabs {
  margin-bottom: 0.8rem;
}
</style>
