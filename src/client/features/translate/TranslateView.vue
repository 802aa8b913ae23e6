<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { noNames } from '#core/names/names'
import { speech } from '#shared/messages/en'
import { carriedText, carriesWord, movedText, reachText, reachWord } from '#shared/messages/translate'
import { capital, featureWord, list, parameterWord, verdictWord } from '#shared/messages/words'
import { get } from '../../api/client'
import { useKeys } from '../../state/keys'
import { usePickLists, usePicks } from '../../state/picks'
import { useQuery } from '../../state/useQuery'
import LoadingNote from '../../ui/LoadingNote.vue'
import PickBox, { type PickOption } from '../../ui/PickBox.vue'
import VerdictMark from '../card/VerdictMark.vue'

/** From one machine to another: the card in hand, or everything the machine is. */
const route = useRoute()
const router = useRouter()
const lists = usePickLists()
const { picked, query } = usePicks()
const onlyDifferent = ref(true)

const to = computed(() => (typeof route.query.to === 'string' ? route.query.to : undefined))
const fabric = computed(() => picked.value.fabric ?? lists.lists?.fabrics[0]?.id)
const options = computed<PickOption[]>(() =>
  (lists.lists?.models ?? [])
    .filter(({ id }) => id !== picked.value.model)
    .map(({ id, name, make, aliases }) => ({
      id,
      name: `${make} ${name}`,
      group: make,
      hint: '',
      also: aliases.join(' '),
    })),
)
const nameOf = (id: string | undefined) => lists.lists?.models.find((model) => model.id === id)?.name ?? id ?? ''
const choose = (id: string) => router.replace({ path: route.path, query: { ...query.value, to: id } })

/** Both at once, and never one machine's answer under another's name. */
const { answer, problem, busy } = useQuery(
  'translation',
  () => {
    const { model, technique, method, owned } = picked.value
    const asked = { model, to: to.value, fabric: fabric.value, owned: owned.join(',') }
    return model && to.value && fabric.value ? { asked, technique, method } : undefined
  },
  async ({ asked, technique, method }) => {
    const [card, machine] = await Promise.all([
      technique ? get('/api/translate/card', { ...asked, technique, method }) : undefined,
      get('/api/translate/machine', asked),
    ])
    return { card, machine }
  },
  { stays: 0 },
)
const card = computed(() => answer.value?.card)
const machine = computed(() => answer.value?.machine)
const say = computed(() => speech((machine.value ?? card.value)?.names ?? noNames()))
const sayCard = computed(() => (card.value ? speech(card.value.names) : say.value))
const stitches = computed(() =>
  (machine.value?.stitches ?? []).filter(
    ({ from, to: other }) =>
      !onlyDifferent.value || from.length === 0 || other.length === 0 || from[0]?.select !== other[0]?.select,
  ),
)
const chosen = (all: { select: string; name?: string | undefined }[]) =>
  all.map(({ select, name }) => [select, name].filter(Boolean).join(' ')).join('; ')
const techniqueName = (id: string) => lists.lists?.techniques.find((technique) => technique.id === id)?.name ?? id
const swap = () => router.push({ path: route.path, query: { ...query.value, m: to.value, to: picked.value.model } })
const print = () => window.print()
const box = ref<InstanceType<typeof PickBox>>()
/** Who comes from a card by a key goes on by typing. */
onMounted(() => !to.value && box.value?.focus())
useKeys([{ keys: 'p', does: 'Print the comparison', run: print }])
</script>

<template>
  <main class="page wide">
    <h1>{{ picked.model && to ? `From the ${nameOf(picked.model)} to the ${nameOf(to)}` : 'To another machine' }}</h1>
    <div class="ask">
      <div class="box"><PickBox ref="box" label="New machine" :options="options" :picked="to" @pick="choose" /></div>
      <template v-if="to && picked.model">
        <BButton variant="link" @click="swap">The other way round</BButton>
        <BButton variant="link" @click="print"><kbd>p</kbd> Print</BButton>
      </template>
    </div>
    <p v-if="!picked.model">Pick the old machine at the top, then the new one here.</p>
    <p v-else-if="!to">Pick the new machine. With a technique picked at the top, its card is put beside it.</p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <LoadingNote v-if="busy" doing="The two are compared …" />

    <section v-if="card">
      <h2>{{ techniqueName(picked.technique!) }}</h2>
      <div class="sides">
        <p>
          <VerdictMark :verdict="card.from.verdict" /> {{ nameOf(picked.model) }}: {{ verdictWord(card.from.verdict) }}
        </p>
        <p>
          <VerdictMark :verdict="card.to.verdict" /> {{ nameOf(to) }}: {{ verdictWord(card.to.verdict)
          }}<template v-if="card.to.toGet.length > 0">, to get: {{ sayCard.items(card.to.toGet) }}</template>
        </p>
      </div>
      <p v-for="reason in card.to.reasons" :key="sayCard.reason(reason)" class="soft">{{ sayCard.reason(reason) }}</p>
      <table v-for="(stage, i) in card.stages" :key="i" class="table table-sm">
        <thead>
          <tr>
            <th scope="col">{{ stage.from ? capital(stage.from.name) : 'Stage' }}</th>
            <th scope="col">{{ nameOf(picked.model) }}</th>
            <th scope="col">the same on the {{ nameOf(to) }}</th>
            <th scope="col">its own card says</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Stitch</th>
            <td class="big">{{ stage.from?.select ?? '–' }}</td>
            <td></td>
            <td class="big">{{ stage.to?.select ?? 'none' }}</td>
          </tr>
          <tr>
            <th scope="row">Foot</th>
            <td>{{ stage.from?.foot ? sayCard.item(stage.from.foot) : '–' }}</td>
            <td></td>
            <td>
              {{ stage.to?.foot ? sayCard.item(stage.to.foot) : '–'
              }}<template v-if="stage.to?.chain.length">, with {{ sayCard.items(stage.to.chain) }}</template>
            </td>
          </tr>
          <tr v-for="setting in stage.settings" :key="setting.parameter">
            <th scope="row">{{ parameterWord(setting.parameter) }}</th>
            <td>{{ setting.from ?? '–' }}</td>
            <td class="soft">{{ movedText(setting.moved, setting.parameter) }}</td>
            <td>{{ setting.to ?? '–' }}</td>
          </tr>
        </tbody>
      </table>
    </section>

    <template v-if="machine">
      <section v-if="machine.techniques.length > 0">
        <h2>What changes</h2>
        <ul>
          <li v-for="change in machine.techniques" :key="change.technique">
            {{ techniqueName(change.technique) }}: {{ verdictWord(change.from).toLowerCase() }} →
            <strong>{{ verdictWord(change.to).toLowerCase() }}</strong>
          </li>
        </ul>
      </section>
      <section>
        <h2>What one has</h2>
        <table class="table table-sm">
          <tbody>
            <tr v-for="item in machine.items" :key="item.item">
              <th scope="row">{{ say.item(item.item) }}</th>
              <td class="word" :class="item.carries">{{ carriesWord[item.carries] }}</td>
              <td class="soft">{{ carriedText(item, say) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="machine.items.length === 0">Nothing is listed as coming with it, and nothing else is owned.</p>
      </section>
      <section
        v-if="machine.reach.length > 0 || machine.features.lost.length > 0 || machine.features.gained.length > 0"
      >
        <h2>What it reaches</h2>
        <table class="table table-sm">
          <thead>
            <tr>
              <th scope="col"></th>
              <th scope="col">{{ nameOf(machine.from) }}</th>
              <th scope="col">{{ nameOf(machine.to) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="difference in machine.reach" :key="difference.of">
              <th scope="row">{{ reachWord(difference.of) }}</th>
              <td>{{ reachText(difference.of, difference.from) }}</td>
              <td>{{ reachText(difference.of, difference.to) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="machine.features.lost.length > 0">
          It does not have: {{ list(machine.features.lost.map(featureWord)) }}.
        </p>
        <p v-if="machine.features.gained.length > 0">
          It has besides: {{ list(machine.features.gained.map(featureWord)) }}.
        </p>
      </section>
      <section>
        <h2>Where each stitch went</h2>
        <label class="soft"><input v-model="onlyDifferent" type="checkbox" /> Only what is chosen otherwise</label>
        <table class="table table-sm">
          <thead>
            <tr>
              <th scope="col">Stitch</th>
              <th scope="col">{{ nameOf(machine.from) }}</th>
              <th scope="col">{{ nameOf(machine.to) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in stitches" :key="row.function">
              <th scope="row">{{ capital(say.function(row.function)) }}</th>
              <td>{{ chosen(row.from) || 'not there' }}</td>
              <td :class="{ caution: row.to.length === 0 }">{{ chosen(row.to) || 'not there' }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </main>
</template>

<style scoped lang="scss">
.ask {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin-bottom: 0.8rem;
}

.box {
  width: 24rem;
  border: 1px solid var(--rule);
  background: var(--sheet);
}

section {
  border-top: 1px solid var(--rule);
  padding: 0.6rem 0;
  max-width: 72rem;
}

.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 2rem;

  p {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    font-weight: 650;
  }
}

:deep(.verdict-mark) {
  width: 1.7rem;
  height: 1.7rem;
}

.big {
  font-size: var(--head);
  font-weight: 650;
}

.word {
  font-weight: 650;
  white-space: nowrap;

  &.asItIs {
    color: var(--teal);
  }

  &.no {
    color: var(--madder);
  }

  &.withAdapter,
  &.unknown {
    color: var(--ochre);
  }
}

@media print {
  .ask,
  label {
    display: none;
  }
}
</style>
