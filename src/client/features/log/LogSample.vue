<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Sample } from '#core/catalogue/types'
import { speech } from '#shared/messages/en'
import { sampleWord } from '#shared/messages/samples'
import { capital, parameterWord } from '#shared/messages/words'
import { call, problemText, upload } from '../../api/client'
import { usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import StitchPicture from '../../ui/stitch/StitchPicture.vue'
import { useCard } from '../card/useCard'
import { isMarked } from '#core/answer/readShown'
import { useSampleDraft } from './useSampleDraft'
import { useKeys } from '../../state/keys'

/** What was really sewn: filled in as the card says, changed to what it was, judged. Enter goes on to the verdict. */
const route = useRoute()
const router = useRouter()
const session = useSession()
const { picked, query } = usePicks()
const { card, problem, busy: asking } = useCard(picked)
const mayLog = computed(() => session.user?.role === 'lead' || session.user?.role === 'desk')
const stage = computed(
  () => card.value?.stages.find(({ stage: id }) => id === route.query.stage) ?? card.value?.stages[0],
)
const say = computed(() => (card.value ? speech(card.value.names) : undefined))

const draftFor = useSampleDraft(picked, stage, () => route.query.set)
const { draft, values, measured, scaleOf, textOf, faultOf, given, faults, sketch } = draftFor

const photo = ref<File>()
const busy = ref(false)
const said = ref('')
const first = useTemplateRef<HTMLElement>('fields')
const verdicts = useTemplateRef<HTMLElement>('verdicts')
watch(
  () => stage.value?.stage,
  async (there) => {
    if (!there) return
    await nextTick()
    const field = first.value?.querySelector<HTMLInputElement>('input, select')
    field?.focus()
    if (field instanceof HTMLInputElement) field.select()
  },
  { immediate: true },
)
const toVerdict = () => verdicts.value?.querySelector('button')?.focus()
useKeys([
  { keys: 'Enter', does: 'From a field to the verdict, there: log it' },
  { keys: '← →', does: 'At the verdict: choose it' },
])

const arrows = (event: KeyboardEvent) => {
  const buttons = [...(verdicts.value?.querySelectorAll('button') ?? [])]
  const at = buttons.indexOf(event.target as HTMLButtonElement)
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
  if (by !== 0) buttons[(at + by + buttons.length) % buttons.length]?.focus()
}
const choosePhoto = (event: Event) => (photo.value = (event.target as HTMLInputElement).files?.[0])

const save = async (verdict: Sample['verdict']) => {
  const [now, of] = [card.value, stage.value]
  if (asking.value) {
    said.value = 'The card for what is picked now is not here yet: press again in a moment. Nothing was logged.'
    return
  }
  if (!now?.method || !of || faults.value.length > 0 || busy.value) return
  busy.value = true
  said.value = ''
  const body = draftFor.sampleOf(now, now.method.id, of, verdict)
  try {
    const { id } = await call('POST', '/api/samples', body)
    draftFor.forget()
    let lost = ''
    if (photo.value)
      await upload(`/api/samples/${id}/photo`, photo.value).catch((error: unknown) => (lost = problemText(error)))
    await router.replace({ path: `/log/${id}`, query: { ...query.value, logged: lost ? `no-photo ${lost}` : 'yes' } })
  } catch (error) {
    said.value = `${problemText(error)}\nWhat you typed is kept.`
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page wide">
    <h1>Log a sample</h1>
    <p v-if="!card && !problem">Pick machine, technique and fabric at the top; then what was sewn is logged here.</p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <p v-if="card && !stage">
      {{ card.technique.name }} cannot be done on the {{ card.model.name }}: there is nothing to log.
    </p>
    <p v-if="!mayLog" class="caution">You are signed in to look only: the desk and the lead log samples.</p>
    <form v-if="card && stage && say && mayLog" class="columns" @submit.prevent="toVerdict">
      <div ref="fields">
        <p class="cell">
          <strong>{{ stage.answer.select }}</strong><template v-if="stage.foot">
            with {{ say.item(stage.foot.id) }}</template
          >
          on {{ stage.modelName }}, {{ card.technique.name.toLowerCase()
          }}<template v-if="card.stages.length > 1">: {{ stage.name.toLowerCase() }}</template> in
          {{ card.fabric.name.toLowerCase() }}.
        </p>
        <div v-for="value in values" :key="value.parameter" class="field">
          <label :for="`used-${value.parameter}`">{{ parameterWord(value.parameter) }}</label>
          <select
            v-if="isMarked(scaleOf(value.parameter))"
            :id="`used-${value.parameter}`"
            class="form-select"
            :value="textOf(value.parameter)"
            @change="draft.used[value.parameter] = ($event.target as HTMLSelectElement).value"
          >
            <option value="">not stated</option>
            <option v-for="mark in scaleOf(value.parameter)?.marks" :key="mark.mark">{{ mark.mark }}</option>
          </select>
          <input
            v-else
            :id="`used-${value.parameter}`"
            class="form-control large"
            :class="{ 'is-invalid': faultOf(value.parameter) }"
            inputmode="decimal"
            :value="textOf(value.parameter)"
            :aria-describedby="`given-${value.parameter}`"
            @input="draft.used[value.parameter] = ($event.target as HTMLInputElement).value"
          />
          <span :id="`given-${value.parameter}`" :class="faultOf(value.parameter) ? 'caution' : 'soft'">
            {{
              faultOf(value.parameter)
                ? `${parameterWord(value.parameter)} ${faultOf(value.parameter)}.`
                : given(value.parameter)
            }}
          </span>
        </div>
        <div v-for="one in measured" :key="one.key" class="field">
          <label :for="`measured-${one.key}`">{{ one.label }}, mm</label>
          <input
            :id="`measured-${one.key}`"
            class="form-control"
            inputmode="decimal"
            :class="{ 'is-invalid': 'fault' in one.read }"
            :value="one.text"
            @input="draft.measured[one.key] = ($event.target as HTMLInputElement).value"
          />
          <span v-if="'fault' in one.read" class="caution">{{ one.label }} {{ one.read.fault }}.</span>
          <span v-else class="soft">measured, if you did</span>
        </div>
        <div class="field">
          <label for="needle">Needle</label>
          <input
            id="needle"
            v-model="draft.needle"
            class="form-control"
            inputmode="numeric"
            pattern="\d*"
            :placeholder="String(stage.answer.needle.size)"
          />
          <span :class="faults.includes('Needle') ? 'caution' : 'soft'">{{
            faults.includes('Needle') ? 'A size is a whole number, as 80.' : 'size'
          }}</span>
        </div>
        <div class="field">
          <label for="layers">Layers</label>
          <input
            id="layers"
            v-model="draft.layers"
            class="form-control"
            inputmode="numeric"
            pattern="[1-9]\d*"
            :placeholder="String(card.fabric.layers)"
          />
          <span :class="faults.includes('Layers') ? 'caution' : 'soft'">{{
            faults.includes('Layers') ? 'Layers are a whole number.' : 'sewn through'
          }}</span>
        </div>
        <div class="field">
          <label for="fault">Fault</label>
          <select id="fault" v-model="draft.fault" class="form-select">
            <option value="">none</option>
            <option v-for="fault in stage.procedure.faults" :key="fault.id" :value="fault.id">{{ fault.name }}</option>
          </select>
          <span></span>
        </div>
        <div class="field note">
          <label for="note">In words</label>
          <input id="note" v-model="draft.note" class="form-control" />
        </div>
        <div class="field note">
          <label for="photo">Photo</label>
          <input
            id="photo"
            type="file"
            accept="image/jpeg,image/png,image/webp"
            class="form-control"
            @change="choosePhoto"
          />
        </div>
        <button type="submit" class="visually-hidden" tabindex="-1">To the verdict</button>
        <div ref="verdicts" class="verdicts" role="group" aria-label="Verdict" @keydown="arrows">
          <BButton
            v-for="verdict in ['good', 'usable', 'redo'] as const"
            :key="verdict"
            type="button"
            :variant="verdict === 'good' ? 'primary' : 'outline-primary'"
            :disabled="busy || faults.length > 0"
            @click="save(verdict)"
            >{{ sampleWord(verdict) }}</BButton
          >
          <span class="soft"
            ><kbd>Enter</kbd> comes here, <kbd>←</kbd> <kbd>→</kbd> choose, <kbd>Enter</kbd> logs it.</span
          >
        </div>
        <p role="alert" class="caution lines">{{ said }}</p>
      </div>
      <div>
        <h2>So it would lie</h2>
        <StitchPicture v-if="sketch" :sketch="sketch" :name="stage.functionName" />
        <p v-else class="soft">Drawn once width and length are numbers.</p>
        <h2>Look for</h2>
        <p v-for="mark in stage.inspect" :key="mark.good" class="look">{{ capital(mark.good) }}.</p>
      </div>
    </form>
  </main>
</template>

<style scoped lang="scss">
.columns {
  display: grid;
  grid-template-columns: minmax(0, 34rem) minmax(0, 1fr);
  gap: 0 3rem;
}

.field {
  display: grid;
  grid-template-columns: 11rem 8rem 1fr;
  gap: 0 0.8rem;
  align-items: center;
  padding: 0.2rem 0;
}

.note {
  grid-template-columns: 11rem 1fr;
}

.large {
  font-size: var(--head);
  font-weight: 650;
  padding-block: 0.1rem;
}

.verdicts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  padding: 0.8rem 0 0.4rem;
}

.look {
  margin-bottom: 0.2rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
