<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Item } from '#core/catalogue/types'
import type { FitReport } from '#core/answer/willItFit'
import { freeId } from '#core/catalogue/ids'

import type { Changes } from '#shared/api/rows'
import { noNames } from '#core/names/names'
import { speech } from '#shared/messages/en'
import { call, get } from '../../api/client'
import { usePicks } from '../../state/picks'
import { useQuery } from '../../state/useQuery'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'
import PickBox, { type PickOption } from '../../ui/PickBox.vue'
import FitDetail from './FitDetail.vue'

/** Will it fit? The machine is the pick at the top; the item is chosen here; either may be left open. */
const route = useRoute()
const router = useRouter()
const session = useSession()
const { picked, query } = usePicks()
const { problem, said, act, read } = useAction()
const filter = ref('')
const item = computed(() => (typeof route.query.item === 'string' ? route.query.item : undefined))
const items = shallowRef<PickOption[]>([])
const feet = shallowRef(new Map<string, Item>())

const go = (id: string | undefined) => router.replace({ path: route.path, query: { ...query.value, item: id } })
const {
  answer: view,
  problem: notTold,
  again,
} = useQuery(
  'fits',
  () => (item.value || picked.value.model ? { item: item.value, model: picked.value.model } : undefined),
  (asked) => get('/api/fits', asked),
)
const loadItems = async () => {
  const rows = (await get('/api/catalogue/items')).map(({ id, value }) => ({ id, value: value as Item }))
  feet.value = new Map(rows.flatMap(({ id, value }) => (value.what === 'foot' ? [[id, value]] : [])))
  items.value = rows.map(({ id, value: { code, name, what } }) => ({
    id,
    name: `${code} ${name}`,
    group: '',
    hint: what,
    also: '',
  }))
}
void read(loadItems)

const say = computed(() => speech({ ...noNames(), ...view.value?.names }))
const WORD = { yes: 'Fits', no: 'Does not fit', unknown: 'Not known' } as const
const MARK = { yes: '✓', no: '✕', unknown: '?' } as const
const EVIDENCE = { bench: 'tried', book: 'by the book', workedOut: 'worked out' } as const
const ORDER = { yes: 0, unknown: 1, no: 2 } as const
const PROOF = { bench: 0, book: 1, workedOut: 2 } as const
const titleOf = (report: FitReport): string =>
  item.value ? say.value.model(report.model) : say.value.item(report.item)
/** What fits comes first, and of it what is proved best and needs least between. */
const standing = ({ fit }: FitReport): number =>
  ORDER[fit.fits] * 100 + PROOF[fit.evidence] * 10 + (fit.chains[0]?.length ?? 0)
const shown = computed(() => {
  const words = filter.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (view.value?.reports ?? [])
    .filter((report) => {
      const text = `${titleOf(report)} ${WORD[report.fit.fits]} ${EVIDENCE[report.fit.evidence]}`.toLowerCase()
      return words.every((word) => text.includes(word))
    })
    .sort((a, b) => standing(a) - standing(b))
})
const single = computed(() => (item.value && picked.value.model ? view.value?.reports[0] : undefined))
const opened = ref<string>()
const keyOf = ({ item, model }: FitReport) => `${item}/${model}`
const isOpen = (report: FitReport) => single.value === report || opened.value === keyOf(report)
const counts = computed(() => {
  const of = (fits: FitReport['fit']['fits']) => shown.value.filter((report) => report.fit.fits === fits).length
  return `${of('yes')} fit, ${of('unknown')} not known, ${of('no')} do not fit`
})

/** Trying settles it: a bench statement, above whatever the book says. */
const state = (report: FitReport, fits: boolean) =>
  act(async () => {
    const rows = await get('/api/catalogue/fits')
    const id = freeId(`tried-${report.item}-on-${report.model}`, 'fit', new Set(rows.map((row) => row.id)))
    const where = `tried by ${session.user?.name}`
    const chain = report.fit.chains[0] ?? []
    const value = {
      id,
      item: report.item,
      model: report.model,
      fits,
      ...(fits && chain.length > 0 ? { chain } : {}),
      evidence: 'bench',
      where,
    }
    const body: Changes = { changes: [{ resource: 'fits', id, version: null, value }] }
    await call('POST', '/api/catalogue/changes', body)
    await again()
    return (
      `Stated: ${say.value.item(report.item)} ${fits ? 'fits' : 'does not fit'} ${say.value.model(report.model)}, ` +
      'tried at the bench.'
    )
  })
</script>

<template>
  <main class="page">
    <h1>Will it fit?</h1>
    <div class="ask">
      <div class="box">
        <PickBox label="Foot, adapter, plate or accessory" :options="items" :picked="item" @pick="go" />
      </div>
      <BButton v-if="item" variant="link" @click="go(undefined)">All of them</BButton>
    </div>
    <p v-if="problem || notTold" role="alert" class="caution">{{ problem || notTold }}</p>
    <p role="status">{{ said }}</p>
    <p v-if="!item && !picked.model">
      Pick a foot here to see every machine it fits, or a machine at the top to see everything that fits it.
    </p>
    <template v-if="view">
      <div v-if="!single" class="line">
        <label for="filter" class="visually-hidden">Filter</label>
        <input
          id="filter"
          v-model="filter"
          type="search"
          class="form-control filter"
          placeholder="Filter by any words"
        />
        <span class="soft">{{ counts }}</span>
      </div>
      <ul class="reports" :class="{ list: !single }">
        <li v-for="report in shown" :key="keyOf(report)" :class="report.fit.fits">
          <component
            :is="single ? 'div' : 'button'"
            :type="single ? undefined : 'button'"
            class="head"
            :aria-expanded="single ? undefined : isOpen(report)"
            @click="opened = isOpen(report) ? undefined : keyOf(report)"
          >
            <span class="sign" aria-hidden="true">{{ MARK[report.fit.fits] }}</span>
            <strong :class="{ large: single }">{{
              single
                ? `${say.item(report.item)} on ${say.model(report.model)}: ${WORD[report.fit.fits].toLowerCase()}`
                : titleOf(report)
            }}</strong>
            <span v-if="!single" class="word">{{ WORD[report.fit.fits] }}</span>
            <span v-if="!single && report.fit.fits !== 'unknown'" class="soft"
              >{{ EVIDENCE[report.fit.evidence] }}<template v-if="report.supplied">, comes with it</template></span
            >
            <span v-if="!single && report.fit.chains[0]?.length" class="soft"
              >with {{ say.items(report.fit.chains[0]!) }}</span
            >
          </component>
          <FitDetail
            v-if="isOpen(report)"
            :report="report"
            :say="say"
            :foot="feet.get(report.item)"
            @tried="(fits) => state(report, fits)"
          />
        </li>
      </ul>
      <p v-if="shown.length === 0">Nothing has all these words.</p>
    </template>
  </main>
</template>

<style scoped lang="scss">
.ask,
.line {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin-bottom: 0.6rem;
}

.box {
  width: 26rem;
  padding-left: 0;
  border: 1px solid var(--rule);
  background: var(--sheet);
}

.filter {
  width: 15rem;
}

.reports {
  list-style: none;
  padding: 0;
  border-top: 1px solid var(--rule);

  > li {
    border-bottom: 1px solid var(--rule);
  }
}

.head {
  display: flex;
  gap: 0.8rem;
  align-items: baseline;
  width: 100%;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
  padding: 0.4rem 0;
}

.sign {
  width: 1.6rem;
  font-weight: 700;
  text-align: center;
}

.list .head strong {
  width: 24rem;
}

.list .word {
  width: 7.5rem;
}

.large {
  font-size: var(--title);
  font-weight: 650;
}

.yes .sign,
.yes .word {
  color: var(--teal);
}

.no .sign,
.no .word {
  color: var(--madder);
}

.unknown .sign,
.unknown .word {
  color: var(--ochre);
}

.word {
  font-weight: 650;
}
</style>
