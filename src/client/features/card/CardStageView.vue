<script setup lang="ts">
import { computed, ref } from 'vue'
import { fabricBeside } from '#core/card/sketch'
import type { Card, CardStage } from '#core/card/card'
import { evidenceWord, speech } from '#shared/messages/en'
import { spreadText } from '#shared/messages/samples'
import { procedureWords } from '#shared/messages/procedure'
import { durationWords, list, parameterWord, positionsWords } from '#shared/messages/words'
import { measuredIn, usePicks } from '../../state/picks'
import FootPicture from '../../ui/FootPicture.vue'
import StageMap from '../../ui/map/StageMap.vue'
import StitchPicture from '../../ui/stitch/StitchPicture.vue'
import CardBand from './CardBand.vue'
import FaultLines from './FaultLines.vue'
import ProcedureLines from './ProcedureLines.vue'
import SideLines from './SideLines.vue'
import StandNow from './StandNow.vue'
import ValueBlock from './ValueBlock.vue'

const props = defineProps<{ card: Card; stage: CardStage }>()

const { picked, showAllAlternatives, setMeasured } = usePicks()
const measured = computed(() => measuredIn(picked.value.measured))
const say = computed(() => speech(props.card.names))
const told = computed(() => procedureWords(props.stage.procedure, say.value))
/** What is said of how the machine stands is said of it before the first stage. */
const first = computed(
  () => props.stage.stage === props.card.stages[0]?.stage && props.stage.answer.model === props.card.model.id,
)
const setup = computed(() => props.stage.answer.setup)
const changesTitle = computed(() =>
  props.stage.resets ? `Choose ${props.stage.answer.select} first, then change` : 'Change',
)
const unchanged = computed(() => props.stage.unchanged.filter(({ act }) => act === 'leave'))
const silent = computed(() => props.stage.unchanged.filter(({ act }) => act === 'silent'))
const missing = computed(() => props.stage.unchanged.filter(({ act }) => act === 'absent'))
const leave = computed(() => list(unchanged.value.map(({ parameter }) => parameterWord(parameter).toLowerCase())))
const scales = computed(() =>
  Object.fromEntries(
    [...props.stage.changes, ...props.stage.unchanged].map(({ parameter, scale }) => [parameter, scale]),
  ),
)
/** The step that is looked at: its place stands out in the map. */
const at = ref<string>()
const lookAt = (event: Event) => {
  const step = (event.target as HTMLElement).closest<HTMLElement>('[data-step]')?.dataset['step']
  if (step !== undefined) at.value = step
}
const costs = computed(() => props.stage.answer.reasons.filter(({ code }) => code === 'tradeOff'))
const grounds = computed(() => props.stage.answer.reasons.filter(({ code }) => code !== 'tradeOff'))
</script>

<template>
  <article class="stage">
    <CardBand :card="card" :stage="stage" />
    <p v-for="cost in costs" :key="say.reason(cost)" class="cost"><strong>Drawback:</strong> {{ say.reason(cost) }}</p>
    <p v-for="warning in stage.answer.cautions" :key="say.reason(warning)" class="caution">{{ say.reason(warning) }}</p>

    <p v-if="stage.house?.disputed.length" class="caution">
      Disputed: good samples disagree.
      {{ stage.house.disputed.map((one) => `${spreadText(one, scales)}.`).join(' ') }}
      <RouterLink :to="`/log/${stage.house.sample}`">See the tries</RouterLink>
    </p>

    <div class="columns told">
      <section class="values" aria-label="What to set">
        <h2>{{ stage.changes.length > 0 ? changesTitle : 'Nothing to set on the machine' }}</h2>
        <p v-if="stage.resets" class="soft">Choosing a stitch takes these back to the machine’s own.</p>
        <ValueBlock v-for="value in stage.changes" :key="value.parameter" :value="value" :setup="setup" :say="say" />
        <div class="drawn">
          <StitchPicture v-if="stage.sketch" :sketch="stage.sketch" :name="stage.functionName" />
          <FootPicture
            v-if="stage.foot?.shape"
            :shape="stage.foot.shape"
            :code="say.item(stage.foot.id)"
            :fabric="fabricBeside(stage.sketch)"
          />
        </div>
        <details v-if="unchanged.length > 0" class="rest" :open="stage.changes.length === 0">
          <summary>Leave {{ leave }} as {{ unchanged.length === 1 ? 'it stands' : 'they stand' }}</summary>
          <dl>
            <template v-for="value in unchanged" :key="value.parameter">
              <dt>{{ parameterWord(value.parameter) }}</dt>
              <dd>
                <strong>{{ value.setting.shown }}</strong>
                <span class="soft">{{ value.setting.reasons.map((reason) => say.reason(reason)).join(' ') }}</span>
              </dd>
            </template>
          </dl>
        </details>
        <p v-for="value in silent" :key="value.parameter">
          <strong>{{ parameterWord(value.parameter) }}:</strong>
          {{ value.setting.reasons.map((reason) => say.reason(reason)).join(' ') }}
        </p>
        <p v-if="missing.length > 0" class="soft">
          No control on this model for
          {{ list(missing.map(({ parameter }) => parameterWord(parameter).toLowerCase())) }}: nothing to set.
        </p>
        <p v-if="Object.keys(setup).length > 0"><strong>Stands so:</strong> {{ positionsWords(setup) }}.</p>
      </section>

      <section class="doing" @mouseover="lookAt" @focusin="lookAt">
        <h2>
          Do, in this order
          <small v-if="stage.changeover.seconds" class="soft"
            >{{ durationWords(stage.changeover.seconds) }} to set up</small
          >
        </h2>
        <StageMap :stage="stage" :at="at" class="where" />
        <ProcedureLines :steps="told.steps" :measured="measured" :at="at" @measure="setMeasured" />
      </section>

      <section class="after" aria-label="When it goes otherwise">
        <FaultLines class="look" :faults="stage.procedure.faults" :sketch="stage.sketch" />
        <div class="look">
          <SideLines :told="told" :back-seconds="stage.changeover.backSeconds" />
          <StandNow v-if="first" :stage="stage" :technique="card.technique.id" />
        </div>
      </section>
    </div>

    <div class="columns foot">
      <details v-if="stage.alternativeCount > 0" class="alternatives" :open="picked.alternatives === 'all'">
        <summary>
          {{ stage.alternativeCount === 1 ? '1 other way' : `${stage.alternativeCount} other ways` }}
          on this machine
        </summary>
        <ul>
          <li v-for="other in stage.answer.alternatives" :key="other.model + other.stitch + (other.foot ?? '')">
            <strong>
              {{ say.stitch(other.model, other.stitch) }}{{ other.foot ? ` with ${say.item(other.foot)}` : '' }}
            </strong>
            <span v-for="reason in other.better" :key="say.reason(reason)" class="better"
              ><b>Better:</b> {{ say.reason(reason) }}</span
            >
            <span v-for="reason in other.worse" :key="say.reason(reason)" class="worse"
              ><b>Worse:</b> {{ say.reason(reason) }}</span
            >
            <span v-if="other.better.length + other.worse.length === 0" class="worse">Much the same.</span>
          </li>
        </ul>
        <BButton
          v-if="stage.alternativeCount > stage.answer.alternatives.length"
          size="sm"
          variant="outline-primary"
          @click="showAllAlternatives"
        >
          Show all {{ stage.alternativeCount }}
        </BButton>
      </details>
      <details class="evidence">
        <summary>
          How sure: {{ evidenceWord(stage.answer.fitEvidence) }}{{ stage.bookPage ? `, book ${stage.bookPage}` : '' }}
        </summary>
        <ul>
          <li v-for="reason in grounds" :key="say.reason(reason)">{{ say.reason(reason) }}</li>
          <li v-if="stage.house">
            <RouterLink :to="`/log/${stage.house.sample}`">The tries behind the shop’s own setting</RouterLink>
          </li>
          <li v-if="stage.answer.needle.system">Needle system: {{ stage.answer.needle.system }}.</li>
          <li v-if="stage.answer.maxSpeed">At most {{ stage.answer.maxSpeed }} stitches a minute.</li>
        </ul>
        <p class="soft">The machine’s own book stands above this card.</p>
      </details>
    </div>
  </article>
</template>

<style scoped lang="scss">
.where {
  position: sticky;
  top: 4rem;
  z-index: 2;
  margin-bottom: 0.6rem;
  background: var(--paper);
  border-bottom: 1px solid var(--rule);

  @media print {
    display: none;
  }
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 2rem;
  margin-top: 0.8rem;
}

// In one column what is done comes before what may go wrong; in two it stands beside both.
.told {
  grid-template-rows: auto 1fr;

  .doing {
    grid-column: -2 / -1;
    grid-row: 1 / span 2;
  }
}

.cost {
  background: var(--ochre-wash);
  border-left: 4px solid var(--ochre);
  padding: 0.3rem 0.6rem;
  margin: 0.6rem 0 0;
}

.drawn {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 11rem;
  gap: 0 1rem;
  align-items: start;
}

.stage > .caution {
  margin: 0.4rem 0 0;
}

h2 small {
  font-size: var(--text);
  font-weight: 400;
  margin-left: 0.5rem;
}

.look {
  border-top: 1px solid var(--rule);
  padding-top: 0.6rem;
  margin-top: 0.6rem;
}

summary {
  cursor: pointer;
  color: var(--teal);
  font-weight: 600;
  padding: 0.3rem 0;
}

dl {
  display: grid;
  grid-template-columns: 9rem 1fr;
  gap: 0.2rem 0.8rem;
}

dt {
  font-weight: 400;
}

dd {
  margin: 0;

  strong {
    margin-right: 0.6rem;
  }
}

.foot {
  border-top: 1px solid var(--rule);
  padding-top: 0.3rem;
}

.better,
.worse {
  display: block;
  font-size: var(--note);
}

.better {
  color: var(--teal);
}

.worse {
  color: var(--ink-soft);
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: 1fr;
  }

  .told {
    grid-template-rows: none;

    .doing {
      grid-row: auto;
    }
  }
}

@media print {
  .columns {
    gap: 0 0.8rem;
    grid-template-columns: 43% 1fr;
  }

  .told {
    grid-template-rows: none;

    .doing {
      grid-row: auto;
    }
  }

  .after {
    grid-column: 1 / -1;
  }

  // Half a sheet is small: how a drawing is read is told on the screen.
  .drawn :deep(figcaption) {
    display: none;
  }

  .alternatives,
  .evidence summary,
  .rest {
    display: none;
  }
}
</style>
