<script setup lang="ts">
/** How far long work is, and a way to stop it; nothing for what is done in a moment. */
defineProps<{ progress: number | undefined; doing: string }>()
const emit = defineEmits<{ stop: [] }>()
</script>

<template>
  <p v-if="progress !== undefined" role="status" class="work">
    <progress :value="progress" max="1" :aria-label="doing"></progress>
    {{ doing }}
    <BButton size="sm" variant="outline-primary" @click="emit('stop')">Stop</BButton>
  </p>
</template>

<style scoped lang="scss">
.work {
  display: flex;
  gap: 0.6rem;
  align-items: center;
}
</style>
