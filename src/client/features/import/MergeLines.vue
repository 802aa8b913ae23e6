<!-- Rows of a catalogue from elsewhere, each with what is taken of it. -->
<script setup lang="ts">
import { computed, ref } from 'vue'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { resources } from '#shared/api/resources'
import type { MergeLine } from '#shared/api/merging'
import type { useMerge } from './useMerge'

const props = defineProps<{ lines: readonly MergeLine[]; merge: ReturnType<typeof useMerge> }>()
const scroll = ref<HTMLElement>()
const virtualizer = useVirtualizer(
  computed(() => ({
    count: props.lines.length,
    getScrollElement: () => scroll.value ?? null,
    estimateSize: () => 44,
    getItemKey: (index: number) => props.lines[index]?.key ?? index,
    overscan: 8,
  })),
)
const SIDES = ['yours', 'theirs'] as const
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const takeable = computed(() => props.lines.filter(({ mayBeOther }) => !mayBeOther))
const areAll = computed(() => takeable.value.length > 0 && takeable.value.every((line) => props.merge.isTaken(line)))
const takeAll = (on: boolean) => {
  for (const line of takeable.value) props.merge.setTaken(line, on)
}
const doing = computed(() => (props.lines[0]?.is === 'gone' ? 'Remove all of these here too' : 'Take all of these'))
</script>

<template>
  <label v-if="takeable.length > 0" class="all">
    <input type="checkbox" :checked="areAll" @change="takeAll(checked($event))" />
    {{ doing }}
  </label>
  <div ref="scroll" class="scroll" tabindex="0" role="region" aria-label="What it would bring">
    <div class="body" :style="{ height: `${virtualizer.getTotalSize()}px` }">
      <div
        v-for="item in virtualizer.getVirtualItems()"
        :key="String(item.key)"
        :ref="(element) => virtualizer.measureElement(element as Element | null)"
        :data-index="item.index"
        class="item"
        :style="{ transform: `translateY(${item.start}px)` }"
      >
        <template v-for="line in [lines[item.index]!]" :key="line.key">
          <template v-if="line.mayBeOther">
            <p class="ask">
              <strong>{{ line.title }}</strong>
              <span class="soft">{{ resources[line.resource].one }}</span>
              Theirs has the same id and other facts:
              <BButton size="sm" variant="outline-primary" @click="merge.isSame(line)">The same thing</BButton>
              <BButton size="sm" variant="outline-primary" @click="merge.isOther(line)">Another thing</BButton>
            </p>
          </template>
          <label v-else>
            <input type="checkbox" :checked="merge.isTaken(line)" @change="merge.setTaken(line, checked($event))" />
            <strong>{{ line.title }}</strong>
            <span class="soft">
              {{ resources[line.resource].one }}{{ line.stitches > 0 ? ` with ${line.stitches} stitches` : '' }}</span
            >
            <span v-if="line.is === 'gone'" class="soft">no longer in theirs; tick to remove it here too</span>
            <span v-if="line.isBench" class="soft">tried at the bench here, so yours stays</span>
          </label>
          <table v-if="line.parts.length > 0">
            <thead>
              <tr>
                <th scope="col"><span class="visually-hidden">Field</span></th>
                <th scope="col">Yours</th>
                <th scope="col">Theirs</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="part in line.parts" :key="part.key">
                <th scope="row">{{ part.place }}</th>
                <td v-for="side in SIDES" :key="side">
                  <label :class="{ holds: merge.sideOf(part) === side }">
                    <input
                      v-if="!line.mayBeOther"
                      type="radio"
                      :name="part.key"
                      :checked="merge.sideOf(part) === side"
                      @change="merge.turn(part, side)"
                    />
                    {{ side === 'yours' ? part.here : part.there }}
                    <span v-if="part.by === side" class="soft">changed</span>
                  </label>
                </td>
              </tr>
            </tbody>
          </table>
        </template>
      </div>
    </div>
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

label,
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.5rem;
  align-items: baseline;
  margin: 0;
}

.all {
  padding: 0.3rem 1rem;
}

table {
  margin: 0.1rem 0 0.3rem 1.6rem;
}

th,
td {
  padding: 0.1rem 1rem 0.1rem 0;
  text-align: left;
  vertical-align: top;
  font-weight: 400;
}

thead th {
  color: var(--ink-soft);
}

.holds {
  font-weight: 650;
}
</style>
