<!-- New editions of shipped techniques: each part beside the shop's own, taken or left. -->
<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import type { EditionOffer } from '#shared/api/editions'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePickLists, usePicks } from '../../state/picks'
import { useAction } from '../../state/useAction'
import LoadingNote from '../../ui/LoadingNote.vue'

const { query } = usePicks()
const lists = usePickLists()
const { busy, problem, said, act, read } = useAction()
const offers = shallowRef<EditionOffer[]>()
/** Parts that are ticked, by technique. */
const taken = ref<Record<string, string[]>>({})
/** Differences shown of a part at first. */
const SHOWN = 6
const whole = ref<ReadonlySet<string>>(new Set())

const load = async () => {
  offers.value = await get('/api/editions')
  taken.value = Object.fromEntries(offers.value.map(({ technique, parts }) => [technique, parts.map(({ id }) => id)]))
}
void read(load)
whenChanged(['catalogue'], () => read(load))

const decide = (offer: EditionOffer, take: readonly string[]) =>
  act(async () => {
    await call('POST', `/api/editions/${offer.technique}`, { version: offer.version, take })
    await Promise.all([load(), lists.load()])
    return take.length === 0
      ? `${offer.name} stays as you have it.`
      : `${offer.name}: ${take.length === offer.parts.length ? 'the whole edition' : 'what you ticked'} is taken in.`
  })
const keyOf = (offer: EditionOffer, part: string) => `${offer.technique}/${part}`
const showAll = (key: string) => (whole.value = new Set([...whole.value, key]))
</script>

<template>
  <main class="page">
    <h1>New editions of shipped techniques</h1>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <p role="status">{{ said }}</p>
    <LoadingNote v-if="!offers && !problem" doing="Comparing what ships with what you have" />
    <p v-else-if="offers?.length === 0">
      You have decided about all of them.
      <RouterLink :to="{ path: '/shelf/techniques', query }">Back to the techniques</RouterLink>
    </p>
    <template v-else-if="offers">
      <p class="soft">
        What you tick replaces your own; methods that only you have stay. All of it can be taken back under History.
      </p>
      <section v-for="offer in offers" :key="offer.technique" class="offer">
        <h2>{{ offer.name }}</h2>
        <ul>
          <li v-for="part in offer.parts" :key="part.id">
            <label>
              <input v-model="taken[offer.technique]" type="checkbox" :value="part.id" />
              <strong>{{ part.name }}</strong>
              <span class="soft">{{ part.is === 'added' ? 'new' : 'written anew' }}</span>
            </label>
            <dl v-if="part.differences.length > 0">
              <template
                v-for="one in whole.has(keyOf(offer, part.id)) ? part.differences : part.differences.slice(0, SHOWN)"
                :key="one.heading"
              >
                <dt>{{ one.heading }}</dt>
                <dd>
                  <del v-if="one.before">{{ one.before }}</del>
                  <ins v-if="one.after">{{ one.after }}</ins>
                </dd>
              </template>
            </dl>
            <BButton
              v-if="part.differences.length > SHOWN && !whole.has(keyOf(offer, part.id))"
              size="sm"
              variant="link"
              @click="showAll(keyOf(offer, part.id))"
            >
              {{ part.differences.length - SHOWN }} more differences
            </BButton>
          </li>
        </ul>
        <p class="acts">
          <BButton
            size="sm"
            variant="primary"
            :disabled="busy || taken[offer.technique]?.length === 0"
            @click="decide(offer, taken[offer.technique] ?? [])"
          >
            Take {{ taken[offer.technique]?.length === offer.parts.length ? 'all of it' : 'what is ticked' }}
          </BButton>
          <BButton size="sm" variant="outline-primary" :disabled="busy" @click="decide(offer, [])"> Keep ours </BButton>
        </p>
      </section>
    </template>
  </main>
</template>

<style scoped lang="scss">
.offer {
  border-top: 1px solid var(--rule);
  padding: 0.4rem 0 0.8rem;
}

ul {
  list-style: none;
  padding: 0;
}

li {
  margin-bottom: 0.6rem;
}

label {
  display: flex;
  gap: 0.5rem;
  align-items: baseline;
}

dl {
  display: grid;
  grid-template-columns: minmax(9rem, 16rem) 1fr;
  gap: 0.1rem 1rem;
  margin: 0.2rem 0 0 1.6rem;
  font-size: var(--note);
}

dt {
  font-weight: 400;
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

del {
  display: block;
  color: var(--ink-soft);
}

ins {
  display: block;
  text-decoration: none;
}
</style>
