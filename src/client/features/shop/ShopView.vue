<script setup lang="ts">
import { ref } from 'vue'
import type { Changed } from '#shared/api/rows'
import { ApiProblem, call, problemText } from '../../api/client'
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
const issues = ref<string[]>([])
const busy = ref(false)

const takeLibrary = async () => {
  busy.value = true
  said.value = ''
  problem.value = ''
  try {
    const counts = await call<Changed>('POST', '/api/library')
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
const takeIn = async (event: Event) => {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (!file) return
  busy.value = true
  said.value = ''
  problem.value = ''
  issues.value = []
  try {
    const counts = await call<Changed>('POST', '/api/bundle', JSON.parse(await file.text()))
    said.value = `${file.name} is in: ${counts.added} added, ${counts.changed} changed, ${counts.same} as they were.`
    await lists.load()
  } catch (error) {
    problem.value =
      error instanceof SyntaxError
        ? `${file.name} is not a JSON file. Nothing was changed.`
        : `${error instanceof ApiProblem ? error.message : problemText(error)} Nothing was changed.`
    if (error instanceof ApiProblem) {
      issues.value = (error.details.issues ?? [])
        .slice(0, 20)
        .map(({ path, message }) => `${path.join(' › ')}: ${message}`)
    }
  } finally {
    busy.value = false
    field.value = ''
  }
}
</script>

<template>
  <main class="page">
    <h1>Shop</h1>
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
        <RouterLink class="btn btn-outline-primary" :to="{ path: '/shop/customers', query }">All customers</RouterLink>
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
      <template v-if="session.mayWrite">
        <label for="bundle"
          >Take a file in: known ids are replaced, new ones added, nothing is removed; all or nothing.</label
        >
        <input
          id="bundle"
          type="file"
          accept=".json,application/json"
          class="form-control file"
          :disabled="busy"
          @change="takeIn"
        />
      </template>
      <p v-else class="soft">Only a lead may take a file in.</p>
      <p role="status">{{ busy ? 'Checking and writing …' : said }}</p>
      <div v-if="problem" role="alert">
        <p class="caution">{{ problem }}</p>
        <ul>
          <li v-for="issue in issues" :key="issue">{{ issue }}</li>
        </ul>
      </div>
    </section>
  </main>
</template>

<style scoped lang="scss">
section {
  border-top: 1px solid var(--rule);
  padding: 0.8rem 0;
  max-width: 44rem;
}

.file {
  max-width: 34rem;
}
</style>
