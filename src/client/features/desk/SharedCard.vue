<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import type { Card } from '#core/card/card'
import { speech } from '#shared/messages/en'
import { procedureWords } from '#shared/messages/procedure'
import { parameterWord, threadPlaceWord, unitOf } from '#shared/messages/words'
import { get, problemText } from '../../api/client'
import { methodIn } from '../../state/picks'
import AloudView from '../card/AloudView.vue'
import FaultLines from '../card/FaultLines.vue'
import ProcedureLines from '../card/ProcedureLines.vue'
import SideLines from '../card/SideLines.vue'
import StageMap from '../../ui/map/StageMap.vue'

/** A card by a link, on a telephone: the figures large, then the steps; no account, nothing of anybody. */
const props = defineProps<{ token: string }>()
const card = shallowRef<Card>()
const problem = ref('')
const aloud = ref<number>()
const route = useRoute()
const one = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : undefined)
/** A code on a handout says which card; a link to one card says nothing. */
get<Card>(`/api/shared/cards/${props.token}`, {
  model: one('m'),
  technique: one('t'),
  fabric: one('f'),
  method: methodIn(route.query),
  owned: one('owned'),
})
  .then((found) => (card.value = found))
  .catch((error: unknown) => (problem.value = problemText(error)))
const say = computed(() => card.value && speech(card.value.names))
const told = computed(() => {
  const words = say.value
  return words ? (card.value?.stages ?? []).map(({ procedure }) => procedureWords(procedure, words)) : []
})
</script>

<template>
  <main class="phone">
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <template v-if="card && say">
      <h1>{{ card.technique.name }}</h1>
      <p class="soft">{{ card.model.make }} {{ card.model.name }} · {{ card.fabric.name }}</p>
      <p v-if="card.toGet.length > 0" class="caution">Not without {{ say.items(card.toGet) }}.</p>
      <ul v-if="card.stages.length === 0">
        <li v-for="reason in card.reasons" :key="say.reason(reason)">{{ say.reason(reason) }}</li>
      </ul>
      <section v-for="(stage, i) in card.stages" :key="stage.stage">
        <h2>{{ stage.name }}</h2>
        <dl class="figures">
          <div>
            <dt>Stitch</dt>
            <dd>{{ stage.answer.select }}</dd>
          </div>
          <div>
            <dt>Foot</dt>
            <dd>{{ stage.foot ? (card.names.items[stage.foot.id]?.code ?? stage.foot.id) : 'as it is' }}</dd>
          </div>
          <div>
            <dt>Needle</dt>
            <dd>{{ stage.answer.needle.size }}</dd>
          </div>
          <div v-for="change in stage.changes" :key="change.parameter">
            <dt>{{ parameterWord(change.parameter) }}</dt>
            <dd>
              {{ change.setting.shown }}
              {{ unitOf(change.parameter, typeof change.scale === 'object' ? change.scale.shows : undefined) }}
            </dd>
          </div>
        </dl>
        <p v-if="stage.changes.length === 0">Leave every value as it stands.</p>
        <p v-if="stage.resets"><strong>Choose the stitch first: it resets these.</strong></p>
        <p class="soft">
          {{ stage.answer.needle.point }} needle;
          {{
            stage.answer.threads
              .map(({ place, thread }) => `${threadPlaceWord(place)} ${card?.names.threads[thread] ?? thread}`)
              .join(', ')
          }}{{ stage.plate ? `; ${say.item(stage.plate.id)} ${stage.plate.change ? 'goes on' : 'stays on'}` : '' }}
        </p>
        <p v-for="reason in stage.answer.cautions" :key="reason.code" class="caution">{{ say.reason(reason) }}</p>
        <p>
          <BButton variant="outline-primary" @click="aloud = i">One line at a time</BButton>
        </p>
        <template v-if="told[i]">
          <StageMap :stage="stage" brief />
          <ProcedureLines :steps="told[i].steps" />
          <FaultLines :faults="stage.procedure.faults" />
          <SideLines :told="told[i]" />
        </template>
        <AloudView v-if="aloud === i" :card="card" :stage="stage" @close="aloud = undefined" />
      </section>
      <p class="soft">The machine’s own manual stands above this card.</p>
    </template>
  </main>
</template>

<style scoped lang="scss">
.phone {
  max-width: 34rem;
  margin: 0 auto;
  padding: 1rem;
}

.figures {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 0.5rem 1rem;
  border-block: 2px solid var(--ink);
  padding: 0.6rem 0;

  dt {
    font-weight: 400;
    color: var(--ink-soft);
  }

  dd {
    margin: 0;
    font-size: 1.75rem;
    font-weight: 700;
    line-height: 1.15;
    overflow-wrap: anywhere;
  }
}
</style>
