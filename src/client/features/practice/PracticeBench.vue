<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Review } from '#core/practice/attempt'
import type { MachineState } from '#core/practice/machine'
import type { Trial } from '#core/practice/trial'
import { nextStep } from '#core/practice/onward'
import { dutyText, hazardText, reviewLines, trialSpeech } from '#shared/messages/practice'
import { stepsWords, type StepWords } from '#shared/messages/procedure'
import { capital } from '#shared/messages/words'
import { useLocalStorage } from '@vueuse/core'
import ControlPanel from './ControlPanel.vue'
import PracticeMap from './PracticeMap.vue'
import SewnSample from './SewnSample.vue'
import { useMachine } from './useMachine'

/** A machine to set up: its panel, what it says, what it sews, a few lines at the end. */
const props = defineProps<{ trial: Trial; start?: MachineState | undefined }>()
const emit = defineEmits<{ done: [review: Review]; stands: [state: MachineState] }>()
const machine = useMachine(props.trial, props.start)
const { state, message, hazards, sewn, review, events } = machine
const places = ref(false)
/** The way in that somebody took last is theirs on this device; at first the drawing, where there is room for it. */
const ROOMY = 1000
const drawn = useLocalStorage('handhold.practice.drawn', window.innerWidth >= ROOMY)
const finished = ref<string[]>()
watch(state, (now) => emit('stands', now))
watch(events, () => (finished.value = undefined), { deep: true })

const finish = () => {
  const came = review.value
  finished.value = reviewLines(came, props.trial)
  emit('done', came)
}
const begin = () => {
  machine.again()
  finished.value = undefined
}
const moves = computed(() => review.value.moves)

/** The card's next line from how the machine stands; asked for, and gone with the next move. */
const next = ref<StepWords | 'nothing'>()
watch(events, () => (next.value = undefined), { deep: true })
const showNext = () => {
  const step = nextStep(props.trial, state.value)
  next.value = step ? stepsWords([step], trialSpeech(props.trial))[0] : 'nothing'
}
</script>

<template>
  <div class="bench">
    <section aria-label="The machine">
      <p class="ways" role="group" aria-label="Shown as">
        <BButton size="sm" :variant="drawn ? 'primary' : 'outline-primary'" :pressed="drawn" @click="drawn = true">
          Drawn
        </BButton>
        <BButton size="sm" :variant="drawn ? 'outline-primary' : 'primary'" :pressed="!drawn" @click="drawn = false">
          As a list
        </BButton>
      </p>
      <PracticeMap
        v-if="drawn"
        :trial="trial"
        :state="state"
        :in-the-way="message?.by ?? []"
        :sewn="sewn"
        @move="machine.move"
        @set="machine.set"
      />
      <template v-else>
        <ControlPanel :trial="trial" :state="state" :places="places" @move="machine.move" @set="machine.set" />
        <label class="soft"><input v-model="places" type="checkbox" /> Say where each sits</label>
      </template>
    </section>
    <aside>
      <div class="acts">
        <BButton variant="primary" @click="machine.sew()">Sew a test</BButton>
        <BButton variant="outline-primary" :disabled="moves === 0" @click="finish">Done</BButton>
        <BButton variant="link" @click="showNext">What comes next</BButton>
        <BButton variant="link" @click="begin">From the start</BButton>
      </div>
      <p v-if="next === 'nothing'" class="moved" role="status">It stands as the card has it: sew a test.</p>
      <p v-else-if="next" class="moved" role="status" :data-step="next.id">
        <span v-for="caution in next.cautions" :key="caution" class="caution minded">{{ caution }}</span>
        <strong>Next: </strong>{{ next.text }}
      </p>
      <p v-if="message" :class="message.refused ? 'refused' : 'moved'" role="status">
        <strong v-if="message.refused">It does not move. </strong>{{ capital(message.text) }}
      </p>
      <p v-if="events.length === 0" class="soft">
        Move any control; the machine answers here.
        <template v-if="trial.planned">The shortest safe way is {{ trial.planned }} moves.</template>
      </p>
      <p v-for="hazard in hazards" :key="hazard" class="caution">
        {{ hazardText(hazard) }}
        <BButton size="sm" variant="outline-primary" @click="machine.mind(hazard)">I mind that</BButton>
      </p>
      <section v-if="state.due.length > 0" aria-label="Still to be done">
        <p v-for="duty in state.due" :key="duty" class="due">
          {{ dutyText(duty) }}.
          <BButton size="sm" variant="outline-primary" @click="machine.did(duty)">Done that</BButton>
        </p>
      </section>
      <SewnSample v-if="sewn" :trial="trial" :sewn="sewn" />
      <section v-if="finished" class="review" aria-live="polite">
        <h2>How it went</h2>
        <p v-for="line in finished" :key="line">{{ line }}</p>
        <slot name="after" />
      </section>
    </aside>
  </div>
</template>

<style scoped lang="scss">
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 23rem;
  gap: 0 2rem;
}

aside {
  position: sticky;
  top: 0.5rem;
  align-self: start;
}

.ways {
  display: flex;
  gap: 0.3rem;
  margin-bottom: 0.5rem;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin-bottom: 0.6rem;

  :deep(.btn) {
    white-space: nowrap;
  }
}

.refused {
  color: var(--madder);
  border-left: 4px solid var(--madder);
  padding-left: 0.8rem;
}

.minded {
  display: block;
}

.moved,
.due {
  border-left: 4px solid var(--rule);
  padding-left: 0.8rem;
}

.due {
  border-color: var(--ochre);
}

.review {
  border-top: 2px solid var(--ink);
  margin-top: 0.8rem;
  padding-top: 0.5rem;
}

.review p {
  margin-bottom: 0.3rem;
}

@media (max-width: 1000px) {
  .bench {
    grid-template-columns: 1fr;
  }

  aside {
    position: static;
    order: -1;
  }
}
</style>
