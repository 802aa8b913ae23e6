<script setup lang="ts">
import { DialogContent, DialogDescription, DialogOverlay, DialogPortal, DialogRoot, DialogTitle } from 'reka-ui'
import { computed, ref, watch } from 'vue'
import type { Resource } from '#shared/api/resources'
import { cellOf, withCell } from '#shared/tables/rowCells'
import { differencesOf, type FieldDifference } from '#shared/tables/difference'
import { titleOf, type RowNames } from '#shared/tables/titles'
import type { Clash } from '../../api/client'
import type { Edits } from './useEdits'

/** Somebody else changed the same rows: both versions side by side, and a choice field by field. */
const props = defineProps<{ edits: Edits; names: RowNames }>()
type Side = 'theirs' | 'yours'
type Value = { id: string } & Record<string, unknown>

const chosen = ref<Record<string, Side>>({})

/** Deeper than a column, the whole top key is one choice. */
const topOf = (resource: Resource, clash: Clash): FieldDifference[] => {
  const all = differencesOf(resource, clash.theirs?.value, clash.yours, props.names)
  const seen = new Set<string>()
  return all.filter(({ path }) => {
    const key = keyOf(path)
    if (seen.has(key)) return false
    seen.add(key)
    return true
  })
}
const COLUMN_DEPTH = 2
const choicePath = (path: readonly string[]): readonly string[] =>
  path.length > COLUMN_DEPTH ? path.slice(0, 1) : path
const keyOf = (path: readonly string[]): string => choicePath(path).join('.')

const rows = computed(() =>
  props.edits.clashes.value.map((clash) => {
    const id = clash.row.split('/').at(-1) as string
    const resource = clash.resource as Resource
    return {
      id,
      clash,
      resource,
      title: titleOf(resource, clash.theirs?.value ?? clash.yours, props.names),
      fields: clash.theirs ? topOf(resource, clash) : [],
    }
  }),
)
/** Where only one side moved away from what both started from, that side is chosen already. */
watch(
  rows,
  (all) => {
    const next: Record<string, Side> = {}
    for (const { id, clash, fields } of all) {
      const base = props.edits.saved.value.get(id)?.value
      for (const { path } of fields) {
        const at = { path: choicePath(path) }
        const was = JSON.stringify(cellOf(base, at))
        if (was === JSON.stringify(cellOf(clash.yours, at))) next[`${id}.${keyOf(path)}`] = 'theirs'
        else if (was === JSON.stringify(cellOf(clash.theirs?.value, at))) next[`${id}.${keyOf(path)}`] = 'yours'
      }
    }
    chosen.value = next
  },
  { immediate: true },
)
const nameOf = (id: string, field: FieldDifference) => `${id}.${keyOf(field.path)}`
const open = computed(() =>
  rows.value
    .flatMap(({ id, fields, clash }) => (clash.theirs === null ? [`${id}.`] : fields.map((field) => nameOf(id, field))))
    .filter((key) => chosen.value[key] === undefined),
)

const save = () =>
  props.edits.settleClashes(
    rows.value.map(({ id, clash, fields }) => {
      if (clash.theirs === null)
        return { id, version: null, value: chosen.value[`${id}.`] === 'yours' ? (clash.yours as Value) : null }
      const value = fields.reduce<unknown>((all, field) => {
        const at = { path: choicePath(field.path) }
        return chosen.value[nameOf(id, field)] === 'yours' ? withCell(all, at, cellOf(clash.yours, at)) : all
      }, clash.theirs.value)
      return { id, version: clash.theirs.version, value: value as Value }
    }),
  )
const later = () => props.edits.leaveClashes()
const theirsForAll = () => {
  chosen.value = Object.fromEntries(
    rows.value.flatMap(({ id, fields }) =>
      [`${id}.`, ...fields.map((field) => nameOf(id, field))].map((key) => [key, 'theirs' as const]),
    ),
  )
}
</script>

<template>
  <DialogRoot :open="rows.length > 0" @update:open="(isOpen) => isOpen || later()">
    <DialogPortal>
      <DialogOverlay class="sheet-shade" />
      <DialogContent class="key-sheet clash">
        <DialogTitle as="h2">Somebody else changed this meanwhile</DialogTitle>
        <DialogDescription
          >Nothing of yours is written yet, nothing of theirs is lost. Choose what holds.</DialogDescription
        >
        <section v-for="{ id, title, fields, clash } in rows" :key="id">
          <h3>{{ title }}</h3>
          <p v-if="clash.theirs === null">
            They removed it.
            <label><input v-model="chosen[`${id}.`]" type="radio" :name="`${id}.`" value="theirs" /> Let it go</label>
            <label
              ><input v-model="chosen[`${id}.`]" type="radio" :name="`${id}.`" value="yours" /> Bring it back with
              yours</label
            >
          </p>
          <table v-else class="table table-sm">
            <thead>
              <tr>
                <th scope="col">Field</th>
                <th scope="col">Theirs, stored now</th>
                <th scope="col">Yours</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="field in fields" :key="field.heading">
                <th scope="row">{{ field.heading }}</th>
                <td>
                  <label
                    ><input v-model="chosen[nameOf(id, field)]" type="radio" :name="nameOf(id, field)" value="theirs" />
                    {{ field.before || 'not stated' }}</label
                  >
                </td>
                <td>
                  <label
                    ><input v-model="chosen[nameOf(id, field)]" type="radio" :name="nameOf(id, field)" value="yours" />
                    {{ field.after || 'not stated' }}</label
                  >
                </td>
              </tr>
            </tbody>
          </table>
        </section>
        <p class="acts">
          <BButton variant="primary" :disabled="open.length > 0" @click="save">Save what is chosen</BButton>
          <BButton variant="outline-primary" @click="theirsForAll">Theirs for all</BButton>
          <BButton variant="link" @click="later">Later</BButton>
          <span v-if="open.length > 0" class="soft">{{ open.length }} still to choose</span>
        </p>
      </DialogContent>
    </DialogPortal>
  </DialogRoot>
</template>
