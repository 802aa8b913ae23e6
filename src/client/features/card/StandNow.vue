<script setup lang="ts">
import { computed } from 'vue'
import type { CardStage } from '#core/card/card'
import { positionWord } from '#shared/messages/positions'
import { capital, controlWord } from '#shared/messages/words'
import { usePickLists, usePicks } from '../../state/picks'
import StageMap from '../../ui/map/StageMap.vue'

/** How the machine stands before the card begins, control by control, and where each of them sits. */
const props = defineProps<{
  stage: Pick<CardStage, 'map' | 'answer' | 'changeover' | 'procedure'>
  technique: string
}>()
const { picked, setStand } = usePicks()
const lists = usePickLists()

const said = computed(
  () =>
    new Map(
      (picked.value.now ?? '')
        .split(',')
        .filter(Boolean)
        .map((part) => [part.slice(0, part.lastIndexOf(':')), part.slice(part.lastIndexOf(':') + 1)] as const),
    ),
)
const say = (control: string, position: string) => {
  const next = new Map(said.value)
  if (position === '') next.delete(control)
  else next.set(control, position)
  void setStand({ now: [...next].map(([id, at]) => `${id}:${at}`).join(',') || undefined })
}
const askable = computed(() => props.stage.changeover.controls.filter(({ positions }) => positions.length > 1))
const placed = computed(() => props.stage.changeover.controls.filter(({ where }) => where !== undefined))
const others = computed(() => (lists.lists?.techniques ?? []).filter(({ id }) => id !== props.technique))
const hasStated = computed(() => said.value.size > 0 || picked.value.after !== undefined)
</script>

<template>
  <details class="stand" :open="hasStated">
    <summary>How does it stand now?</summary>
    <p class="soft">
      The steps start from normal sewing. Say what is otherwise, and they are planned again from there.
      <BButton v-if="hasStated" size="sm" variant="link" @click="setStand({ now: undefined, after: undefined })">
        As for normal sewing
      </BButton>
    </p>
    <label class="after">
      Sewn on it just before
      <select
        class="form-select"
        :value="picked.after ?? ''"
        @change="setStand({ after: ($event.target as HTMLSelectElement).value || undefined })"
      >
        <option value="">nothing that changed it</option>
        <option v-for="other in others" :key="other.id" :value="other.id">{{ other.name }}</option>
      </select>
    </label>
    <div class="controls">
      <label v-for="{ control, positions, normal } in askable" :key="control">
        {{ capital(controlWord(control)) }}
        <select
          class="form-select"
          :value="said.get(control) ?? ''"
          @change="say(control, ($event.target as HTMLSelectElement).value)"
        >
          <option value="">{{ normal === undefined ? 'not said' : `as usual: ${normal}` }}</option>
          <option v-for="position in positions" :key="position" :value="position">{{ positionWord(position) }}</option>
          <option v-if="normal !== undefined" value="?">nobody knows</option>
        </select>
      </label>
    </div>
  </details>
  <details v-if="placed.length > 0" class="stand">
    <summary>Where is it?</summary>
    <StageMap :stage="stage" everything />
    <dl>
      <template v-for="{ control, where } in placed" :key="control">
        <dt>{{ capital(controlWord(control)) }}</dt>
        <dd>{{ where }}</dd>
      </template>
    </dl>
  </details>
</template>

<style scoped lang="scss">
.controls {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(12.5rem, 1fr));
  gap: 0.4rem 1rem;
}

label {
  font-size: var(--note);
}

.after {
  display: block;
  max-width: 22rem;
  margin-bottom: 0.4rem;
}

dl {
  display: grid;
  grid-template-columns: 10rem 1fr;
  gap: 0.2rem 0.8rem;
}

dt {
  font-weight: 400;
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

summary {
  cursor: pointer;
  color: var(--teal);
  font-weight: 600;
  padding: 0.3rem 0;
}

@media print {
  .stand {
    display: none;
  }
}
</style>
