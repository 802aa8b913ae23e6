<script setup lang="ts">
import { computed, ref } from 'vue'
import { freeId } from '#core/catalogue/ids'
import type { ControlPlace, Item, Model } from '#core/catalogue/types'
import { controlIssues } from '#core/changeover/check'
import { controlsOf } from '#core/changeover/machine'
import { ownOf, partsOf, type ControlPart, type ControlParts, type RulePart } from '#core/changeover/own'
import { controlIssueText } from '#shared/messages/controls'
import { inPlainWords } from '#shared/messages/usual'
import { kindWord } from '#shared/messages/words'
import { controlColumns, ruleColumns } from '#shared/tables/controlColumns'
import type { RowNames } from '#shared/tables/titles'
import MapEditor from './MapEditor.vue'
import PartList from '../../ui/sheet/PartList.vue'

/** A model's controls and rules: the usual of its kind with what this model says otherwise, all of it editable. */
const props = defineProps<{ model: Model; names: RowNames; mayWrite: boolean }>()
const emit = defineEmits<{ change: [model: Model] }>()

// Needle plates are told apart on the server; here only what is listed counts.
const NO_ITEMS: ReadonlyMap<string, Item> = new Map()
const bare = computed((): Model => {
  const { controls: _, ...rest } = props.model
  return rest
})
const usual = computed(() => inPlainWords(controlsOf(bare.value, NO_ITEMS)))
const all = computed(() => controlsOf(props.model, NO_ITEMS))
const parts = computed(() => partsOf(inPlainWords(all.value)))
const issues = computed(() => controlIssues(all.value).map(controlIssueText))
const filter = ref('')
const shownRules = computed(() =>
  parts.value.rules.filter(({ control, text = '', id }) =>
    `${control} ${text} ${id}`.toLowerCase().includes(filter.value.toLowerCase()),
  ),
)

const put = (next: ControlParts) => {
  const own = ownOf(usual.value, next)
  emit('change', own ? { ...bare.value, controls: own } : bare.value)
}
const setControls = (controls: ControlPart[]) => put({ ...parts.value, controls })
const setPlace = (id: string, at: ControlPlace | undefined) =>
  setControls(
    parts.value.controls.map((part) => {
      if (part.id !== id) return part
      const { at: _, ...others } = part
      return at === undefined ? others : { ...others, at }
    }),
  )
/** What the filter hides stays as it is. */
const setRules = (rules: RulePart[]) => {
  const hidden = parts.value.rules.filter((rule) => !shownRules.value.includes(rule))
  const ids = new Set(hidden.map(({ id }) => id))
  const named = rules.map((rule) => {
    const id = rule.id === '' ? freeId(`${rule.control}-${rule.says}`, 'rule', ids) : rule.id
    ids.add(id)
    return { ...rule, id }
  })
  put({ ...parts.value, rules: [...hidden, ...named] })
}
const blankControl = (): ControlPart => ({ id: '', positions: [], seconds: 5, habit: 55 })
const blankRule = (): RulePart => ({ id: '', says: 'needs', control: '', text: '' })
</script>

<template>
  <section :inert="!mayWrite">
    <p class="soft">
      The usual of {{ kindWord(model.kind) }}s, with what this model says otherwise. Cards, practice and the way back
      follow it.
    </p>
    <div v-if="issues.length > 0" role="alert" class="caution">
      <p v-for="issue in issues" :key="issue">{{ issue }}</p>
    </div>
    <h2>Where they sit</h2>
    <MapEditor :model="model" :controls="Object.keys(all.controls)" @place="setPlace" />
    <h2>Controls</h2>
    <p class="soft">
      Name · its places, <kbd>*</kbd> where any word may stand · its place in normal sewing · where it sits · seconds a
      move takes · its turn in the usual order, smaller first.
    </p>
    <PartList
      :parts="parts.controls"
      :columns="controlColumns"
      :names="names"
      one="control"
      :blank="blankControl"
      @change="setControls"
    />
    <div class="line">
      <h2>Rules</h2>
      <label for="rules" class="visually-hidden">Filter rules</label>
      <input id="rules" v-model="filter" type="search" class="form-control filter" placeholder="Filter by any words" />
    </div>
    <PartList
      :parts="shownRules"
      :columns="ruleColumns"
      :names="names"
      one="rule"
      :blank="blankRule"
      @change="setRules"
    />
  </section>
</template>

<style scoped lang="scss">
.line {
  display: flex;
  gap: 1rem;
  align-items: center;
  margin-top: 1rem;
}

.filter {
  width: 16rem;
}
</style>
