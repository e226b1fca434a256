<script setup lang="ts" generic="T extends string">
/** One answer out of a few, each a touch target; touching the chosen one again takes it back where that is allowed. */
const props = defineProps<{
  label: string
  options: Partial<Record<T, string>>
  swatches?: Partial<Record<T, string>>
  fault?: string
  hideLabel?: boolean
  needed?: boolean
  /** only these stand side by side, the others in a list behind them */
  first?: readonly T[]
}>()
const model = defineModel<T | null>({ required: true })
const id = useId()
const all = computed(() => Object.entries(props.options) as [T, string][])
/** those that stand side by side: all, or what is chosen and what comes first */
const beside = computed(() => {
  const { first } = props
  const shown = first && [...(model.value ? [model.value] : []), ...first].slice(0, Math.max(3, first.length))
  return (key: T): boolean => shown?.includes(key) ?? true
})
const entries = computed(() => all.value.filter(([key]) => beside.value(key)))
const others = computed(() => all.value.filter(([key]) => !beside.value(key)))
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
        :class="{ on: model === value, tall: swatches }"
        @update:model-value="model = value"
        @click.capture="press($event, value)"
      >
        <i v-if="swatches?.[value]" class="sw" :style="{ background: swatches[value] }" aria-hidden="true" />
        <svg v-if="model === value" width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
          <path d="m1.5 6 3 3.5 6-7" fill="none" stroke="currentColor" stroke-width="2" />
        </svg>
        {{ word }}
      </ElRadio>
      <LazyPickList
        v-if="others.length"
        :model-value="undefined"
        class="others"
        :aria-label="`${label}: ${others.length} more`"
        :placeholder="entries.length ? `${others.length} more` : 'choose'"
        :options="others"
        @change="(v: T) => (model = v)"
      />
    </div>
    <p v-if="fault" :id="`${id}-fault`" class="fault">{{ fault }}</p>
  </fieldset>
</template>

<style scoped>
.chips {
  display: grid;
  grid-template-columns: var(--label-width, 92px) minmax(0, 1fr);
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
.others {
  width: 140px;
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
/* the colour over its word: five of them fit side by side */
.tall {
  padding: 0 5px;
}
.tall :deep(.el-radio__label.el-radio__label) {
  flex-direction: column;
  gap: 1px;
}
.tall .sw {
  width: 26px;
  height: 13px;
  border-radius: 6px;
}
.tall svg {
  position: absolute;
  right: 1px;
  top: 2px;
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
