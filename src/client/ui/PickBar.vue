<script setup lang="ts">
import { computed, ref } from 'vue'
import { kindWord } from '#shared/messages/words'
import { usePickLists, usePicks } from '../state/picks'
import { useSession } from '../state/session'
import AskLine from './AskLine.vue'
import PickBox, { type PickOption } from './PickBox.vue'

const store = usePickLists()
const { picked, pick } = usePicks()
const line = ref<InstanceType<typeof AskLine>>()
const first = ref<InstanceType<typeof PickBox>>()
const session = useSession()
/** The ask line speaks of customers: it is the desk's. */
const asks = computed(() => session.user?.role !== 'viewer')

const models = computed<PickOption[]>(() =>
  (store.lists?.models ?? []).map(({ id, name, make, kind, aliases }) => ({
    id,
    name: `${make} ${name}`,
    group: make,
    hint: kindWord(kind),
    also: aliases.join(' '),
  })),
)
const techniques = computed<PickOption[]>(() =>
  (store.lists?.techniques ?? []).map(({ id, name, family, aliases }) => ({
    id,
    name,
    group: family,
    hint: '',
    also: aliases.join(' '),
  })),
)
const fabrics = computed<PickOption[]>(() =>
  (store.lists?.fabrics ?? []).map(({ id, name, structure, weight }) => ({
    id,
    name,
    group: '',
    hint: `${weight} ${structure === 'nonWoven' ? 'non-woven' : structure}`,
    also: '',
  })),
)

defineExpose({ focus: () => (line.value ?? first.value)?.focus() })
</script>

<template>
  <header class="pick-bar" :class="{ asks }">
    <AskLine v-if="asks" ref="line" />
    <PickBox ref="first" label="Machine" :options="models" :picked="picked.model" @pick="(id) => pick('model', id)" />
    <PickBox label="Technique" :options="techniques" :picked="picked.technique" @pick="(id) => pick('technique', id)" />
    <PickBox label="Fabric" :options="fabrics" :picked="picked.fabric" @pick="(id) => pick('fabric', id)" />
  </header>
</template>

<style scoped lang="scss">
.pick-bar {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
}

.pick-bar.asks {
  grid-template-columns: minmax(0, 1.35fr) repeat(3, minmax(0, 1fr));
}

@media (max-width: 1000px) {
  .pick-bar.asks {
    grid-template-columns: repeat(3, minmax(0, 1fr));

    > :first-child {
      grid-column: 1 / -1;
      border-bottom: 1px solid var(--rule);
    }
  }
}

@media (max-width: 640px) {
  .pick-bar,
  .pick-bar.asks {
    grid-template-columns: 1fr;
  }
}
</style>
