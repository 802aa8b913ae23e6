<script setup lang="ts">
import { ref } from 'vue'
import type { Point } from '#core/stitch/types'
import type { Changes } from '#shared/api/rows'
import { call, get, problemText } from '../../api/client'
import { useSession } from '../../state/session'
import { saveFile } from '../../ui/saveFile'

/** The open text of a motif: read from a file, written to one, kept for the stitch it belongs to. */
const props = defineProps<{ text: string; keeps: { model: string; stitch: string; points: Point[] } | undefined }>()
const emit = defineEmits<{ read: [text: string] }>()
const session = useSession()
const said = ref('')
const problem = ref('')
const MOST_BYTES = 1_000_000

const read = async (event: Event) => {
  const [file] = (event.target as HTMLInputElement).files ?? []
  problem.value = ''
  if (!file) return
  if (file.size > MOST_BYTES) problem.value = `${file.name} is over 1 MB: no list of points. What was there is kept.`
  else emit('read', await file.text())
}
const write = () => saveFile(new Blob([props.text], { type: 'text/plain' }), 'motif.txt')
const keep = async () => {
  const { keeps } = props
  if (!keeps) return
  problem.value = ''
  try {
    const page = await get(`/api/models/${keeps.model}`)
    const stitch = page.model.stitches.find(({ id }) => id === keeps.stitch)
    const version = page.stitchVersions[keeps.stitch] ?? null
    const value = { ...stitch, points: keeps.points.map(([x, y]): [number, number] => [x, y]) }
    const body: Changes = { changes: [{ resource: 'stitches', id: keeps.stitch, model: keeps.model, version, value }] }
    await call('POST', '/api/catalogue/changes', body)
    said.value = `Kept: cards draw ${stitch?.select ?? 'it'} from these points now.`
  } catch (error) {
    problem.value = problemText(error)
  }
}
</script>

<template>
  <div class="acts">
    <label class="btn btn-sm btn-outline-primary">
      From a file
      <input type="file" class="visually-hidden" accept=".txt,text/plain" @change="read" />
    </label>
    <BButton size="sm" variant="link" @click="write">Save as text</BButton>
    <BButton v-if="session.mayWrite && keeps" size="sm" variant="link" @click="keep">Keep for this stitch</BButton>
    <p role="status">{{ said }}</p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  </div>
</template>

<style scoped lang="scss">
.acts {
  grid-column: 1 / -1;
  padding-top: 0.4rem;
}

.acts p {
  margin: 0.2rem 0 0;
}
</style>
