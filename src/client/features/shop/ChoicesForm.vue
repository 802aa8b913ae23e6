<script setup lang="ts">
import { ref } from 'vue'
import type { ShopSettingsRow } from '#shared/api/samples'
import { parseNumber } from '#core/units/parse'
import { call, get, problemText } from '../../api/client'
import { useSession } from '../../state/session'

/**
 * What the shop chooses for itself: what good samples may differ by, how long cases keep whose they were, where its
 * links lead.
 */
const session = useSession()
const mm = ref('')
const numbers = ref('')
const months = ref('')
const address = ref('')
const said = ref('')
const problem = ref('')
let version = 0
const show = ({ version: seen, settings: { tolerance, forgetNamesAfter, publicAddress = '' } }: ShopSettingsRow) => {
  version = seen
  address.value = publicAddress
  months.value = String(forgetNamesAfter)
  mm.value = String(tolerance.mm)
  numbers.value = String(tolerance.numbers)
}
get('/api/settings')
  .then(show)
  .catch((error: unknown) => (problem.value = problemText(error)))
const save = async () => {
  said.value = ''
  problem.value = ''
  const tolerance = { mm: parseNumber(mm.value) ?? NaN, numbers: parseNumber(numbers.value) ?? NaN }
  if (!Object.values(tolerance).every((value) => value >= 0 && value <= 20)) {
    problem.value = 'Both are numbers from 0 to 20. Nothing was changed.'
    return
  }
  const forgetNamesAfter = parseNumber(months.value) ?? NaN
  if (!Number.isInteger(forgetNamesAfter) || forgetNamesAfter < 1 || forgetNamesAfter > 240) {
    problem.value = 'Months are a whole number from 1 to 240. Nothing was changed.'
    return
  }
  try {
    const publicAddress = address.value.trim().replace(/\/+$/, '') || undefined
    const settings = { tolerance, forgetNamesAfter, publicAddress }
    show(await call('PUT', '/api/settings', { version, settings }))
    said.value = 'Kept.'
  } catch (error) {
    problem.value = problemText(error)
  }
}
</script>

<template>
  <section>
    <h2>When good samples disagree, what is forgotten, where links lead</h2>
    <p>
      Good samples that differ by more than this are shown as disputed until one is pinned. Older cases lose the name of
      their caller. Links in mails and codes on paper lead to the address at which customers reach this shop, as
      http://192.168.0.10:8470.
    </p>
    <form class="fields" @submit.prevent="save">
      <label for="tolerance-mm">Width, length, needle position: mm</label>
      <input id="tolerance-mm" v-model="mm" class="form-control" inputmode="decimal" :disabled="!session.mayWrite" />
      <label for="tolerance-numbers">Tension and other dials: numbers</label>
      <input
        id="tolerance-numbers"
        v-model="numbers"
        class="form-control"
        inputmode="decimal"
        :disabled="!session.mayWrite"
      />
      <label for="forget-months">Cases keep whose they were: months</label>
      <input
        id="forget-months"
        v-model="months"
        class="form-control"
        inputmode="numeric"
        :disabled="!session.mayWrite"
      />
      <label for="public-address">Links and codes begin with</label>
      <input
        id="public-address"
        v-model="address"
        class="form-control"
        inputmode="url"
        placeholder="this machine’s own address"
        :disabled="!session.mayWrite"
      />
      <BButton v-if="session.mayWrite" type="submit" size="sm" variant="outline-primary" class="keep">Keep</BButton>
    </form>
    <p role="status">{{ said }}</p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  </section>
</template>

<style scoped lang="scss">
.keep {
  justify-self: start;
}

.fields {
  display: grid;
  grid-template-columns: minmax(0, 18rem) minmax(0, 16rem);
  gap: 0.4rem 1rem;
  align-items: center;
}
</style>
