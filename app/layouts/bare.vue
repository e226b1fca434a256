<template>
  <main id="main" class="bare"><slot /></main>
</template>

<style scoped>
.bare {
  min-height: 100vh;
  display: grid;
  place-items: start center;
  padding: 6vh 16px 40px;
}
</style>
