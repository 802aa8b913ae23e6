<template>
  <main class="page">
    <h1>Nothing is kept here</h1>
    <p>The address may be from an older link. <RouterLink to="/card">Go to the card</RouterLink>.</p>
  </main>
</template>
