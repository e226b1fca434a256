<template>
  <section id="calendar" class="block">
    <h2>Calendar</h2>
    <SecretLinks
      url="/api/shop/links"
      give="Make a calendar address"
      shows="Stand tests, parts and outwork due, questions that run out, by tag and machine: for a telephone’s own calendar."
    />
  </section>
</template>
