<!-- Why an item fits a machine or not: the rule, the ways, the limits, what is stated, what would settle it. -->
<script setup lang="ts">
import { useRoute } from 'vue-router'
import type { FitReport } from '#core/answer/willItFit'
import type { Item } from '#core/catalogue/types'
import { sentence, type speech } from '#shared/messages/en'
import { limitText, settleText, statementText } from '#shared/messages/fit'
import { usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import FootPicture from '../../ui/FootPicture.vue'

defineProps<{
  report: FitReport
  say: ReturnType<typeof speech>
  /** Where it is a foot, to be drawn. */
  foot: Item | undefined
}>()
/** Somebody tried it, and it did or did not fit. */
const emit = defineEmits<{ tried: [fits: boolean] }>()
const route = useRoute()
const session = useSession()
const { query } = usePicks()
</script>

<template>
  <div class="detail">
    <FootPicture v-if="foot" class="drawing" :shape="foot" :code="say.item(report.item)" />
    <p v-for="reason in report.fit.reasons" :key="reason.code">{{ sentence(reason, say) }}</p>
    <p v-if="report.instead.length > 0">
      Of the same family, this fits:
      <RouterLink
        v-for="id in report.instead"
        :key="id"
        :to="{ path: route.path, query: { ...query, m: report.model, item: id } }"
        >{{ say.item(id) }}</RouterLink
      >
    </p>
    <template v-if="report.fit.chains.length > 1">
      <h2>Ways to fit it</h2>
      <ul>
        <li v-for="chain in report.fit.chains" :key="chain.join()">
          {{ chain.length > 0 ? `by way of ${say.items(chain)}` : 'straight on the machine' }}
        </li>
      </ul>
    </template>
    <template v-if="report.limits.length > 0">
      <h2>What holds although it fits</h2>
      <ul>
        <li v-for="limit in report.limits" :key="limit.limit">{{ limitText(limit, say) }}</li>
      </ul>
    </template>
    <template v-if="report.statements.length > 0">
      <h2>What is stated</h2>
      <ul>
        <li
          v-for="statement in report.statements"
          :key="statement.id"
          :class="{ over: statement.standing === 'overruled' }"
        >
          {{ statementText(statement, say) }}
        </li>
      </ul>
    </template>
    <template v-if="report.fit.missing.length > 0">
      <h2>What would settle it</h2>
      <ul>
        <li v-for="fact in report.fit.missing" :key="`${fact.id}/${fact.key}`">{{ settleText(fact, say) }}</li>
      </ul>
    </template>
    <p v-if="session.mayWrite" class="tried">
      Tried it?
      <BButton size="sm" variant="outline-primary" @click="emit('tried', true)">It fits</BButton>
      <BButton size="sm" variant="outline-primary" @click="emit('tried', false)">It does not fit</BButton>
      <span class="soft">Power off, then one full stitch with the handwheel by hand.</span>
    </p>
  </div>
</template>

<style scoped lang="scss">
.drawing {
  float: right;
  width: 12rem;
  margin-left: 1.6rem;
}

.detail {
  display: flow-root;
  padding: 0 0 0.6rem 2rem;

  p,
  ul {
    margin-bottom: 0.4rem;
  }
}

.over {
  color: var(--ink-soft);
}

.tried {
  display: flex;
  gap: 0.6rem;
  align-items: center;
}
</style>
