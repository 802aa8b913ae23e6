<!-- Where no card can be told yet: what to pick, and where else a day begins. -->
<script setup lang="ts">
import { computed } from 'vue'
import { useExample, usePickLists, usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import BeginWith from '../../ui/BeginWith.vue'
import TodayLines from '../today/TodayLines.vue'

const { missing } = defineProps<{
  /** What is not picked: "a machine". */
  missing: readonly string[]
}>()
const lists = usePickLists()
const { query } = usePicks()
const example = useExample()
const session = useSession()
const may = computed(() => session.user?.role !== 'viewer')
</script>

<template>
  <section class="empty">
    <h1>Which machine, technique and fabric?</h1>
    <p>
      Pick {{ missing.join(', ').replace(/, ([^,]*)$/, ' and $1') }} at the top. Or press <kbd>/</kbd>, say it in one
      line as a customer would, and <kbd>Enter</kbd>.
    </p>
    <template v-if="lists.lists && lists.lists.models.length > 0">
      <TodayLines v-if="may && missing.length === 3" />
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
  max-width: 46rem;
  padding-top: 4vh;
}

h2 {
  margin-top: 1.6rem;
}

li {
  padding: 0.2rem 0;
}
</style>
