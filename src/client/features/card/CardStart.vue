<!-- Where no card can be told yet: what to pick, and where else a day begins. -->
<script setup lang="ts">
import { useExample, usePickLists, usePicks } from '../../state/picks'
import BeginWith from '../../ui/BeginWith.vue'

const { missing } = defineProps<{
  /** What is not picked: "a machine". */
  missing: readonly string[]
}>()
const lists = usePickLists()
const { query } = usePicks()
const example = useExample()
</script>

<template>
  <section class="empty">
    <h1>Which machine, technique and fabric?</h1>
    <p>
      Pick {{ missing.join(', ').replace(/, ([^,]*)$/, ' and $1') }} at the top. Or press <kbd>/</kbd>, say it in one
      line as a customer would, and <kbd>Enter</kbd>.
    </p>
    <template v-if="lists.lists && lists.lists.models.length > 0">
      <h2>Or begin with</h2>
      <ul>
        <li v-if="example">
          a card to look at:
          <RouterLink :to="{ path: '/card', query: { ...query, ...example.query } }">{{ example.words }}</RouterLink>
        </li>
        <li>
          somebody on the telephone: <RouterLink :to="{ path: '/desk/new', query }">a new case</RouterLink>,
          <kbd>n</kbd>
        </li>
        <li>a class that is to come: <RouterLink :to="{ path: '/classes', query }">Classes</RouterLink></li>
        <li>
          what the shop’s machines can do, and what is missing:
          <RouterLink :to="{ path: '/coverage', query }">Coverage</RouterLink>
        </li>
      </ul>
    </template>
    <BeginWith v-else path="/card" />
  </section>
</template>

<style scoped lang="scss">
.empty {
  max-width: 40rem;
  padding-top: 10vh;
}

h2 {
  margin-top: 1.6rem;
}

li {
  padding: 0.15rem 0;
}
</style>
