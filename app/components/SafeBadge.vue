<script setup lang="ts">
import dayjs from 'dayjs'

/** At the foot of the stages, once all five are ticked: touched, the strip is there again. */
defineProps<{ shown: boolean }>()
const emit = defineEmits<{ show: [] }>()
const shop = useShopStore()
const { last, safe } = useMadeSafe()
</script>

<template>
  <ElButton v-if="safe && last" class="badge" :aria-expanded="shown" @click="emit('show')">
    <span class="in"
      ><b><StateMark mark="good" bare /> Made safe</b
      ><small>all five, {{ dayjs(last.at).format('HH:mm') }} {{ shop.initials(last.by) }}</small></span
    >
  </ElButton>
</template>

<style scoped>
.badge.el-button.el-button {
  padding: 4px 8px;
  min-height: 52px;
}
.in {
  display: grid;
  gap: 1px;
}
b {
  font: 600 14.5px/1.2 var(--label);
  color: var(--good);
}
small {
  font: 500 14px/1.2 var(--label);
  color: var(--ink-2);
}
</style>
