<script setup lang="ts">
import { computed } from 'vue'
import type { Parameter } from '#core/catalogue/types'
import type { MachineState } from '#core/practice/machine'
import type { Trial } from '#core/practice/trial'
import { capital, controlWord } from '#shared/messages/words'
import ControlField from './ControlField.vue'
import { panelOf, type PanelControl } from './panel'

/** All controls of a machine, each as it stands, to be put elsewhere. */
const props = defineProps<{ trial: Trial; state: MachineState; places: boolean }>()
const emit = defineEmits<{ move: [control: string, to: string]; set: [parameter: Parameter, value: number] }>()

const groups = computed(() => panelOf(props.trial))
const isButtons = ({ is }: PanelControl): boolean => is === 'places' || is === 'act'
</script>

<template>
  <div class="panel">
    <fieldset v-for="group in groups" :key="group.name">
      <legend>{{ group.name }}</legend>
      <div v-for="control in group.controls" :key="control.id" class="control">
        <component
          :is="isButtons(control) ? 'span' : 'label'"
          :for="isButtons(control) ? undefined : `c-${control.id}`"
          class="name"
        >
          {{ capital(controlWord(control.id)) }}
          <span v-if="places && control.where" class="where">{{ control.where }}</span>
        </component>
        <ControlField
          :trial="trial"
          :state="state"
          :control="control"
          @move="(id, to) => emit('move', id, to)"
          @set="(parameter, value) => emit('set', parameter, value)"
        />
      </div>
    </fieldset>
  </div>
</template>

<style scoped lang="scss">
.panel {
  columns: 2;
  column-gap: 1.6rem;
}

fieldset {
  break-inside: avoid;
  border: 0;
  border-top: 2px solid var(--ink);
  margin: 0 0 0.8rem;
  padding: 0.3rem 0 0;
}

legend {
  float: none;
  width: auto;
  font-size: var(--note);
  font-weight: 650;
  margin: 0;
  padding-right: 0.6rem;
}

.control {
  display: grid;
  grid-template-columns: 8.2rem minmax(0, 1fr);
  gap: 0.6rem;
  align-items: center;
  min-height: 2.15rem;
}

.name {
  font-size: var(--note);
  line-height: 1.15;
}

.where {
  display: block;
  font-size: var(--small);
  color: var(--ink-soft);
}

@media (max-width: 1000px) {
  .panel {
    columns: 1;
  }
}
</style>
