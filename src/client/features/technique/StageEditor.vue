<script setup lang="ts">
import { computed, ref } from 'vue'
import { SLOTS } from '#core/procedure/slots'
import { freeId } from '#core/catalogue/ids'
import type { Stage } from '#core/catalogue/types'
import { PARAMETERS } from '#core/catalogue/parameters'
import {
  causeColumns,
  faultColumns,
  footColumns,
  inspectColumns,
  materialColumns,
  needleColumns,
  stageColumns,
  stageMoreColumns,
  stitchColumns,
  targetColumns,
  threadColumns,
} from '#shared/tables/techniqueColumns'
import { cellOf } from '#shared/tables/rowCells'
import type { RowNames } from '#shared/tables/titles'
import PartList from '../../ui/sheet/PartList.vue'
import ValueForm from '../../ui/sheet/ValueForm.vue'
import AddCondition from './AddCondition.vue'
import StepList from './StepList.vue'

/** One stage, one setup of the machine: everything that is said of it. */
const props = defineProps<{ stage: Stage; names: RowNames }>()
const emit = defineEmits<{ change: [stage: Stage] }>()
type Fault = Stage['faults'][number]

const set = (change: Partial<Stage>) => {
  const next: Record<string, unknown> = { ...props.stage, ...change }
  // A list that nothing is in is not stated, where the stage can do without it.
  for (const key of ['needle', 'threads', 'materials'])
    if ((next[key] as unknown[] | undefined)?.length === 0) delete next[key]
  emit('change', next as unknown as Stage)
}
const whole = (next: object) => emit('change', next as Stage)
const saysMore = stageMoreColumns.some((column) => cellOf(props.stage, column) !== undefined)
const feetAre = computed(() => (Array.isArray(props.stage.feet) ? 'these' : props.stage.feet))
const setFeet = (event: Event) => {
  const kind = (event.target as HTMLSelectElement).value
  set({ feet: kind === 'these' ? [{ function: 'standard' }] : (kind as 'any' | 'none') })
}
const newFault = (): Fault => ({
  id: freeId('fault', 'fault', new Set(props.stage.faults.map(({ id }) => id))),
  name: '',
  causes: [],
})

// ── slots: put into the step that was typed in last ──
const lastStep = ref<HTMLTextAreaElement>()
const remember = (event: FocusEvent) => {
  if (event.target instanceof HTMLTextAreaElement) lastStep.value = event.target
}
const insertSlot = (event: Event) => {
  const select = event.target as HTMLSelectElement
  const field = lastStep.value
  if (field?.isConnected && select.value !== '') {
    field.setRangeText(`{${select.value}}`, field.selectionStart, field.selectionEnd, 'end')
    field.dispatchEvent(new Event('change', { bubbles: true }))
    field.focus()
  }
  select.value = ''
}
</script>

<template>
  <section>
    <h2>The setup</h2>
    <ValueForm :value="stage" :columns="stageColumns" :names="names" layout="form" label="stage" @change="whole" />
    <details :open="saysMore">
      <summary>Features, controls, accessories, speed, what the stitch must be</summary>
      <ValueForm
        :value="stage"
        :columns="stageMoreColumns"
        :names="names"
        layout="form"
        label="stage"
        @change="whole"
      />
    </details>
  </section>
  <AddCondition :names="names">
    <section>
      <h2>Stitches, best first</h2>
      <PartList
        :parts="stage.stitches"
        :columns="stitchColumns"
        :names="names"
        one="stitch"
        ranked
        :blank="() => ({ function: 'straight' })"
        @change="(stitches) => set({ stitches })"
      />
    </section>
    <section>
      <h2>Feet, best first</h2>
      <label>
        The foot is
        <select class="form-select form-select-sm short" :value="feetAre" @change="setFeet">
          <option value="any">the one the book names, else a standard one</option>
          <option value="none">none: no foot helps</option>
          <option value="these">one of these</option>
        </select>
      </label>
      <PartList
        v-if="Array.isArray(stage.feet)"
        :parts="stage.feet"
        :columns="footColumns"
        :names="names"
        one="foot"
        ranked
        :blank="() => ({ function: 'standard' })"
        @change="(feet) => set({ feet })"
      />
    </section>
    <section>
      <h2>Settings by fabric</h2>
      <p class="soft">The most specific line that holds is taken. “as given” leaves the machine’s own.</p>
      <PartList
        :parts="stage.targets"
        :columns="targetColumns"
        :names="names"
        one="setting"
        :blank="() => ({ parameter: 'width' as const, to: 'default' as const, because: '' })"
        @change="(targets) => set({ targets })"
      />
    </section>
    <section>
      <h2>Needle</h2>
      <PartList
        :parts="stage.needle ?? []"
        :columns="needleColumns"
        :names="names"
        one="needle"
        :blank="() => ({})"
        @change="(needle) => set({ needle })"
      />
      <h2>Threads</h2>
      <PartList
        :parts="stage.threads ?? []"
        :columns="threadColumns"
        :names="names"
        one="thread"
        :blank="() => ({ place: 'needle' as const, thread: '' })"
        @change="(threads) => set({ threads })"
      />
      <h2>Materials</h2>
      <PartList
        :parts="stage.materials ?? []"
        :columns="materialColumns"
        :names="names"
        one="material"
        :blank="() => ({ what: '', per: 'piece' as const, amount: 1, unit: '' })"
        @change="(materials) => set({ materials })"
      />
    </section>
    <section @focusin="remember">
      <h2>
        Steps
        <label class="slots">
          put in
          <select
            class="form-select form-select-sm short"
            aria-label="Put a figure of the card into the step"
            @change="insertSlot"
          >
            <option value="">a figure of the card …</option>
            <option v-for="slot in [...SLOTS, ...PARAMETERS]" :key="slot" :value="slot">{{ slot }}</option>
          </select>
        </label>
      </h2>
      <StepList :steps="stage.steps" :names="names" @change="(steps) => set({ steps })" />
    </section>
    <section>
      <h2>Look for</h2>
      <PartList
        :parts="stage.inspect"
        :columns="inspectColumns"
        :names="names"
        one="look"
        :blank="() => ({ side: 'right' as const, good: '' })"
        @change="(inspect) => set({ inspect })"
      />
    </section>
    <section>
      <h2>If not</h2>
      <PartList
        :parts="stage.faults"
        :columns="faultColumns"
        :names="names"
        one="fault"
        :blank="newFault"
        @change="(faults) => set({ faults })"
      >
        <template #default="{ part, set: setFault }">
          <div class="causes">
            <PartList
              :parts="part.causes"
              :columns="causeColumns"
              :names="names"
              one="cause"
              :blank="() => ({ text: '' })"
              @change="(causes) => setFault({ ...part, causes })"
            />
          </div>
        </template>
      </PartList>
    </section>
  </AddCondition>
</template>

<style scoped lang="scss">
section {
  border-top: 1px solid var(--rule);
  padding: 0.6rem 0;
}

.short {
  display: inline-block;
  width: auto;
}

.slots {
  font: inherit;
  font-family: var(--bs-body-font-family);
  font-size: var(--note);
  font-weight: 400;
  margin-left: 1rem;
}

.causes {
  padding-left: 1.6rem;
}
</style>
