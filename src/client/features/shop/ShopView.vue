<script setup lang="ts">
import { ref } from 'vue'

import { call, problemText } from '../../api/client'
import { usePickLists, usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import ChoicesForm from './ChoicesForm.vue'
import LearntWords from './LearntWords.vue'
import PeopleForm from './PeopleForm.vue'

const session = useSession()
const lists = usePickLists()
const { query } = usePicks()
const said = ref('')
const problem = ref('')
const busy = ref(false)

const takeLibrary = async () => {
  busy.value = true
  said.value = ''
  problem.value = ''
  try {
    const counts = await call('POST', '/api/library')
    said.value =
      counts.added > 0
        ? `${counts.added} stitches, threads, fabrics and techniques are in.`
        : 'All of it is in already.'
    await lists.load()
  } catch (error) {
    problem.value = `${problemText(error)} Nothing was changed.`
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page">
    <h1>Shop</h1>
    <div class="parts">
      <section>
        <h2>You</h2>
        <p>
          {{ session.user?.name }}, {{ session.user?.role }}.
          <BButton size="sm" variant="outline-primary" @click="session.signOut()">Sign out</BButton>
        </p>
      </section>
      <section v-if="session.user?.role !== 'viewer'">
        <h2>Customers</h2>
        <p>Who sews on what, and what they own: their machine and feet go to the card with one press.</p>
        <p>
          <RouterLink class="btn btn-outline-primary" :to="{ path: '/shop/customers', query }"
            >All customers</RouterLink
          >
          <RouterLink class="btn btn-link" :to="{ path: '/shop/outbox', query }">Outbox</RouterLink>
          <RouterLink class="btn btn-link" :to="{ path: '/classes/cupboard', query }">Store cupboard</RouterLink>
        </p>
      </section>
      <PeopleForm v-if="session.mayWrite" />
      <ChoicesForm />
      <LearntWords v-if="session.user?.role !== 'viewer'" />
      <section>
        <h2>The catalogue as a file</h2>
        <p>One open file holds makes, models, feet, fabrics, techniques and samples.</p>
        <p><a class="btn btn-outline-primary" href="/api/bundle" download="catalogue.json">Save it</a></p>
        <p v-if="session.mayWrite">
          <BButton variant="outline-primary" :disabled="busy" @click="takeLibrary"
            >Take the shipped techniques in</BButton
          >
          <span class="soft">
            Craft knowledge without machines: stitches, threads, fabrics, techniques; what you have stays.</span
          >
        </p>
        <p v-if="session.mayWrite">
          <RouterLink class="btn btn-outline-primary" :to="{ path: '/shelf/catalogue', query }"
            >Take one from elsewhere</RouterLink
          >
          <span class="soft"> Compared first, taken in parts; what you changed yourself stays.</span>
        </p>
        <p v-else class="soft">Only a lead may take one in.</p>
        <p role="status">{{ busy ? 'Checking and writing …' : said }}</p>
        <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
      </section>
    </div>
  </main>
</template>

<style scoped lang="scss">
.parts {
  columns: 32rem 2;
  column-gap: 2rem;
}

section {
  break-inside: avoid;
  border-top: 1px solid var(--rule);
  padding: 0.8rem 0;
  max-width: 44rem;
}
</style>
