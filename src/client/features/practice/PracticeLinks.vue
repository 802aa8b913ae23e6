<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { Trial } from '#core/practice/trial'
import type { LinkView } from '#shared/api/practice'
import { dateWords } from '#shared/messages/words'

import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'

/** Links for people without an account: made for what is practised here, revoked, told apart by a note. */
const props = defineProps<{ trial: Trial }>()
const session = useSession()
const { whole } = usePicks()
const may = computed(() => session.user?.role === 'lead' || session.user?.role === 'desk')
const links = shallowRef<LinkView[]>([])
const note = ref('')
const days = ref(14)
const made = ref('')
const { problem, act, read } = useAction()

const load = async () => {
  links.value = await get('/api/practice/links')
}
const opened = () => {
  if (may.value) void read(load)
}
whenChanged(['practice', 'catalogue'], () => links.value && read(load))
const make = () =>
  act(async () => {
    if (!whole.value) return
    const link = await call('POST', '/api/practice/links', {
      ...whole.value,
      stage: props.trial.stage.id,
      note: note.value,
      days: days.value,
    })
    made.value = new URL(link.path, window.location.origin).href
    note.value = ''
    await load()
  })
const revoke = (id: number) =>
  act(async () => {
    await call('DELETE', `/api/practice/links/${id}`)
    await load()
  })
</script>

<template>
  <details v-if="may" class="links" @toggle.once="opened">
    <summary>Let somebody practise this without an account</summary>
    <form @submit.prevent="make">
      <label for="link-note">For whom, for the shop only</label>
      <input id="link-note" v-model="note" class="form-control" maxlength="200" />
      <label for="link-days">Holds, days</label>
      <input id="link-days" v-model.number="days" class="form-control" type="number" min="1" max="365" required />
      <BButton type="submit" variant="primary">Make a link</BButton>
    </form>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <p v-if="made" role="status">
      Send this address; it is shown only now: <a :href="made" class="made">{{ made }}</a>
    </p>
    <p v-for="link in links" :key="link.id">
      {{ link.names.technique }} on the {{ link.names.model }}<template v-if="link.note"> for {{ link.note }}</template
      >, until {{ dateWords(link.expires) }}, {{ link.attempts }} {{ link.attempts === 1 ? 'attempt' : 'attempts' }}
      <BButton size="sm" variant="link" @click="revoke(link.id)">Revoke</BButton>
    </p>
    <p v-if="links.length === 0" class="soft">No link holds now.</p>
  </details>
</template>

<style scoped lang="scss">
.links {
  border-top: 1px solid var(--rule);
  margin-top: 1rem;
  padding-top: 0.4rem;
}

summary {
  cursor: pointer;
  color: var(--teal);
  font-weight: 600;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin: 0.4rem 0;

  #link-note {
    width: 16rem;
  }

  #link-days {
    width: 5.5rem;
  }
}

.made {
  overflow-wrap: anywhere;
}
</style>
