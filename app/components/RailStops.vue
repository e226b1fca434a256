<script setup lang="ts">
/** What must not be done, the worst one whole; always in view, never a part of what scrolls. */
const props = defineProps<{
  /** a line each: where nothing is turned */
  lines?: boolean
}>()
const sheet = useSheet()
const stops = computed(() => sheet.assessment.value?.stops ?? [])
/** so many stand beside the worst one, a line each */
const SHOWN = 3
const every = ref(false)
/** a stop that was not there a moment ago is said at once; those that stood already are not */
const fresh = ref('')
watch(
  () => sheet.assessment.value?.stops.map(s => s.id).join(' '),
  (now, before) => {
    if (now === undefined || before === undefined) return
    const stood = before.split(' ')
    fresh.value = stops.value
      .filter(s => !stood.includes(s.id))
      .map(s => `${s.title}. ${s.reason}`)
      .join(' ')
  },
)
</script>

<template>
  <div>
    <p class="sr" role="alert">{{ fresh }}</p>
    <div v-if="stops.length" class="stops">
      <StopBlock
        v-for="(s, i) in stops"
        v-show="i <= SHOWN || every"
        :key="s.id"
        :stop="s"
        :folded="i > 0 || props.lines"
      />
      <ElButton v-if="stops.length > SHOWN + 1" link class="link" :aria-expanded="every" @click="every = !every">
        {{ every ? 'Fewer' : `${stops.length - SHOWN - 1} more stops` }}
      </ElButton>
    </div>
  </div>
</template>

<style scoped>
.stops .link.el-button.el-button {
  width: 100%;
  background: var(--past-wash);
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .stops {
    max-height: 62vh;
    overflow-y: auto;
  }
}
</style>
