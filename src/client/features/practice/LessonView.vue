<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Review } from '#core/practice/attempt'
import { exercisedBy } from '#core/practice/lesson'
import type { LessonRow, LessonTask, LessonWrite } from '#shared/api/practice'
import { list, stationWord } from '#shared/messages/words'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePickLists, usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'
import PracticeBench from './PracticeBench.vue'
import { useLesson } from './useLesson'

/** A row of tasks on one machine, set up one after the other; the educator makes them from cards. */
const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const session = useSession()
const { picked, query } = usePicks()
const lists = usePickLists()
const row = shallowRef<LessonRow>()
const may = computed(() => session.user?.role !== 'viewer')
const { busy, problem, said, act, read } = useAction()
const load = () =>
  read(async () => {
    ;[row.value] = await Promise.all([get(`/api/practice/lessons/${props.id}`), lists.loaded()])
  })
watch(() => props.id, load, { immediate: true })
whenChanged(['practice'], load)

const at = computed(() => Math.max(0, Number(route.query.task ?? 1) - 1))
const bench = useLesson(
  () => row.value?.lesson,
  () => at.value,
)
const { trial, start, problem: noTrial, isBack } = bench
const went = ref<Record<number, boolean>>({})
const goTo = (task: number) => router.replace({ query: { ...route.query, task: String(task + 1) } })
const isLast = computed(() => at.value + 1 >= (row.value?.lesson.tasks.length ?? 0))

const done = async (review: Review) => {
  went.value = { ...went.value, [at.value]: review.reached }
  const now = trial.value
  if (!now || isBack.value) return
  const body = { model: now.model.id, technique: now.technique.id, stage: now.stage.id, fabric: now.fabric.id, review }
  await act(async () => void (await call('POST', '/api/practice/attempts', body)))
}

const nameIn = (all: readonly { id: string; name: string }[] | undefined, id: string) =>
  all?.find((one) => one.id === id)?.name ?? id
const taskName = (task: LessonTask) =>
  'normal' in task
    ? 'Back to normal sewing'
    : `${nameIn(lists.lists?.techniques, task.technique)} in ${nameIn(lists.lists?.fabrics, task.fabric).toLowerCase()}`
const exercised = computed(() => {
  const now = trial.value
  return now && start.value ? exercisedBy(now, start.value.positions).map(stationWord) : []
})

const change = (lesson: LessonWrite) =>
  act(async () => {
    if (!row.value) return
    row.value = await call('PUT', `/api/practice/lessons/${props.id}`, {
      version: row.value.version,
      lesson,
    })
  })
const withTasks = (tasks: LessonTask[]) => row.value && change({ ...row.value.lesson, tasks })
const add = (task: LessonTask) => withTasks([...(row.value?.lesson.tasks ?? []), task])
const pickedTask = computed((): LessonTask | undefined => {
  const { model, technique, fabric, method } = picked.value
  if (!technique || !fabric || model !== row.value?.lesson.model) return undefined
  return { technique, fabric, ...(method ? { method } : {}) }
})
const drop = (place: number) => withTasks((row.value?.lesson.tasks ?? []).filter((_, i) => i !== place))
const remove = () =>
  act(async () => {
    await call('DELETE', `/api/practice/lessons/${props.id}?version=${row.value?.version}`)
    await router.push({ path: '/practice', query: query.value })
  })
const restart = async () => {
  bench.fromTheStart()
  went.value = {}
  await goTo(0)
}
</script>

<template>
  <main class="page wide">
    <p><RouterLink :to="{ path: '/practice', query }">Practice</RouterLink></p>
    <p v-if="problem || noTrial" role="alert" class="caution">{{ problem || noTrial }}</p>
    <template v-if="row">
      <h1>{{ row.lesson.name }}</h1>
      <p class="soft">
        On the {{ nameIn(lists.lists?.models, row.lesson.model) }}: one after the other, and the machine stands as the
        task before left it.
      </p>
      <ol class="tasks" aria-label="Tasks">
        <li v-for="(task, i) in row.lesson.tasks" :key="i">
          <button type="button" :aria-current="i === at ? 'step' : undefined" @click="goTo(i)">
            {{ taskName(task) }}
          </button>
          <span v-if="i in went" class="soft">{{ went[i] ? ' set up' : ' not set up' }}</span>
          <BButton
            v-if="may && row.lesson.tasks.length > 1"
            size="sm"
            variant="link"
            :aria-label="`Take out ${taskName(task)}`"
            @click="drop(i)"
            >Take out</BButton
          >
        </li>
      </ol>
      <p v-if="may" class="acts">
        <BButton
          size="sm"
          variant="outline-primary"
          :disabled="busy || !pickedTask"
          @click="pickedTask && add(pickedTask)"
        >
          Add the picked card
        </BButton>
        <BButton size="sm" variant="outline-primary" :disabled="busy" @click="add({ normal: true })">
          Add the way back to normal
        </BButton>
        <BButton size="sm" variant="link" :disabled="busy" @click="remove">Remove the lesson</BButton>
        <span v-if="!pickedTask" class="soft">Pick a technique and a fabric on this machine to add their card.</span>
        <span role="status" class="soft">{{ said }}</span>
      </p>
      <template v-if="trial && start">
        <h2>Task {{ at + 1 }}: {{ taskName(row.lesson.tasks[at]!) }}</h2>
        <p class="soft">{{ exercised.length > 0 ? `It exercises ${list(exercised)}.` : 'It stands so already.' }}</p>
        <PracticeBench
          :key="`${at}/${trial.technique.id}/${trial.stage.id}`"
          :trial="trial"
          :start="start"
          @stands="bench.leave"
          @done="done"
        >
          <template #after>
            <p>
              <BButton v-if="!isLast" variant="primary" @click="goTo(at + 1)">Next task</BButton>
              <BButton v-else variant="outline-primary" @click="restart">The lesson once more</BButton>
            </p>
          </template>
        </PracticeBench>
      </template>
    </template>
  </main>
</template>

<style scoped lang="scss">
.tasks button {
  border: 0;
  background: none;
  color: var(--teal);
  text-decoration: underline;
  padding: 0.2rem 0;

  &[aria-current='step'] {
    color: var(--ink);
    font-weight: 700;
    text-decoration: none;
  }
}

.tasks li > * {
  margin-right: 0.6rem;
}
</style>
