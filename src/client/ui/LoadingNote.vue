<script setup lang="ts">
/** Says what is being waited for; nothing for what comes in a moment. */
defineProps<{ doing: string }>()
</script>

<template>
  <p role="status" class="way">{{ doing }}</p>
</template>

<style scoped>
.way {
  color: var(--ink-soft);
  animation: come 0s 0.4s backwards;
}

@keyframes come {
  from {
    visibility: hidden;
  }
}
</style>
