<script setup lang="ts" generic="Content">
import { DialogContent, DialogDescription, DialogOverlay, DialogPortal, DialogRoot, DialogTitle } from 'reka-ui'
import { computed, ref, watch } from 'vue'
import { heldTogether, partChanges, type EditSide, type PartChange } from '#core/catalogue/threeWay'
import { capital } from '#shared/messages/words'
import { partWords, placeWords } from '#shared/tables/partWords'
import { useNames } from '../state/names'

/**
 * Somebody else was first: what each changed since both read it. What only one changed holds already; the rest is
 * chosen.
 */
const props = defineProps<{ both: { base: Content; yours: Content; theirs: Content } }>()
const emit = defineEmits<{ settle: [content: Content]; leave: [] }>()

const store = useNames()
// Without them ids are shown: the choice holds as well.
store.load().catch(() => undefined)

const moved = computed(() => partChanges(props.both.base, props.both.yours, props.both.theirs))
const chosen = ref<(EditSide | undefined)[]>([])
watch(moved, (all) => (chosen.value = all.map(({ by }) => (by === 'both' ? undefined : by))), { immediate: true })
const open = computed(() => chosen.value.filter((side) => side === undefined).length)
const SIDES: readonly EditSide[] = ['theirs', 'yours']
const words = (one: PartChange, side: EditSide) => partWords(one[side], store.names)
const headOf = ({ path }: PartChange) => capital(placeWords(path, props.both.theirs)) || 'All of it'
const settle = () =>
  emit(
    'settle',
    heldTogether(
      props.both.theirs,
      moved.value,
      (one) => chosen.value[moved.value.indexOf(one)] ?? 'theirs',
    ) as Content,
  )
</script>

<template>
  <DialogRoot :open="true" @update:open="(isOpen) => isOpen || emit('leave')">
    <DialogPortal>
      <DialogOverlay class="sheet-shade" />
      <DialogContent class="key-sheet clash">
        <DialogTitle as="h2">Somebody else changed this meanwhile</DialogTitle>
        <DialogDescription>
          Nothing of yours is written yet, nothing of theirs is lost. What only one of you changed holds already.
        </DialogDescription>
        <p v-if="moved.length === 0">Both of you changed the same to the same.</p>
        <table v-else class="table table-sm">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Theirs, stored now</th>
              <th scope="col">Yours</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(one, i) in moved" :key="one.path.join('.')">
              <th scope="row">{{ headOf(one) }}</th>
              <td v-for="side in SIDES" :key="side">
                <label
                  ><input v-model="chosen[i]" type="radio" :name="`both-${i}`" :value="side" />
                  {{ words(one, side) }}</label
                >
              </td>
            </tr>
          </tbody>
        </table>
        <p class="acts">
          <BButton variant="primary" :disabled="open > 0" @click="settle">Save what is chosen</BButton>
          <BButton variant="outline-primary" @click="chosen = moved.map(() => 'theirs')">Theirs for all</BButton>
          <BButton variant="link" @click="emit('leave')">Later</BButton>
          <span v-if="open > 0" class="soft">{{ open }} still to choose</span>
        </p>
      </DialogContent>
    </DialogPortal>
  </DialogRoot>
</template>
