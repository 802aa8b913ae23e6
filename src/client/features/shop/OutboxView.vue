<script setup lang="ts">
import { shallowRef } from 'vue'
import type { OutboxMessage } from '#shared/api/outbox'
import { dateWords } from '#shared/messages/words'
import { call, file, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePicks } from '../../state/picks'
import { useAction } from '../../state/useAction'
import { saveFile } from '../../ui/saveFile'

/** The simulated mailbox: what would be sent, kept as mail files; read, sent again, deleted. */
const { query } = usePicks()
const rows = shallowRef<OutboxMessage[]>()
const { problem, said, act, read: readPage } = useAction()
const load = async () => {
  rows.value = await get('/api/outbox')
}
void readPage(load)
whenChanged(['outbox'], () => readPage(load))
const change = (work: () => Promise<unknown>, told: string) =>
  act(async () => {
    await work()
    await load()
    return told
  })
const read = ({ id }: OutboxMessage) =>
  act(async () => saveFile(await file(`/api/outbox/${id}.eml`), `message-${id}.eml`))
const again = ({ id, to }: OutboxMessage) =>
  change(() => call('POST', `/api/outbox/${id}/again`), `Sent to ${to} once more.`)
const remove = ({ id }: OutboxMessage) => change(() => call('DELETE', `/api/outbox/${id}`), 'Deleted.')
</script>

<template>
  <main class="page">
    <p><RouterLink :to="{ path: '/shop', query }">Shop</RouterLink></p>
    <h1>Outbox</h1>
    <p class="soft">
      A stand-in for mail that ships with Handhold: nothing leaves the house. Each message is a standard mail file.
    </p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <p role="status" class="soft">{{ said }}</p>
    <p v-if="rows && rows.length === 0">
      Nothing was sent yet. “Send” on a card or in a case, and a class’s “Afterwards”, put messages here.
    </p>
    <table v-if="rows && rows.length > 0" class="table">
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">To</th>
          <th scope="col">Subject</th>
          <th scope="col">By</th>
          <th scope="col"><span class="visually-hidden">What to do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <td>{{ dateWords(row.at) }}, {{ row.at.slice(11, 16) }}</td>
          <td>{{ row.to }}</td>
          <th scope="row">{{ row.subject }}</th>
          <td>{{ row.by }}</td>
          <td class="acts">
            <BButton size="sm" variant="outline-primary" @click="read(row)">Open</BButton>
            <BButton size="sm" variant="link" @click="again(row)">Send again</BButton>
            <BButton size="sm" variant="link" @click="remove(row)">Delete</BButton>
          </td>
        </tr>
      </tbody>
    </table>
  </main>
</template>

<style scoped lang="scss">
.acts {
  display: table-cell;
  white-space: nowrap;
}
</style>
