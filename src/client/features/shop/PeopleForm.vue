<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import type { Person, Role } from '#shared/api/session'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'

/** Who has an account, and what each may do. */
const session = useSession()
const people = shallowRef<Person[]>([])
const blank = () => ({ id: '', name: '', role: 'desk' as Role, password: '' })
const next = ref(blank())
const ROLES: [Role, string][] = [
  ['lead', 'lead: everything'],
  ['desk', 'desk: cases, samples, classes'],
  ['viewer', 'viewer: looks'],
]
const { problem, said, act, read } = useAction()
const load = async () => {
  people.value = await get('/api/people')
}
void read(load)
whenChanged(['people'], () => read(load))
/** What stood in a choice that was refused stands there again. */
const change = async (work: () => Promise<unknown>, told = '') => {
  const done = await act(async () => {
    await work()
    await load()
    return told
  })
  if (!done) people.value = [...people.value]
}
const add = () =>
  change(async () => {
    await call('POST', '/api/people', next.value)
    next.value = blank()
  }, 'They can sign in now.')
const setRole = ({ id, name }: Person, role: Role) =>
  change(() => call('PUT', `/api/people/${id}`, { name, role }), 'Kept.')
const remove = ({ id, name }: Person) =>
  change(() => call('DELETE', `/api/people/${id}`), `${name} has no account any more.`)
</script>

<template>
  <section>
    <h2>People</h2>
    <ul class="people">
      <li v-for="person in people" :key="person.id">
        <strong>{{ person.name }}</strong> <span class="soft">{{ person.id }}</span>
        <select
          class="form-select form-select-sm"
          :value="person.role"
          :aria-label="`What ${person.name} may do`"
          @change="setRole(person, ($event.target as HTMLSelectElement).value as Role)"
        >
          <option v-for="[role, word] in ROLES" :key="role" :value="role">{{ word }}</option>
        </select>
        <BButton v-if="person.id !== session.user?.id" size="sm" variant="link" @click="remove(person)">
          End their account
        </BButton>
      </li>
    </ul>
    <form class="fields" @submit.prevent="add">
      <label for="person-name">Somebody new: name</label>
      <input id="person-name" v-model="next.name" class="form-control" autocomplete="off" required />
      <label for="person-id">Signs in as</label>
      <input id="person-id" v-model="next.id" class="form-control" autocomplete="off" required />
      <label for="person-password">First password</label>
      <input
        id="person-password"
        v-model="next.password"
        type="password"
        class="form-control"
        autocomplete="new-password"
        required
      />
      <label for="person-role">May</label>
      <select id="person-role" v-model="next.role" class="form-select">
        <option v-for="[role, word] in ROLES" :key="role" :value="role">{{ word }}</option>
      </select>
      <BButton type="submit" size="sm" variant="outline-primary" class="add">Give them an account</BButton>
    </form>
    <p role="status">{{ said }}</p>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
  </section>
</template>

<style scoped lang="scss">
.people {
  list-style: none;
  padding: 0;

  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
    padding: 0.2rem 0;
  }

  select {
    width: auto;
  }
}

.fields {
  display: grid;
  grid-template-columns: minmax(8rem, 13rem) minmax(0, 16rem);
  gap: 0.4rem 1rem;
  align-items: center;
}

.add {
  justify-self: start;
}
</style>
