<script setup lang="ts">
import { ref } from 'vue'
import { problemText } from '../../api/client'
import { useSession } from '../../state/session'

const session = useSession()
const user = ref('')
const password = ref('')
const name = ref('')
const wrong = ref('')
const busy = ref(false)

const ROLES = {
  lead: 'may change everything',
  desk: 'cases, samples and classes',
  viewer: 'may look',
} as const

const enter = (name = user.value, secret = password.value) => act(() => session.signIn(name, secret))
const begin = () => act(() => session.begin({ id: user.value, name: name.value, password: password.value }))
const act = async (work: () => Promise<void>) => {
  busy.value = true
  wrong.value = ''
  try {
    await work()
  } catch (error) {
    wrong.value = problemText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="sign-in">
    <h1>Handhold</h1>
    <p class="soft">From a technique and a machine to a card.</p>
    <form v-if="session.view?.first" @submit.prevent="begin">
      <h2>A new shop</h2>
      <p>Nobody has an account yet. Make the lead’s: who leads may change everything and give others an account.</p>
      <label for="first-name">Your name</label>
      <BFormInput id="first-name" v-model="name" autocomplete="name" autofocus required />
      <label for="first-user">Name to sign in with</label>
      <BFormInput id="first-user" v-model="user" autocomplete="username" required placeholder="small letters" />
      <label for="first-password">Password, at least eight characters</label>
      <BFormInput id="first-password" v-model="password" type="password" autocomplete="new-password" required />
      <p v-if="wrong" class="caution lines" role="alert">{{ wrong }}</p>
      <BButton type="submit" variant="primary" :disabled="busy">Begin</BButton>
    </form>
    <form v-else @submit.prevent="enter()">
      <label for="user">Name</label>
      <BFormInput id="user" v-model="user" autocomplete="username" autofocus required />
      <label for="password">Password</label>
      <BFormInput id="password" v-model="password" type="password" autocomplete="current-password" required />
      <p v-if="wrong" class="caution" role="alert">{{ wrong }}</p>
      <BButton type="submit" variant="primary" :disabled="busy">Sign in</BButton>
    </form>
    <section v-if="session.view?.demoAccounts" aria-labelledby="demo">
      <h2 id="demo">This is the demo shop</h2>
      <p>Come in as one of its people; nothing here is real.</p>
      <ul>
        <li v-for="account in session.view.demoAccounts" :key="account.user">
          <BButton variant="outline-primary" @click="enter(account.user, account.password)">
            {{ account.user }}, {{ account.role }}
          </BButton>
          <span class="soft"
            >{{ ROLES[account.role] }}; password <span class="password">{{ account.password }}</span></span
          >
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped lang="scss">
.sign-in {
  width: min(30rem, 92vw);
  margin: 12vh auto 0;

  h1 {
    color: var(--teal);
    margin-bottom: 0;
  }

  form {
    display: grid;
    gap: 0.4rem;
    margin: 1.2rem 0 2rem;
  }

  form .btn {
    justify-self: start;
    margin-top: 0.5rem;
  }

  .lines {
    white-space: pre-line;
  }

  section {
    border-top: 1px solid var(--rule);
    padding-top: 1rem;
  }

  .password {
    white-space: nowrap;
  }

  ul {
    list-style: none;
    padding: 0;
    display: grid;
    gap: 0.5rem;
  }

  li {
    display: flex;
    align-items: center;
    gap: 0.8rem;
  }

  li .btn {
    min-width: 9.5rem;
    text-align: left;
  }
}
</style>
