<!-- What the card is asked for beside machine, technique and fabric: the job, what is to get, what they have. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { Card } from '#core/card/card'
import { speech } from '#shared/messages/en'
import { moneyWords } from '#shared/messages/words'
import { usePicks } from '../../state/picks'

const { card } = defineProps<{ card: Card }>()
const { picked, setOwned, dropJob } = usePicks()

const say = computed(() => speech(card.names))
const price = (id: string) => {
  const cents = card.names.items[id]?.price
  return cents === undefined ? 'price not stated' : moneyWords(cents)
}
const jobs = computed(() => {
  const { opening, radius } = picked.value
  return [
    ...(opening ? [{ job: 'opening' as const, words: `For a buttonhole opening of ${opening} mm` }] : []),
    ...(radius ? [{ job: 'radius' as const, words: `For a circle of radius ${radius} mm` }] : []),
  ]
})
const own = (id: string) => setOwned([...new Set([...picked.value.owned, id])])
const disown = (id: string) => setOwned(picked.value.owned.filter((other) => other !== id))
</script>

<template>
  <section
    v-if="card.toGet.length > 0 || picked.owned.length > 0 || jobs.length > 0"
    class="getting"
    aria-label="To get"
  >
    <p v-for="{ job, words } in jobs" :key="job">
      <strong>{{ words }}</strong>
      <BButton size="sm" variant="link" @click="dropJob(job)">not so</BButton>
    </p>
    <p v-for="id in card.toGet" :key="id">
      <strong>To get:</strong> {{ say.item(id) }}, {{ price(id) }}
      <BButton size="sm" variant="outline-primary" @click="own(id)">They have it</BButton>
    </p>
    <p v-for="id in picked.owned" :key="id">
      They have {{ say.item(id) }}
      <BButton size="sm" variant="link" @click="disown(id)">not so</BButton>
    </p>
  </section>
</template>

<style scoped lang="scss">
.getting {
  border-left: 4px solid var(--ochre);
  background: var(--ochre-wash);
  padding: 0.3rem 0.8rem;
  margin-bottom: 0.6rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 2rem;

  p {
    margin: 0;
  }

  .btn-link {
    padding: 0 0.3rem 0 0;
  }
}

@media print {
  .getting .btn {
    display: none;
  }
}
</style>
