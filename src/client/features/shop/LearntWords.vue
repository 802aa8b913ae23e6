<!-- The shop's own words: told here, or learnt by the ask line; forgotten where somebody confirmed what was not so. -->
<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { LearnedWords } from '#shared/api/desk'
import { TROUBLES } from '#shared/messages/troubles'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePickLists } from '../../state/picks'
import { useAction } from '../../state/useAction'
import PickBox, { type PickOption } from '../../ui/PickBox.vue'

const rows = shallowRef<LearnedWords[]>()
const { busy, problem, said, act, read } = useAction()
const lists = usePickLists()
const load = async () => {
  rows.value = await get('/api/ask/words')
}
void read(() => Promise.all([load(), lists.loaded()]))
whenChanged(['words', 'customers'], () => read(load))
const words = ref('')
const meant = ref<string>()
/** What words may mean, each by its kind and its id. */
const options = computed<PickOption[]>(() => {
  const { models = [], techniques = [], fabrics = [] } = lists.lists ?? {}
  const of = (kind: LearnedWords['kind'], all: readonly { id: string; name: string }[]) =>
    all.map(({ id, name }) => ({
      id: `${kind}/${id}`,
      name,
      group: '',
      hint: kind === 'model' ? 'machine' : kind,
      also: '',
    }))
  const machines = models.map(({ id, make, name }) => ({ id, name: `${make} ${name}` }))
  return [
    ...of('technique', techniques),
    ...of('trouble', TROUBLES),
    ...of('fabric', fabrics),
    ...of('model', machines),
  ]
})
const tell = () =>
  act(async () => {
    const [kind, of] = (meant.value ?? '').split('/') as [LearnedWords['kind'], string]
    await call('POST', '/api/ask/words', { kind, of, words: words.value })
    const name = options.value.find(({ id }) => id === meant.value)?.name
    const told = `“${words.value}” is heard as ${name} from now on.`
    words.value = ''
    meant.value = undefined
    await load()
    return told
  })
const forget = ({ kind, of, words }: LearnedWords) =>
  act(async () => {
    await call('DELETE', '/api/ask/words', { kind, of, words })
    await load()
  })
</script>

<template>
  <section>
    <h2>The shop’s own words</h2>
    <p>
      What customers here call a thing, so that the ask line hears it. Where it asks “Which?” and somebody chooses, it
      learns by itself.
    </p>
    <form class="acts" @submit.prevent="tell">
      <label for="own-words">Here</label>
      <input
        id="own-words"
        v-model="words"
        class="form-control words"
        maxlength="120"
        placeholder="a word or two"
        autocomplete="off"
      />
      <PickBox
        label="means"
        :options="options"
        :picked="meant"
        placeholder="technique, trouble …"
        as-field
        @pick="(id) => (meant = id)"
      />
      <BButton type="submit" variant="primary" :disabled="busy || words.trim().length < 2 || !meant">Tell it</BButton>
      <span role="status" class="soft">{{ said }}</span>
    </form>
    <ul>
      <li v-for="row in rows ?? []" :key="`${row.kind}/${row.of}/${row.words}`">
        “{{ row.words }}” is {{ row.name }}
        <span class="soft">{{ row.kind === 'model' ? 'machine' : row.kind }}, told by {{ row.by }}</span>
        <BButton size="sm" variant="link" :aria-label="`Forget “${row.words}”`" @click="forget(row)">Forget</BButton>
      </li>
    </ul>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  </section>
</template>

<style scoped lang="scss">
.words {
  width: 8.5rem;
}

ul {
  padding-left: 1rem;
}
</style>
