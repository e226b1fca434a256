<script setup lang="ts">
import type { Stop } from '#core/judgement'

/** Where the verdict stands under the work: the worst stop and how many there are, always in view. */
const props = defineProps<{ stops: Stop[] }>()
const emit = defineEmits<{ show: [] }>()
const worst = computed(() => props.stops[0])
const more = computed(() => props.stops.length - 1)
</script>

<template>
  <div v-if="worst" class="stopline" :class="{ signed: worst.signed }">
    <p>
      <b>{{ worst.title }}</b> {{ worst.reason }}
    </p>
    <ElButton @click="emit('show')">{{ more > 0 ? `and ${more} more` : 'Cleared by' }}</ElButton>
  </div>
</template>

<style scoped>
.stopline {
  display: none;
}
@media (max-width: 1000px), (max-height: 559px) {
  .stopline {
    display: flex;
    gap: 12px;
    align-items: center;
    justify-content: space-between;
    position: sticky;
    top: 0;
    z-index: 5;
    padding: 6px 14px;
    background: var(--past);
    color: #fff;
    font-size: 14px;
    line-height: 1.3;
  }
  .stopline p {
    display: -webkit-box;
    -webkit-line-clamp: 3;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  .stopline b {
    display: block;
    font: 600 17px/1.2 var(--label);
  }
  .stopline .el-button.el-button {
    flex: none;
  }
  .signed {
    background: var(--past-wash);
    color: var(--past);
  }
}
</style>
