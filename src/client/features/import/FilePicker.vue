<script setup lang="ts">
import { delimiters } from '#core/import/delimiter'
import type { Encoding } from '#shared/files/csv'
import type { OpenFile } from './useFile'
import EntryInput from '../../ui/EntryInput.vue'

/** The file, and how it was read: separator, letters, sheet; each can be told otherwise. */
defineProps<{ file: OpenFile; what: string }>()
const ENCODINGS: [Encoding, string][] = [
  ['utf-8', 'UTF-8'],
  ['windows-1252', 'Windows-1252'],
  ['utf-16le', 'UTF-16'],
  ['utf-16be', 'UTF-16, turned'],
]
const WORDS: Record<string, string> = { ',': 'comma', ';': 'semicolon', '\t': 'tab', '|': 'bar', ':': 'colon' }
const text = (event: Event) => (event.target as HTMLSelectElement).value
/** The same file may be chosen again after it was mended elsewhere. */
const forget = (event: Event) => {
  ;(event.target as HTMLInputElement).value = ''
}
const pick = (event: Event, open: OpenFile['open']) => {
  const field = event.target as HTMLInputElement
  if (field.files?.[0]) open(field.files[0])
}
</script>

<template>
  <div class="picker">
    <label for="file">{{ what }}</label>
    <input
      id="file"
      type="file"
      accept=".csv,.txt,.tsv,.xlsx,.pdf,text/csv,application/pdf"
      class="form-control file"
      @click="forget"
      @change="pick($event, file.open)"
    />
    <template v-if="!file.read.value && !file.doing.value">
      <label for="pasted">or paste a table</label>
      <input
        id="pasted"
        class="form-control paste"
        placeholder="Ctrl V here"
        autocomplete="off"
        @paste.prevent="file.paste(($event as ClipboardEvent).clipboardData?.getData('text/plain') ?? '')"
      />
    </template>
    <template v-if="file.read.value">
      <template v-if="file.read.value.pages">
        <label for="pages">pages</label>
        <EntryInput
          id="pages"
          class="form-control paste"
          :placeholder="`all ${file.read.value.pages.of}`"
          :value="file.read.value.pages.asked"
          @change="(pages) => file.again({ pages })"
        />
      </template>
      <template v-if="file.read.value.delimiter !== undefined">
        <label for="separator">cut at</label>
        <select
          id="separator"
          class="form-select"
          :value="file.read.value.delimiter"
          @change="file.again({ delimiter: text($event) })"
        >
          <option v-for="one in delimiters" :key="one" :value="one">{{ WORDS[one] }}</option>
        </select>
        <label for="letters">letters</label>
        <select
          id="letters"
          class="form-select"
          :value="file.read.value.encoding"
          @change="file.again({ encoding: text($event) as Encoding })"
        >
          <option v-for="[value, word] in ENCODINGS" :key="value" :value="value">{{ word }}</option>
        </select>
      </template>
      <template v-else-if="file.read.value.tables.length > 1">
        <label for="sheet">sheet</label>
        <select
          id="sheet"
          class="form-select"
          :value="file.sheet.value"
          @change="file.chooseSheet(Number(text($event)))"
        >
          <option v-for="(table, i) in file.read.value.tables" :key="table.name" :value="i">{{ table.name }}</option>
        </select>
      </template>
    </template>
    <span v-if="file.doing.value" role="status" class="doing">
      <progress :aria-label="file.doing.value"></progress> {{ file.doing.value }}
      <BButton size="sm" variant="outline-primary" @click="file.stop()">Stop</BButton>
    </span>
  </div>
  <p v-if="file.problem.value" role="alert" class="caution">{{ file.problem.value }}</p>
</template>

<style scoped lang="scss">
.picker {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.6rem;
  align-items: center;
}

.file {
  width: 20rem;
}

.paste {
  width: 9rem;
}

.form-select {
  width: auto;
}

.doing {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
}
</style>
