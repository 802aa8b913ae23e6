<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import type { Review } from '#core/practice/attempt'
import type { Trial } from '#core/practice/trial'
import { call, get, problemText } from '../../api/client'
import { providePhotos } from '../../ui/map/useMachinePhoto'
import PracticeBench from './PracticeBench.vue'

/** Practice by a link, without an account: the machine, and a name to leave with the attempt. */
const props = defineProps<{ token: string }>()
const trial = shallowRef<Trial>()
const problem = ref('')
const name = ref('')
const review = shallowRef<Review>()
const kept = ref(false)
const busy = ref(false)

const photos = `/api/shared/practice/${props.token}/photos` as const
providePhotos(get(photos), ({ view, at }) => `${photos}/${view}?at=${encodeURIComponent(at)}`)
get(`/api/shared/practice/${props.token}`)
  .then((found) => (trial.value = found))
  .catch((error: unknown) => (problem.value = problemText(error)))

const done = (came: Review) => {
  review.value = came
  kept.value = false
}
const send = async () => {
  if (!review.value) return
  busy.value = true
  problem.value = ''
  try {
    await call('POST', `/api/shared/practice/${props.token}/attempts`, { name: name.value, review: review.value })
    kept.value = true
  } catch (error) {
    problem.value = problemText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page wide">
    <p class="brand">Handhold</p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <template v-if="trial">
      <h1>{{ trial.technique.name }} on the {{ trial.model.name }}: {{ trial.stage.name.toLowerCase() }}</h1>
      <p class="soft">
        A machine to try on, before you stand at yours. Set it up for {{ trial.fabric.name.toLowerCase() }}; nothing can
        break here. Your machine’s own book stands above it.
      </p>
      <PracticeBench :trial="trial" @done="done">
        <template #after>
          <form v-if="!kept" @submit.prevent="send">
            <label for="who">Tell the shop how it went; your name</label>
            <input id="who" v-model="name" class="form-control" required maxlength="80" autocomplete="name" />
            <BButton type="submit" variant="primary" :disabled="busy">Send it to the shop</BButton>
          </form>
          <p v-else role="status">Sent. Thank you.</p>
        </template>
      </PracticeBench>
    </template>
  </main>
</template>

<style scoped lang="scss">
.brand {
  font:
    700 1.25rem 'Bitter Variable',
    serif;
  color: var(--teal);
}

form {
  display: grid;
  gap: 0.4rem;
  justify-items: start;
}
</style>
