<script setup lang="ts">
import type { Method } from '#core/catalogue/types'
import { methodColumns } from '#shared/tables/techniqueColumns'
import type { RowNames } from '#shared/tables/titles'
import ValueForm from '../../ui/sheet/ValueForm.vue'
import AddCondition from './AddCondition.vue'
import StepList from './StepList.vue'

/** One way to the technique: why it is chosen, what is prepared before its stages and finished after them. */
const props = defineProps<{ method: Method; names: RowNames }>()
const emit = defineEmits<{ change: [method: Method] }>()
const set = (change: Partial<Method>) => {
  const next: Record<string, unknown> = { ...props.method, ...change }
  for (const key of ['prepare', 'finish']) if ((next[key] as unknown[] | undefined)?.length === 0) delete next[key]
  emit('change', next as unknown as Method)
}
</script>

<template>
  <AddCondition :names="names">
    <section>
      <h2>The method</h2>
      <ValueForm
        :value="method"
        :columns="methodColumns"
        :names="names"
        layout="form"
        label="method"
        @change="(next) => emit('change', next as Method)"
      />
    </section>
    <section>
      <h2>Prepare</h2>
      <StepList :steps="method.prepare ?? []" :names="names" @change="(prepare) => set({ prepare })" />
    </section>
    <section>
      <h2>Finish</h2>
      <StepList :steps="method.finish ?? []" :names="names" @change="(finish) => set({ finish })" />
    </section>
  </AddCondition>
</template>

<style scoped lang="scss">
section {
  border-top: 1px solid var(--rule);
  padding: 0.6rem 0;
}
</style>
