<script setup lang="ts">
/** Said where somebody else has kept another version of what is being typed here. */
defineProps<{ shown: boolean }>()
const emit = defineEmits<{ compare: [] }>()
</script>

<template>
  <p v-if="shown" role="alert" class="underneath">
    <span>Somebody else has just changed this. What you typed is kept here; nothing is lost.</span>
    <BButton size="sm" variant="outline-primary" @click="emit('compare')">Show both</BButton>
  </p>
</template>

<style scoped lang="scss">
.underneath {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  padding: 0.5rem 0.8rem;
  border-left: 4px solid var(--teal);
  background: var(--teal-wash);
}
</style>
