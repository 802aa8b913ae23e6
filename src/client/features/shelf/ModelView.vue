<script setup lang="ts">
import { computed, nextTick, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { Model, Parameter } from '#core/catalogue/types'
import type { ModelPage } from '#shared/api/rows'
import { attachmentWord, kindWord, shankWord } from '#shared/messages/words'
import { PARAMETERS, plainOf } from '#core/catalogue/parameters'
import { columnsOf, parametersOf, type Column } from '#shared/tables/columns'
import { titleOf } from '#shared/tables/titles'

import { call, get, problemText } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { useNames } from '../../state/names'
import { usePickLists, usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import ClashDialog from '../../ui/sheet/ClashDialog.vue'
import FieldForm from '../../ui/sheet/FieldForm.vue'
import SheetGrid from '../../ui/sheet/SheetGrid.vue'
import { useEdits } from '../../ui/sheet/useEdits'
import ControlsEditor from './ControlsEditor.vue'
import EditBar from './EditBar.vue'
import ShareControls from './ShareControls.vue'
import RemoveRow, { type Removing } from './RemoveRow.vue'

/** A model's own page: its stitches as a sheet, its facts as a form. */
const props = defineProps<{ id: string }>()
const session = useSession()
const store = useNames()
const lists = usePickLists()
const router = useRouter()
const { query } = usePicks()
const page = shallowRef<ModelPage>()
const problem = ref('')
const part = ref<'stitches' | 'facts' | 'controls'>('stitches')
const filter = ref('')
const sheet = ref<InstanceType<typeof SheetGrid>>()
const names = computed(() => store.names)

/** Every usual parameter, and what the model has beyond them. */
const withUsual = (own: readonly Parameter[]): Parameter[] => [
  ...PARAMETERS,
  ...own.filter((parameter) => parameter !== plainOf(parameter)),
]
const headColumns = ref<Column[]>(columnsOf('models'))
const stitchColumns = ref<Column[]>(columnsOf('stitches'))
const head = useEdits({ resource: 'models', columns: headColumns, names })
const stitches = useEdits({ resource: 'stitches', model: props.id, columns: stitchColumns, names })
const row = computed(() => head.rows.value.find(({ id }) => id === props.id))

const load = async () => {
  problem.value = ''
  try {
    const [read] = await Promise.all([get(`/api/models/${props.id}`), store.load()])
    headColumns.value = columnsOf('models', withUsual(parametersOf('models', [read.model])))
    const used = parametersOf('stitches', read.model.stitches)
    stitchColumns.value = columnsOf('stitches', used.length > 0 ? used : ['width', 'length', 'tension'])
    await Promise.all([head.load(), stitches.load()])
    page.value = read
  } catch (error) {
    problem.value = problemText(error)
  }
}
void load()
/** The tables read themselves again. */
whenChanged(['catalogue'], async () => {
  page.value = (await get(`/api/models/${props.id}`).catch(() => undefined)) ?? page.value
})

/** "2nd edition" as the shop wrote it, "edition B" where it wrote no more than that. */
const editionWords = (edition?: string): string =>
  edition === undefined ? 'edition not stated' : /edition/i.test(edition) ? edition : `edition ${edition}`
const summary = computed(() => {
  const model = page.value?.model
  if (!model) return ''
  return [
    kindWord(model.kind),
    model.shank ? shankWord(model.shank) : 'shank not stated',
    model.attachment ? attachmentWord(model.attachment) : 'attachment not stated',
    model.maxWidth === undefined ? 'widest stitch not stated' : `stitches up to ${model.maxWidth} mm`,
    editionWords(model.edition),
    model.source?.evidence === 'workedOut' ? (model.source.where ?? '') : '',
  ]
    .filter(Boolean)
    .join(' · ')
})

const addStitch = async () => {
  part.value = 'stitches'
  stitches.addRows(1)
  await nextTick()
  sheet.value?.toLast()
}

const copyName = ref<string>()
const copy = async () => {
  const name = copyName.value
  if (name === undefined) return
  try {
    const made = await call('POST', `/api/models/${props.id}/copy`, { name })
    copyName.value = undefined
    await lists.load()
    await router.push({ path: `/shelf/models/${(made.value as { id: string }).id}`, query: query.value })
  } catch (error) {
    problem.value = problemText(error)
  }
}

const removing = ref<Removing>()
const removeStitch = () => {
  const at = sheet.value?.current()
  if (!at) return
  if (at.version === null) stitches.dropNew(at.id)
  else
    removing.value = {
      resource: 'stitches',
      id: at.id,
      model: props.id,
      version: at.version,
      title: titleOf('stitches', at.value),
    }
}
const removeModel = () => {
  if (row.value?.version)
    removing.value = {
      resource: 'models',
      id: props.id,
      version: row.value.version,
      title: titleOf('models', row.value.value, names.value),
    }
}
const removed = async ({ resource }: Removing) => {
  removing.value = undefined
  await lists.load()
  if (resource === 'models') await router.push({ path: '/shelf/history', query: query.value })
  else await stitches.load()
}
</script>

<template>
  <main class="page wide">
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <template v-if="page && row">
      <div class="head">
        <h1>{{ page.make }} {{ page.model.name }}</h1>
        <div class="acts">
          <RouterLink class="btn btn-link" :to="{ path: '/shelf/fit', query: { ...query, m: id } }"
            >What fits it</RouterLink
          >
          <RouterLink class="btn btn-link" :to="{ path: '/shelf/history', query: { ...query, model: id } }"
            >History</RouterLink
          >
          <a class="btn btn-link" :href="`/api/tables/stitches?model=${id}`" :download="`${id}.csv`">Save as CSV</a>
          <template v-if="session.mayWrite">
            <BButton variant="link" @click="copyName = `${page.model.name} II`">Copy as its sister</BButton>
            <BButton v-if="part === 'facts'" variant="link" @click="removeModel">Remove</BButton>
            <BButton v-if="part === 'stitches'" variant="link" @click="removeStitch">Remove a stitch</BButton>
            <BButton v-if="part === 'stitches'" variant="link" @click="addStitch">Add a stitch</BButton>
            <RouterLink class="btn btn-primary" :to="{ path: `/shelf/models/${id}/chart`, query }"
              >Read a stitch chart from a file</RouterLink
            >
          </template>
        </div>
      </div>
      <p class="soft">{{ summary }}</p>
      <form v-if="copyName !== undefined" class="line" @submit.prevent="copy">
        <label for="copy">Name of the sister model</label>
        <input id="copy" v-model="copyName" class="form-control filter" required />
        <BButton type="submit" variant="primary">Copy with {{ page.model.stitches.length }} stitches</BButton>
        <BButton variant="link" @click="copyName = undefined">Cancel</BButton>
      </form>
      <div class="line">
        <div class="parts" role="group" aria-label="Part of the page">
          <button type="button" :aria-pressed="part === 'stitches'" @click="part = 'stitches'">
            Stitches ({{ stitches.rows.value.length }})
          </button>
          <button type="button" :aria-pressed="part === 'facts'" @click="part = 'facts'">Facts of the machine</button>
          <button type="button" :aria-pressed="part === 'controls'" @click="part = 'controls'">
            Controls and rules
          </button>
        </div>
        <template v-if="part === 'stitches'">
          <label for="filter" class="visually-hidden">Filter stitches</label>
          <input
            id="filter"
            v-model="filter"
            type="search"
            class="form-control filter"
            placeholder="Filter by any words"
            @keydown.down.prevent="sheet?.focus()"
          />
        </template>
        <EditBar
          v-if="session.mayWrite"
          :edits="part === 'stitches' ? stitches : head"
          :on-fault="part === 'stitches' ? () => sheet?.toFault() : undefined"
        />
      </div>
      <template v-if="part === 'stitches'">
        <p class="on-paper">On paper stands what was in sight; “Save as CSV” has all of it.</p>
        <p v-if="stitches.rows.value.length === 0">
          No stitch is known yet. A stitch chart as CSV or XLSX, or the book itself as a PDF, brings them all at once.
        </p>
        <SheetGrid
          v-else
          ref="sheet"
          :edits="stitches"
          :columns="stitchColumns"
          :names="names"
          label="Stitches"
          :filter="filter"
          :may-write="session.mayWrite"
          may-add
        />
      </template>
      <template v-else-if="part === 'controls'">
        <ShareControls
          v-if="session.mayWrite"
          :model="row.value as unknown as Model"
          :unsaved="head.changed.value.length > 0"
        />
        <ControlsEditor
          :model="row.value as unknown as Model"
          :names="names"
          :may-write="session.mayWrite"
          @change="(next) => head.setValue(id, next)"
        />
      </template>
      <FieldForm
        v-else
        :edits="head"
        :row="row"
        :columns="headColumns"
        :names="names"
        :may-write="session.mayWrite"
        class="facts"
      />
    </template>
    <ClashDialog :edits="stitches" :names="names" />
    <ClashDialog :edits="head" :names="names" />
    <RemoveRow :row="removing" @removed="removed" @brought-back="stitches.load()" @cancel="removing = undefined" />
  </main>
</template>

<style scoped lang="scss">
.page {
  --sheet-height: calc(100vh - 23.5rem);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
}

.head {
  justify-content: space-between;
}

.acts {
  gap: 0.2rem;
}

.line {
  margin-bottom: 0.6rem;
}

.filter {
  width: 14rem;
}

.parts button {
  border: 0;
  background: none;
  color: var(--ink-soft);
  padding: 0.2rem 0;
  margin-right: 1rem;
  border-bottom: 3px solid transparent;

  &[aria-pressed='true'] {
    color: var(--ink);
    font-weight: 650;
    border-bottom-color: var(--teal);
  }
}

.facts {
  max-width: 60rem;
}
</style>
