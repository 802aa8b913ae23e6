<script setup lang="ts">
import {
  DialogClose,
  DialogContent,
  DialogDescription,
  DialogOverlay,
  DialogPortal,
  DialogRoot,
  DialogTitle,
} from 'reka-ui'
import { ref, shallowRef, watch } from 'vue'
import { resources, type Resource } from '#shared/api/resources'
import type { RemovalView } from '#shared/api/rows'
import { call, get, problemText } from '../../api/client'

export interface Removing {
  resource: Resource
  id: string
  model?: string | undefined
  version: number
  title: string
}

/** Says what a removal takes with it before it is done; after it, offers to bring it back. */
const props = defineProps<{ row: Removing | undefined }>()
const emit = defineEmits<{ removed: [row: Removing]; broughtBack: []; cancel: [] }>()
const plan = shallowRef<RemovalView>()
const problem = ref('')
const path = ({ resource, id, model }: Removing) =>
  `/api/catalogue/${resource}/${model === undefined ? id : `${model}/${id}`}` as const

watch(
  () => props.row,
  async (row) => {
    plan.value = undefined
    problem.value = ''
    if (!row) return
    try {
      plan.value = (await get(`${path(row)}/removal`)) as RemovalView
    } catch (error) {
      problem.value = problemText(error)
    }
  },
)
const removed = ref<{ revision: number; title: string }>()
const remove = async () => {
  const { row } = props
  if (!row) return
  try {
    const { revision } = await call('DELETE', `${path(row)}?version=${row.version}&along=yes`)
    removed.value = { revision, title: row.title }
    emit('removed', row)
  } catch (error) {
    problem.value = problemText(error)
  }
}
const undoProblem = ref('')
const bringBack = async () => {
  if (!removed.value) return
  try {
    await call('POST', '/api/history/undo', { revision: removed.value.revision })
    removed.value = undefined
    undoProblem.value = ''
    emit('broughtBack')
  } catch (error) {
    undoProblem.value = problemText(error)
  }
}
const SHOWN = 6
const listed = (rows: { resource: Resource; title: string }[]) => [
  ...rows.slice(0, SHOWN).map(({ resource, title }) => `${resources[resource].one}: ${title}`),
  ...(rows.length > SHOWN ? [`and ${rows.length - SHOWN} more`] : []),
]
</script>

<template>
  <p v-if="removed" role="status">
    {{ removed.title }} is removed.
    <BButton size="sm" variant="outline-primary" @click="bringBack">Bring it back</BButton>
    <span v-if="undoProblem" class="caution">{{ undoProblem }}</span>
  </p>
  <DialogRoot :open="row !== undefined" @update:open="(open) => open || emit('cancel')">
    <DialogPortal>
      <DialogOverlay class="sheet-shade" />
      <DialogContent class="key-sheet">
        <DialogTitle as="h2">Remove {{ row?.title }}?</DialogTitle>
        <DialogDescription>It stays in the history and can be brought back from there.</DialogDescription>
        <template v-if="plan">
          <template v-if="plan.held.length > 0">
            <p class="caution">It stays, because something cannot be without it:</p>
            <ul>
              <li v-for="line in listed(plan.held)" :key="line">{{ line }}</li>
            </ul>
          </template>
          <template v-else>
            <template v-if="plan.along.length > 0">
              <p>With it go:</p>
              <ul>
                <li v-for="line in listed(plan.along)" :key="line">{{ line }}</li>
              </ul>
            </template>
            <template v-if="plan.changed.length > 0">
              <p>These stay, and no longer list it:</p>
              <ul>
                <li v-for="line in listed(plan.changed)" :key="line">{{ line }}</li>
              </ul>
            </template>
          </template>
        </template>
        <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
        <p class="acts">
          <BButton v-if="plan && plan.held.length === 0" variant="danger" @click="remove">Remove</BButton>
          <DialogClose as-child><BButton variant="outline-primary">Keep it</BButton></DialogClose>
        </p>
      </DialogContent>
    </DialogPortal>
  </DialogRoot>
</template>
