<script setup lang="ts">
import { ref } from 'vue'
import type { Sheet } from '#core/workbench/sheet'
import { sheetSvg } from '#core/workbench/sheetSvg'

import { call, file, problemText } from '../../api/client'
import SendTo from '../../ui/SendTo.vue'
import { saveFile } from '../../ui/saveFile'

/** What is laid on the fabric, printed at 1:1: on the screen about so, in the files truly so. */
const props = defineProps<{ words: string; sheet: Sheet }>()
const problem = ref('')
const busy = ref(false)

const name = () => props.words.toLowerCase().replace(/\W+/g, '-')
const send = (customer: string) =>
  call('POST', '/api/outbox/sheets', { customer, words: props.words, sheet: props.sheet })
const saveSvg = () => saveFile(new Blob([sheetSvg(props.sheet)], { type: 'image/svg+xml' }), `${name()}.svg`)
const savePdf = async () => {
  busy.value = true
  problem.value = ''
  try {
    saveFile(await file('/api/workbench/sheet.pdf', props.sheet), `${name()}.pdf`)
  } catch (error) {
    problem.value = problemText(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section class="sheet" :aria-label="words">
    <h2>{{ words }}, 1:1</h2>
    <!-- eslint-disable-next-line vue/no-v-html -- our own drawing, its words escaped -->
    <div class="paper" role="img" tabindex="0" :aria-label="sheet.title" v-html="sheetSvg(sheet)"></div>
    <p>
      <BButton size="sm" variant="outline-primary" :disabled="busy" @click="savePdf">PDF to print</BButton>
      <BButton size="sm" variant="link" @click="saveSvg">SVG</BButton>
      <span class="soft">Print at 100 %, not “fit to page”; then lay a ruler on the 50 mm bar.</span>
    </p>
    <SendTo what="it" :send="send" />
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  </section>
</template>

<style scoped lang="scss">
.paper {
  background: #fff;
  color: #000;
  border: 1px solid var(--rule);
  padding: 0.4rem;
  margin-bottom: 0.4rem;
  max-height: 22rem;
  overflow: auto;

  :deep(svg) {
    display: block;
  }
}

h2 {
  margin-top: 0.8rem;
}
</style>
