<script setup lang="ts">
import { computed } from 'vue'
import type { Parameter, Scale } from '#core/catalogue/types'
import type { SampleTry } from '#core/samples/evidence'
import { showValue } from '#core/answer/show'
import { changeText, measureWord, sampleMark, sampleWord } from '#shared/messages/samples'
import { dateWords, parameterWord } from '#shared/messages/words'
import { formatNumber } from '#core/units/format'
import { useSession } from '../../state/session'
import StitchPicture from '../../ui/stitch/StitchPicture.vue'

/** One try of the ladder. */
const props = defineProps<{
  one: SampleTry
  scales: Partial<Record<Parameter, Scale | 'absent'>>
  names: Record<string, string>
  /** Where it is the shop's own setting. */
  house: { pinned: boolean } | undefined
  photo: boolean
  fault: string | undefined
}>()
const emit = defineEmits<{ pin: []; label: []; print: [] }>()
const session = useSession()
const shown = computed(() =>
  Object.entries(props.one.sample.used).map(([parameter, value]) => ({
    parameter,
    word: parameterWord(parameter as Parameter),
    value: showValue(value as number, parameter as Parameter, props.scales[parameter as Parameter]),
  })),
)
const plain = { parts: [], lines: [] }
const photoOf = (id: string, size: 'small' | 'large') => `/api/samples/${id}/photo?size=${size}`
</script>

<template>
  <div class="rung">
    <p class="verdict" :class="one.sample.verdict">
      <span aria-hidden="true">{{ sampleMark(one.sample.verdict) }}</span> {{ sampleWord(one.sample.verdict)
      }}<template v-if="house"> · the shop’s own{{ house.pinned ? ', pinned' : '' }}</template>
    </p>
    <p class="soft">
      {{ dateWords(one.sample.on) }}, {{ one.sample.by }}<template v-if="one.stale"> · older edition</template>
    </p>
    <p v-for="change in one.changes" :key="JSON.stringify(change)" class="change">
      {{ changeText(change, scales, names) }}
    </p>
    <p v-if="one.changes.length > 1" class="soft">Several things changed at once.</p>
    <dl>
      <template v-for="value in shown" :key="value.parameter">
        <dt>{{ value.word }}</dt>
        <dd>{{ value.value }}</dd>
      </template>
      <template v-for="(mm, key) in one.sample.measured" :key="key">
        <dt class="soft">{{ measureWord(key) }}</dt>
        <dd class="soft">{{ formatNumber(mm) }} mm</dd>
      </template>
    </dl>
    <StitchPicture
      v-if="one.spec"
      :sketch="{ set: one.spec, fabric: plain }"
      :name="`Try of ${dateWords(one.sample.on)}`"
      :most="16"
      brief
    />
    <a v-if="photo" :href="photoOf(one.sample.id, 'large')" target="_blank"
      ><img :src="photoOf(one.sample.id, 'small')" alt="Photo of this sample"
    /></a>
    <p v-if="one.sample.fault" class="caution">{{ fault }}</p>
    <p v-if="one.sample.note">{{ one.sample.note }}</p>
    <p class="acts small">
      <BButton v-if="session.mayWrite && one.sample.verdict === 'good'" size="sm" variant="link" @click="emit('pin')">{{
        one.sample.pinned ? 'Unpin' : 'Pin as the shop’s own'
      }}</BButton>
      <BButton size="sm" variant="link" @click="emit('label')">Label</BButton>
      <BButton v-if="session.user?.role !== 'viewer'" size="sm" variant="link" @click="emit('print')"
        >Print label</BButton
      >
    </p>
  </div>
</template>

<style scoped lang="scss">
.rung p {
  margin-bottom: 0.2rem;
}

.small .btn {
  padding: 0;
}

.verdict {
  font-size: var(--lead);
  font-weight: 650;

  &.redo {
    color: var(--madder);
  }

  &.good {
    color: var(--teal);
  }
}

.change {
  font-weight: 650;
}

dl {
  display: grid;
  grid-template-columns: 1fr auto;
  margin: 0.3rem 0;
}

dt {
  font-weight: 400;
}

dd {
  margin: 0;
  font-size: var(--lead);
  font-weight: 650;
  text-align: right;
}

dd.soft {
  font-size: var(--text);
  font-weight: 400;
}

img {
  max-width: 100%;
  max-height: 12rem;
  display: block;
  margin: 0.3rem 0;
}
</style>
