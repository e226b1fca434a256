<template>
  <main id="main" class="ownerpage"><slot /></main>
</template>

<style scoped>
.ownerpage {
  min-height: 100vh;
  background: var(--sheet);
}
</style>
