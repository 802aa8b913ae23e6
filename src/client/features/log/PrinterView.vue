<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import type { PrintedLabel } from '#shared/api/samples'
import { dateWords } from '#shared/messages/words'
import { get, problemText } from '../../api/client'
import { whenChanged } from '../../state/changes'

/** The label printer that ships with Handhold: no device, it keeps what was printed. */
const jobs = shallowRef<PrintedLabel[]>()
const problem = ref('')
const load = () =>
  get('/api/label-printer/jobs')
    .then((read) => (jobs.value = read))
    .catch((error: unknown) => (problem.value = problemText(error)))
void load()
whenChanged(['labels'], load)
</script>

<template>
  <main class="page">
    <h1>Label printer</h1>
    <p class="soft">A stand-in that ships with Handhold: it keeps every label it was given, 70 × 40 mm.</p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <ul v-if="jobs && jobs.length > 0">
      <li v-for="job in jobs" :key="job.id">
        <a :href="`/api/label-printer/jobs/${job.id}`" target="_blank">Label {{ job.id }}</a
        >, {{ dateWords(job.at) }}, by {{ job.by }}, of
        <RouterLink :to="`/log/${job.sample}`">{{ job.sample }}</RouterLink>
      </li>
    </ul>
    <p v-else-if="jobs">
      Nothing was printed yet. “Print label” stands under each try in the <RouterLink to="/log">Log</RouterLink>.
    </p>
  </main>
</template>
