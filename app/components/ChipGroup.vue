<script setup lang="ts" generic="T extends string">
/** One answer out of a few, each a touch target; touching the chosen one again takes it back where that is allowed. */
const props = defineProps<{
  label: string
  options: Partial<Record<T, string>>
  swatches?: Partial<Record<T, string>>
  fault?: string
  hideLabel?: boolean
  needed?: boolean
}>()
const model = defineModel<T | null>({ required: true })
const id = useId()
const entries = computed(() => Object.entries(props.options) as [T, string][])
/** the answer itself is heard on its way down: the component lets it rise no further */
function press({ target }: Event, value: T): void {
  if (!props.needed && target instanceof HTMLInputElement && model.value === value) model.value = null
}
</script>

<template>
  <fieldset class="chips" :aria-describedby="fault ? `${id}-fault` : undefined">
    <legend class="lab" :class="{ sr: hideLabel }">{{ label }}</legend>
    <div class="opts">
      <ElRadio
        v-for="[value, word] in entries"
        :key="value"
        :model-value="model ?? undefined"
        :value="value"
        :name="id"
        class="chip"
        :class="{ on: model === value }"
        @update:model-value="model = value"
        @click.capture="press($event, value)"
      >
        <i v-if="swatches?.[value]" class="sw" :style="{ background: swatches[value] }" aria-hidden="true" />
        <svg v-if="model === value" width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
          <path d="m1.5 6 3 3.5 6-7" fill="none" stroke="currentColor" stroke-width="2" />
        </svg>
        {{ word }}
      </ElRadio>
    </div>
    <p v-if="fault" :id="`${id}-fault`" class="fault">{{ fault }}</p>
  </fieldset>
</template>

<style scoped>
.chips {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  align-items: center;
  gap: 4px 8px;
}
.chips legend {
  float: left;
  padding: 0;
  grid-column: 1;
}
.opts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  grid-column: 2;
}
.chips:has(legend.sr) {
  grid-template-columns: minmax(0, 1fr);
}
.chips:has(legend.sr) .opts {
  grid-column: 1;
}
.fault {
  grid-column: 1 / -1;
}
.sw {
  width: 17px;
  height: 17px;
  border-radius: 50%;
  border: 1px solid #0005;
}
@media (max-width: 640px) {
  .chips {
    grid-template-columns: minmax(0, 1fr);
  }
  .opts {
    grid-column: 1;
  }
  .chips legend {
    grid-column: 1;
  }
}
</style>
