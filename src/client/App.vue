<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { whenSignedOut } from './api/client'
import SignIn from './features/session/SignIn.vue'
import { rooms, UPDATED } from './router'
import { useChanges } from './state/changes'
import { useKeys, type KeyBinding } from './state/keys'
import { usePickLists, usePicks } from './state/picks'
import { useSession } from './state/session'
import { useAnswers } from './state/useQuery'
import KeySheet from './ui/KeySheet.vue'
import PickBar from './ui/PickBar.vue'

const session = useSession()
const lists = usePickLists()
const route = useRoute()
const router = useRouter()
const { query, step } = usePicks()
const failed = ref(false)
const keysShown = ref(false)
/** The page was loaded anew because its files were of an older Handhold. */
const isUpdated = ref(sessionStorage.getItem(UPDATED) !== null)
const bar = ref<InstanceType<typeof PickBar>>()

const start = async () => {
  failed.value = false
  try {
    await session.load()
  } catch {
    failed.value = true
  }
}
const changes = useChanges()
const answers = useAnswers()
whenSignedOut(() => void session.load())
void start()

watch(
  () => session.user,
  (user) => {
    if (user) void lists.load()
    else answers.forget()
    if (user) void changes.start()
    else changes.stop()
  },
)

const go = (path: string) => void router.push({ path, query: query.value })
const everywhere: KeyBinding[] = [
  ...rooms.map(({ path, name, letter }) => ({ keys: `g ${letter}`, does: `Go to ${name}`, run: () => go(path) })),
  {
    keys: '/',
    does: 'Ask: one line for machine, technique, fabric',
    run: () => void nextTick(() => bar.value?.focus()),
  },
  { keys: 'n', does: 'A new case for what is picked', run: () => go('/desk/new') },
  { keys: '[', does: 'Previous machine, same technique', run: () => void step('model', -1) },
  { keys: ']', does: 'Next machine, same technique', run: () => void step('model', 1) },
  { keys: '{', does: 'Previous technique, same machine', run: () => void step('technique', -1) },
  { keys: '}', does: 'Next technique, same machine', run: () => void step('technique', 1) },
  { keys: 'Escape', does: 'Leave a field, so that keys are heard' },
  { keys: '?', does: 'Show all keys', run: () => (keysShown.value = true) },
]
useKeys(everywhere)
</script>

<template>
  <main v-if="failed" class="page" role="alert">
    <h1>Handhold does not answer</h1>
    <p>The server may be starting. Nothing is lost.</p>
    <BButton variant="primary" @click="start">Try again</BButton>
  </main>
  <RouterView v-else-if="route.meta.open" />
  <SignIn v-else-if="session.view && !session.user" />
  <div v-else-if="session.user" class="frame">
    <a class="skip" href="#content">To the content</a>
    <p class="brand">Handhold</p>
    <PickBar ref="bar" class="picks" />
    <nav class="rooms" aria-label="Rooms">
      <RouterLink
        v-for="room in rooms"
        :key="room.path"
        :to="{ path: room.path, query }"
        :class="{ here: route.path.startsWith(room.path) }"
        :aria-current="route.path.startsWith(room.path) ? 'page' : undefined"
      >
        {{ room.name }}
      </RouterLink>
      <RouterLink
        class="who"
        :to="{ path: '/shop', query }"
        :aria-label="`Signed in as ${session.user.name}; to sign out`"
        >{{ session.user.name.split(' ')[0] }}</RouterLink
      >
      <button type="button" class="keys" @click="keysShown = true"><kbd>?</kbd> Keys</button>
    </nav>
    <div id="content" class="content" tabindex="-1">
      <p v-if="isUpdated" role="status" class="updated">
        Handhold was updated while this page was open, so it was loaded anew. What you had typed is kept.
        <BButton size="sm" variant="link" @click="isUpdated = false">All right</BButton>
      </p>
      <RouterView />
    </div>
    <KeySheet v-model="keysShown" :everywhere="everywhere" />
  </div>
</template>

<style lang="scss">
.frame {
  display: grid;
  grid-template: 'brand picks' 4rem 'rooms content' 1fr / 7.25rem 1fr;
  min-height: 100vh;
}

.brand {
  grid-area: brand;
  margin: 0;
  display: flex;
  align-items: center;
  padding-left: 0.8rem;
  font:
    700 1.25rem 'Bitter Variable',
    serif;
  color: var(--teal);
  background: var(--paper);
  border-bottom: 1px solid var(--rule);
}

.updated {
  margin: 0;
  padding: 0.5rem 1.2rem;
  background: var(--teal-wash);
}

.picks {
  grid-area: picks;
}

// Picks and rooms stay in sight, however long the page is.
@media (min-width: 1001px) {
  html {
    scroll-padding-top: 4.5rem;
  }

  .brand,
  .picks {
    grid-row: 1 / -1;
    align-self: start;
    height: 4rem;
    position: sticky;
    top: 0;
    z-index: 5;
  }

  .rooms {
    align-self: start;
    position: sticky;
    top: 4rem;
    height: calc(100vh - 4rem);
  }
}

.rooms {
  grid-area: rooms;
  display: flex;
  flex-direction: column;
  padding-top: 0.8rem;
  border-right: 1px solid var(--rule);

  a,
  .keys {
    padding: 0.6rem 0.8rem;
    color: var(--ink-soft);
    text-decoration: none;
    border: 0;
    border-left: 4px solid transparent;
    background: none;
    text-align: left;
  }

  a:hover {
    color: var(--ink);
  }

  .here {
    color: var(--ink);
    font-weight: 650;
    border-left-color: var(--teal);
    background: var(--fold);
  }

  .who {
    margin-top: auto;
    padding-bottom: 0.1rem;
    font-size: var(--note);
    overflow: hidden;
    text-overflow: ellipsis;
  }

  .keys {
    margin-bottom: 0.5rem;
    font-size: var(--note);
  }
}

.content {
  grid-area: content;
  min-width: 0;
  outline: none;
}

.page {
  padding: 1.2rem 1.6rem 2rem;
  max-width: 75rem;
}

.wide {
  max-width: none;
}

.skip {
  position: absolute;
  left: -100rem;

  &:focus {
    left: 0.5rem;
    top: 0.5rem;
    z-index: 10;
    background: var(--sheet);
    padding: 0.5rem;
  }
}

@media (max-width: 1000px) {
  .frame {
    grid-template: 'brand picks' auto 'rooms rooms' auto 'content content' 1fr / 7.25rem 1fr;
  }

  .rooms {
    flex-direction: row;
    padding: 0;
    border: 0;
    border-bottom: 1px solid var(--rule);

    a {
      border-left: 0;
      border-bottom: 4px solid transparent;
    }

    .here {
      border-bottom-color: var(--teal);
    }

    // Whose account it is stands in the shop as well; here the rooms need the place.
    .who {
      display: none;
    }

    .keys {
      margin: 0 0 0 auto;
    }
  }
}

@media (max-width: 640px) {
  .rooms {
    flex-wrap: wrap;

    a {
      padding: 0.4rem 0.6rem;
    }

    .keys {
      display: none;
    }
  }
}

@media print {
  .frame {
    display: block;
    min-height: 0;
  }

  .brand,
  .picks,
  .rooms,
  .skip {
    display: none !important;
  }
}
</style>
