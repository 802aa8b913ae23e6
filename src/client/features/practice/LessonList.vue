<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { LessonRow } from '#shared/api/practice'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'

/** Lessons that stand, and one begun from the card in hand. */
const router = useRouter()
const session = useSession()
const { whole, query } = usePicks()
const may = computed(() => session.user?.role !== 'viewer')
const lessons = shallowRef<LessonRow[]>()
const name = ref('')
const { busy, problem, act, read } = useAction()
const load = () => read(async () => (lessons.value = await get('/api/practice/lessons')))
void load()
whenChanged(['practice'], load)
const make = () =>
  act(async () => {
    if (!whole.value) return
    const { model, ...task } = whole.value
    const { id } = await call('POST', '/api/practice/lessons', { name: name.value, model, tasks: [task] })
    await router.push({ path: `/practice/lessons/${id}`, query: query.value })
  })
</script>

<template>
  <section v-if="lessons && (lessons.length > 0 || may)" aria-label="Lessons">
    <h2>Lessons</h2>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <ul v-if="lessons.length > 0">
      <li v-for="row in lessons" :key="row.id">
        <RouterLink :to="{ path: `/practice/lessons/${row.id}`, query }">{{ row.lesson.name }}</RouterLink>
        <span class="soft">, {{ row.lesson.tasks.length }} {{ row.lesson.tasks.length === 1 ? 'task' : 'tasks' }}</span>
      </li>
    </ul>
    <p v-else class="soft">None yet: a lesson is a row of tasks on one machine, made from cards.</p>
    <form v-if="may" class="make" @submit.prevent="make">
      <label for="lesson-name">A new one from the picked card, called</label>
      <input id="lesson-name" v-model="name" class="form-control" maxlength="120" />
      <BButton type="submit" variant="outline-primary" :disabled="busy || !whole || name.trim() === ''"
        >Begin it</BButton
      >
      <span v-if="!whole" class="soft">Pick a machine, a technique and a fabric first.</span>
    </form>
  </section>
</template>

<style scoped lang="scss">
.make {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: baseline;

  input {
    width: 18rem;
  }
}
</style>
