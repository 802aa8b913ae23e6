<script setup lang="ts">
import { computed, ref } from 'vue'
import { sameValue } from '#core/catalogue/sameValue'
import type { Model } from '#core/catalogue/types'
import { sharedWith } from '#core/changeover/own'

import { kindWord } from '#shared/messages/words'
import { call, get, problemText } from '../../api/client'

/**
 * Gives what this model says of how its kind works to every other model of the kind, in one write that can be undone.
 */
const props = defineProps<{ model: Model; unsaved: boolean }>()
const busy = ref(false)
const said = ref('')
const kind = computed(() => kindWord(props.model.kind))

const share = async () => {
  const own = props.model.controls
  if (!own) return
  busy.value = true
  said.value = ''
  try {
    const rows = await get('/api/catalogue/models')
    const changes = rows.flatMap(({ id, version, value }) => {
      const sister = value as unknown as Model
      if (id === props.model.id || sister.kind !== props.model.kind) return []
      const controls = sharedWith(own, sister.controls)
      return sameValue(controls, sister.controls)
        ? []
        : [{ resource: 'models' as const, id, version, value: { ...sister, controls } }]
    })
    if (changes.length > 0) await call('POST', '/api/catalogue/changes', { changes })
    said.value =
      changes.length === 0
        ? `Every ${kind.value} has it already.`
        : `Given to ${changes.length} ${changes.length === 1 ? kind.value : `${kind.value}s`}; History takes it back.`
  } catch (error) {
    said.value = `${problemText(error)} Nothing was changed.`
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <p>
    <BButton variant="outline-primary" :disabled="busy || unsaved || !model.controls" @click="share">
      Give these rules to every other {{ kind }}
    </BButton>
    <span class="soft" role="status">
      {{
        said ||
        (unsaved ? 'Save first.' : 'Rules, places and times; where things sit and normal sewing stay each model’s own.')
      }}
    </span>
  </p>
</template>

<style scoped lang="scss">
span {
  margin-left: 0.8rem;
}
</style>
