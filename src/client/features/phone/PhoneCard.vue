<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { fabricBeside } from '#core/card/sketch'
import type { Card } from '#core/card/card'
import { speech } from '#shared/messages/en'
import { procedureWords } from '#shared/messages/procedure'
import { stopText, stopWord } from '#shared/messages/desk'
import { needsFirstAid } from '#shared/messages/stops'
import { dateWords, parameterWord, threadPlaceWord, unitOf } from '#shared/messages/words'
import { get, problemText } from '../../api/client'
import { methodIn } from '../../state/picks'
import { useAction } from '../../state/useAction'
import AloudView from '../card/AloudView.vue'
import FaultLines from '../card/FaultLines.vue'
import ProcedureLines from '../card/ProcedureLines.vue'
import SideLines from '../card/SideLines.vue'
import FootPicture from '../../ui/FootPicture.vue'
import StageMap from '../../ui/map/StageMap.vue'
import StitchPicture from '../../ui/stitch/StitchPicture.vue'
import PhoneHelp from './PhoneHelp.vue'
import { usePhone } from './usePhone'

/**
 * A card by a link, on a telephone: the figures large, the steps to be ticked, whether it worked; no account, nothing
 * of anybody.
 */
const props = defineProps<{ token: string }>()
const card = shallowRef<Card>()
const problem = ref('')
const aloud = ref<number>()
const route = useRoute()
const one = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : undefined)
/** A code on a handout says which card; a link to one card says nothing. */
const query = {
  model: one('m'),
  technique: one('t'),
  fabric: one('f'),
  method: methodIn(route.query),
  owned: one('owned'),
}
const phone = usePhone(props.token, query)
const { told: heard } = phone
Promise.all([get(`/api/shared/cards/${props.token}`, query), phone.listen()])
  .then(([found]) => (card.value = found))
  .catch((error: unknown) => (problem.value = problemText(error)))
const helping = ref(false)
const { busy, problem: notSent, said, act } = useAction()
const itWorked = () =>
  act(async () => {
    await phone.worked()
    return 'Good. The shop counts it: others will trust this setting the more.'
  })
const isSent = () => {
  helping.value = false
  said.value = 'It is with the shop. The answer will stand here, at this same link.'
}
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
      <section v-for="asked in heard.asked" :key="asked.at" class="asked" aria-label="What was asked">
        <p class="soft">
          Asked on {{ dateWords(asked.at) }}<template v-if="asked.words">: “{{ asked.words }}”</template>
        </p>
        <template v-if="asked.stop">
          <p class="caution">Stop: {{ stopWord(asked.stop) }}.</p>
          <p v-for="line in stopText({ id: asked.stop, firstAid: needsFirstAid(asked.stop) })" :key="line">
            {{ line }}
          </p>
        </template>
        <p v-if="asked.answer" class="answer"><strong>The shop answers:</strong> {{ asked.answer }}</p>
        <p v-else>It is with the shop; the answer will stand here.</p>
      </section>
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
          <StitchPicture v-if="stage.sketch" :sketch="stage.sketch" :name="stage.functionName" :most="16" />
          <FootPicture
            v-if="stage.foot?.shape"
            :shape="stage.foot.shape"
            :code="say.item(stage.foot.id)"
            :fabric="fabricBeside(stage.sketch)"
          />
          <StageMap :stage="stage" brief />
          <ProcedureLines
            :steps="told[i].steps"
            :done="phone.done(stage.stage)"
            @done="(step, yes) => phone.tick(stage.stage, step, yes)"
          />
          <p v-if="phone.done(stage.stage).length > 0">
            <BButton size="sm" variant="outline-primary" @click="phone.begin(stage.stage)">
              Take the ticks off, for another piece
            </BButton>
          </p>
          <FaultLines :faults="stage.procedure.faults" :sketch="stage.sketch" />
          <SideLines :told="told[i]" />
        </template>
        <AloudView v-if="aloud === i" :card="card" :stage="stage" @close="aloud = undefined" />
      </section>
      <section v-if="card.stages.length > 0" aria-label="Did it work?">
        <h2>Did it work?</h2>
        <p v-if="notSent" role="alert" class="caution">{{ notSent }}</p>
        <p role="status">{{ said || (heard.worked ? 'It was said to work.' : '') }}</p>
        <div class="two">
          <BButton variant="primary" :disabled="busy || heard.worked" @click="itWorked">It worked</BButton>
          <BButton variant="outline-primary" :aria-expanded="helping" @click="helping = !helping">It does not</BButton>
        </div>
        <PhoneHelp v-if="helping" :card="card" :phone="phone" @sent="isSent" />
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

.asked {
  border-left: 4px solid var(--teal);
  padding-left: 0.8rem;
  margin: 0.8rem 0;
}

.answer {
  white-space: pre-line;
  font-size: var(--text);
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.8rem;

  .btn {
    min-height: 3.5rem;
    font-size: var(--lead);
  }
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
    font-size: var(--title);
    font-weight: 700;
    line-height: 1.15;
    overflow-wrap: anywhere;
  }
}
</style>
