<script setup lang="ts">
import {
  DialogContent,
  DialogDescription,
  DialogOverlay,
  DialogPortal,
  DialogRoot,
  DialogTitle,
  DialogClose,
} from 'reka-ui'
import { computed } from 'vue'
import { allBindings, type KeyBinding } from '../state/keys'

const props = defineProps<{ everywhere: KeyBinding[] }>()
const shown = defineModel<boolean>({ required: true })
/** Two tables on one page have the same keys: they are told once. */
const bindings = computed(() => [
  ...new Map(
    (shown.value ? allBindings(props.everywhere) : []).map((one) => [`${one.keys} ${one.does}`, one]),
  ).values(),
])
</script>

<template>
  <DialogRoot v-model:open="shown">
    <DialogPortal>
      <DialogOverlay class="sheet-shade" />
      <DialogContent class="key-sheet">
        <DialogTitle as="h2">Keys</DialogTitle>
        <DialogDescription class="soft">They rest while you type in a field. Esc leaves it.</DialogDescription>
        <dl>
          <template v-for="binding in bindings" :key="`${binding.keys} ${binding.does}`">
            <dt>
              <kbd v-for="key in binding.keys.split(' ')" :key="key">{{ key }}</kbd>
            </dt>
            <dd>{{ binding.does }}</dd>
          </template>
        </dl>
        <DialogClose as-child><BButton variant="primary">Close</BButton></DialogClose>
      </DialogContent>
    </DialogPortal>
  </DialogRoot>
</template>

<style lang="scss">
.sheet-shade {
  position: fixed;
  inset: 0;
  background: rgb(0 0 0 / 35%);
  z-index: 30;
}

.key-sheet {
  position: fixed;
  z-index: 31;
  inset: 10% auto auto 50%;
  transform: translateX(-50%);
  width: min(34rem, 92vw);
  max-height: 80vh;
  overflow: auto;
  background: var(--sheet);
  border-top: 4px solid var(--teal);
  padding: 1.2rem 1.6rem;

  dl {
    display: grid;
    grid-template-columns: 8.5rem 1fr;
    gap: 0.3rem 1rem;
  }

  dd {
    margin: 0;
  }
}
</style>
