<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Card } from '#core/card/card'
import { canHappenOn } from '#core/catalogue/kinds'
import { ladderFor, type LadderRungId } from '#core/desk/ladder'
import type { Shown } from '#core/desk/shown'
import { UNNAMED_STOP } from '#core/desk/cases'
import { jamScript, rungText, stopText, stopWord } from '#shared/messages/desk'
import { speech } from '#shared/messages/en'
import { needsFirstAid, STOP_IDS, stopsIn } from '#shared/messages/stops'
import { TROUBLES } from '#shared/messages/troubles'
import { useAction } from '../../state/useAction'
import { useQuery } from '../../state/useQuery'
import FaultChoice from '../card/FaultChoice.vue'
import DiagnosisPanel from '../desk/DiagnosisPanel.vue'
import type { Phone } from './usePhone'

/** It does not work: first whether to stop, then what is seen, what settles most, what the machine shows, the shop. */
const props = defineProps<{ card: Card; phone: Phone }>()
const emit = defineEmits<{ sent: [] }>()

const say = computed(() => speech(props.card.names))
const danger = ref<string>()
const words = ref('')
/** Chosen, or said in own words. */
const stop = computed(() => {
  const isNone = danger.value === 'none'
  const heard = stopsIn(words.value)[0]?.id
  // Who has said that it is none of the dangers that have a name is believed where none with a name is heard.
  const told = isNone && heard === UNNAMED_STOP ? undefined : heard
  const id = isNone ? told : (danger.value ?? told)
  return id === undefined ? undefined : { id, firstAid: needsFirstAid(id) }
})

const at = ref(props.card.stages[0]?.stage ?? '')
const stage = computed(() => props.card.stages.find(({ stage: id }) => id === at.value))
const trouble = ref<string>()
watch(at, () => (trouble.value = undefined))
const own = (id: string) => `${props.card.technique.id}.${id}`
const ofStage = computed(() => {
  const prefix = own('')
  return trouble.value?.startsWith(prefix) ? trouble.value.slice(prefix.length) : undefined
})
const jam = computed(() => TROUBLES.find(({ id }) => id === trouble.value)?.script === 'jam')

const FIRST: readonly LadderRungId[] = ['rethread', 'needle', 'bobbin', 'loopers', 'foot']
const from = computed(() => props.phone.from(at.value))
/** The very question of the comparison beneath: it is asked once. */
const { answer: trial } = useQuery(
  'trial',
  () => from.value.key,
  () => from.value.trial(),
  { stays: 0 },
)
const rungs = computed(() =>
  trial.value ? ladderFor(trial.value.model, stage.value).filter(({ id }) => FIRST.includes(id)) : [],
)
const troubles = computed(() => TROUBLES.filter((one) => canHappenOn(one, trial.value?.model.kind)))
const gone = ref<string[]>([])
const shown = ref<Shown>()

/** Own words, else what was chosen. */
const telling = computed(() => {
  const chosen = stop.value
    ? stopWord(stop.value.id)
    : (stage.value?.procedure.faults.find(({ id }) => id === ofStage.value)?.name ??
      TROUBLES.find(({ id }) => id === trouble.value)?.name ??
      '')
  return words.value.trim() === '' ? chosen : words.value
})

const { busy, problem, act } = useAction()
const send = () =>
  act(async () => {
    await props.phone.ask({
      words: telling.value,
      rungs: gone.value,
      ...(trouble.value === undefined ? {} : { trouble: trouble.value }),
      ...(shown.value === undefined ? {} : { shown: shown.value }),
      ...(stop.value === undefined ? {} : { stop: stop.value.id }),
    })
    emit('sent')
  })
</script>

<template>
  <section aria-label="It does not work">
    <h2>First: is any of this so?</h2>
    <div class="stops">
      <button
        v-for="id in STOP_IDS"
        :key="id"
        type="button"
        class="btn btn-outline-danger"
        :aria-pressed="danger === id"
        @click="danger = id"
      >
        {{ stopWord(id) }}
      </button>
      <button type="button" class="btn btn-primary" :aria-pressed="danger === 'none'" @click="danger = 'none'">
        None of it
      </button>
    </div>
    <div v-if="stop" class="stop" role="alert">
      <h2>Stop: {{ stopWord(stop.id) }}</h2>
      <p v-for="line in stopText(stop)" :key="line">{{ line }}</p>
    </div>
    <template v-if="danger === 'none' && !stop">
      <h2>What do you see?</h2>
      <p v-if="card.stages.length > 1">
        <label for="phone-stage">Where in it</label>
        <select id="phone-stage" v-model="at" class="form-select">
          <option v-for="one in card.stages" :key="one.stage" :value="one.stage">{{ one.name }}</option>
        </select>
      </p>
      <FaultChoice
        v-if="stage"
        :faults="stage.procedure.faults"
        :sketch="stage.sketch"
        :chosen="ofStage"
        @choose="(fault) => (trouble = own(fault))"
      />
      <p>
        <label for="phone-trouble">Or something else</label>
        <select
          id="phone-trouble"
          class="form-select"
          :value="ofStage === undefined ? (trouble ?? '') : ''"
          @change="trouble = ($event.target as HTMLSelectElement).value || undefined"
        >
          <option value="">nothing of this list</option>
          <option v-for="one in troubles" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </p>
      <template v-if="jam">
        <h2>A thread jam: in this order</h2>
        <ol>
          <li v-for="line in jamScript(trial?.model.kind)" :key="line">{{ line }}</li>
        </ol>
      </template>
      <template v-if="rungs.length > 0">
        <h2>This settles most of it</h2>
        <ul class="rungs">
          <li v-for="rung in rungs" :key="rung.id">
            <label>
              <input v-model="gone" type="checkbox" class="form-check-input" :value="rung.id" />
              {{ rungText(rung, say.item) }}
            </label>
          </li>
        </ul>
      </template>
      <DiagnosisPanel :from="from" :trouble="trouble ?? ''" :shown="shown" @shown="(told) => (shown = told)" />
    </template>
    <template v-if="danger !== undefined">
      <h2>Ask the shop</h2>
      <label for="phone-words">In your own words; what you told above goes with it</label>
      <textarea
        id="phone-words"
        v-model="words"
        class="form-control"
        rows="4"
        maxlength="1000"
        placeholder="What happens? Say who you are where you want to be rung back."
      ></textarea>
      <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
      <BButton class="send" variant="primary" :disabled="busy || telling === ''" @click="send">
        Send it to the shop
      </BButton>
      <p class="soft">The answer will stand here, at this same link.</p>
    </template>
  </section>
</template>

<style scoped lang="scss">
.stops {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-bottom: 1rem;
}

.stop {
  border: 3px solid var(--madder);
  padding: 0.6rem 1rem;
  margin: 1rem 0;
  font-size: var(--lead);

  h2 {
    color: var(--madder);
    margin-top: 0;
  }
}

.rungs {
  list-style: none;
  padding: 0;

  label {
    display: grid;
    grid-template-columns: 2rem 1fr;
    padding: 0.3rem 0;
  }
}

.send {
  width: 100%;
  margin: 0.6rem 0;
  padding: 0.6rem;
}
</style>
