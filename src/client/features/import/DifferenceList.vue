<script setup lang="ts" generic="Value extends { id: string }">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref } from 'vue'
import type { Compared } from '#core/import/compare'
import type { FieldDifference } from '#shared/tables/difference'

/** What a file would add, change and no longer names; every line can be taken or left. */
const props = defineProps<{
  compared: Compared<Value>[]
  title: (entry: Compared<Value>) => string
  fields: (entry: Compared<Value>) => FieldDifference[]
  /** What else is to be known of a line: samples sewn with it. */
  note: (entry: Compared<Value>) => string
  /** A gone row that something holds stays whatever is ticked. */
  stays: (entry: Compared<Value>) => boolean
}>()
const chosen = defineModel<ReadonlySet<string>>({ required: true })
const scroll = ref<HTMLElement>()

const GROUPS = [
  ['added', 'New'],
  ['changed', 'Changed'],
  ['gone', 'Not in the file any more'],
] as const
type Line = { heading: string; is: Compared<Value>['is'] } | { entry: Compared<Value> }
const of = (is: Compared<Value>['is']) => props.compared.filter((entry) => entry.is === is)
const lines = computed<Line[]>(() =>
  GROUPS.flatMap(([is, word]): Line[] => {
    const entries = of(is)
    return entries.length === 0
      ? []
      : [{ heading: `${word} (${entries.length})`, is }, ...entries.map((entry) => ({ entry }))]
  }),
)
const virtualizer = useVirtualizer(
  computed(() => ({
    count: lines.value.length,
    getScrollElement: () => scroll.value ?? null,
    estimateSize: () => 60,
    overscan: 6,
  })),
)
const mayTake = (entry: Compared<Value>) => !entry.held && !(entry.is === 'gone' && props.stays(entry))
const take = (ids: readonly string[], on: boolean) => {
  const next = new Set(chosen.value)
  for (const id of ids) {
    if (on) next.add(id)
    else next.delete(id)
  }
  chosen.value = next
}
const takeable = (is: Compared<Value>['is']) =>
  of(is)
    .filter(mayTake)
    .map(({ id }) => id)
const all = (is: Compared<Value>['is']) => takeable(is).every((id) => chosen.value.has(id))
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <div ref="scroll" class="scroll" tabindex="0" role="region" aria-label="What the file would change">
    <div class="body" :style="{ height: `${virtualizer.getTotalSize()}px` }">
      <div
        v-for="item in virtualizer.getVirtualItems()"
        :key="Number(item.key)"
        :ref="(element) => virtualizer.measureElement(element as Element | null)"
        :data-index="item.index"
        class="item"
        :style="{ transform: `translateY(${item.start}px)` }"
      >
        <template v-for="line in [lines[item.index]!]" :key="'heading' in line ? line.heading : line.entry.id">
          <h2 v-if="'heading' in line">
            <label>
              <input
                type="checkbox"
                :checked="all(line.is)"
                :disabled="takeable(line.is).length === 0"
                @change="take(takeable(line.is), checked($event))"
              />
              {{ line.heading }}
            </label>
          </h2>
          <div v-else class="entry" :class="line.entry.is">
            <label>
              <input
                type="checkbox"
                :checked="chosen.has(line.entry.id)"
                :disabled="!mayTake(line.entry)"
                @change="take([line.entry.id], checked($event))"
              />
              <strong>{{ title(line.entry) }}</strong>
              <span v-if="line.entry.row !== undefined" class="soft"> row {{ line.entry.row }}</span>
            </label>
            <ul v-if="line.entry.is === 'changed'">
              <li v-for="field in fields(line.entry)" :key="field.heading">
                {{ field.heading }}: <del>{{ field.before || 'not stated' }}</del> →
                <ins>{{ field.after || 'not stated' }}</ins>
              </li>
            </ul>
            <p v-if="line.entry.held" class="soft">
              Tried at the bench: a file does not write over it. Change it by hand where it is wrong.
            </p>
            <p v-if="note(line.entry)" class="soft">{{ note(line.entry) }}</p>
          </div>
        </template>
      </div>
    </div>
    <p v-if="lines.length === 0" class="none">The file says what is known already. There is nothing to apply.</p>
  </div>
</template>

<style scoped lang="scss">
.scroll {
  overflow: auto;
  height: calc(100vh - 24rem);
  min-height: 16rem;
  border: 1px solid var(--rule);
  background: var(--sheet);
}

.body {
  position: relative;
}

.item {
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
  padding: 0.3rem 1rem;
  border-bottom: 1px solid var(--rule);
}

input {
  margin-right: 0.5rem;
}

h2 {
  margin: 0.4rem 0 0.2rem;
}

.entry ul,
.entry p {
  margin: 0 0 0 1.6rem;
  padding-left: 0;
  list-style: none;
}

del {
  color: var(--ink-soft);
}

ins {
  text-decoration: none;
  font-weight: 650;
}

.none {
  padding: 1rem;
}
</style>
