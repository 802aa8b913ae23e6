<!-- What classes use up, a line each: fabric and thread by name, the rest by the word that classes know it by. -->
<script setup lang="ts">
import type { Cupboard } from '#shared/api/classes'
import { useNames } from '../../state/names'
import EntryInput from '../../ui/EntryInput.vue'

type Supply = Cupboard['supplies'][number]
const { supplies } = defineProps<{ supplies: readonly Supply[] }>()
const emit = defineEmits<{ change: [supplies: Supply[]] }>()
const names = useNames()

const KINDS = ['fabric', 'thread', 'bobbin', 'needle', 'material'] as const
const PACKED: Record<Supply['what'], string> = {
  fabric: 'mm',
  thread: 'm',
  bobbin: 'pieces',
  needle: 'pieces',
  material: 'pieces',
}
const HINTS: Partial<Record<Supply['what'], string>> = {
  bobbin: 'its class',
  needle: 'system point size',
  material: 'as the technique names it',
}
const listOf = (what: Supply['what']) =>
  what === 'fabric' ? names.names.fabrics : what === 'thread' ? names.names.threads : undefined

const set = (place: number, next: Partial<Supply>) =>
  emit(
    'change',
    supplies.map((one, i) => (i === place ? { ...one, ...next } : one)),
  )
const setKind = (place: number, what: Supply['what']) => {
  const { width: _, ...rest } = supplies[place] as Supply
  emit(
    'change',
    supplies.map((one, i) => (i === place ? { ...rest, what, of: '' } : one)),
  )
}
/** An empty field takes the fact away: unknown is not 0. */
const setOrLeaveOut = (place: number, key: 'width' | 'price', value: number | undefined) => {
  const { [key]: _, ...rest } = supplies[place] as Supply
  const next = value === undefined ? rest : { ...rest, [key]: value }
  emit(
    'change',
    supplies.map((one, i) => (i === place ? (next as Supply) : one)),
  )
}
const add = () => emit('change', [...supplies, { what: 'material', of: '', pack: 1, shelf: 0 }])
const remove = (place: number) =>
  emit(
    'change',
    supplies.filter((_, i) => i !== place),
  )
const chosen = (event: Event) => (event.target as HTMLSelectElement).value
const number = (text: string): number | undefined => (text.trim() === '' ? undefined : Number(text))
const PRICE_IN = 100
const setPrice = (place: number, price: number | undefined) =>
  setOrLeaveOut(place, 'price', price === undefined ? undefined : Math.round(price * PRICE_IN))
</script>

<template>
  <table class="table table-sm">
    <thead>
      <tr>
        <th scope="col">What</th>
        <th scope="col">Which</th>
        <th scope="col">In a pack</th>
        <th scope="col">Bolt across, mm</th>
        <th scope="col">Price of a pack</th>
        <th scope="col">Packs on the shelf</th>
        <td></td>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(one, i) in supplies" :key="i">
        <td>
          <select
            class="form-select form-select-sm"
            :value="one.what"
            :aria-label="`What, line ${i + 1}`"
            @change="setKind(i, chosen($event) as Supply['what'])"
          >
            <option v-for="kind in KINDS" :key="kind">{{ kind }}</option>
          </select>
        </td>
        <td>
          <select
            v-if="listOf(one.what)"
            class="form-select form-select-sm"
            :value="one.of"
            :aria-label="`Which, line ${i + 1}`"
            @change="set(i, { of: chosen($event) })"
          >
            <option value="" disabled>choose</option>
            <option v-for="(name, id) in listOf(one.what)" :key="id" :value="id">{{ name }}</option>
            <option v-if="one.of !== '' && !(one.of in (listOf(one.what) ?? {}))" :value="one.of">
              {{ one.of }}, not on the shelf any more
            </option>
          </select>
          <EntryInput
            v-else
            class="form-control form-control-sm"
            :value="one.of"
            :placeholder="HINTS[one.what]"
            :aria-label="`Which, line ${i + 1}`"
            @change="(of) => set(i, { of: of.trim() })"
          />
        </td>
        <td class="pack">
          <EntryInput
            type="number"
            min="0"
            step="any"
            class="form-control form-control-sm"
            :value="one.pack"
            :aria-label="`In a pack, line ${i + 1}`"
            @change="(text) => set(i, { pack: number(text) ?? one.pack })"
          />
          <span class="soft">{{ PACKED[one.what] }}</span>
        </td>
        <td>
          <EntryInput
            v-if="one.what === 'fabric'"
            type="number"
            min="1"
            class="form-control form-control-sm"
            :value="one.width"
            placeholder="not told"
            :aria-label="`Bolt across, line ${i + 1}`"
            @change="(text) => setOrLeaveOut(i, 'width', number(text))"
          />
        </td>
        <td>
          <EntryInput
            type="number"
            min="0"
            step="0.01"
            class="form-control form-control-sm"
            :value="one.price === undefined ? undefined : (one.price / PRICE_IN).toFixed(2)"
            placeholder="not told"
            :aria-label="`Price of a pack, line ${i + 1}`"
            @change="(text) => setPrice(i, number(text))"
          />
        </td>
        <td>
          <EntryInput
            type="number"
            min="0"
            step="any"
            class="form-control form-control-sm"
            :value="one.shelf"
            :aria-label="`Packs on the shelf, line ${i + 1}`"
            @change="(text) => set(i, { shelf: number(text) ?? 0 })"
          />
        </td>
        <td>
          <BButton size="sm" variant="link" :aria-label="`Remove line ${i + 1}`" @click="remove(i)">Remove</BButton>
        </td>
      </tr>
    </tbody>
  </table>
  <BButton variant="outline-primary" @click="add">Add a supply</BButton>
</template>

<style scoped lang="scss">
table {
  max-width: 70rem;
}

input[type='number'] {
  width: 6rem;
}

td:nth-child(1) {
  min-width: 6.5rem;
}

td:nth-child(2) {
  min-width: 10rem;
  width: 40%;
}

@media (max-width: 1000px) {
  input[type='number'] {
    width: 5rem;
  }
}

.pack {
  white-space: nowrap;

  input {
    display: inline-block;
    margin-right: 0.4rem;
  }
}
</style>
