<script setup lang="ts">
import type { Mark } from '#core/judgement'
import type { FormName } from '~/composables/useJobSheet'

/** The forms of a stage in a list: what comes next, what nobody looked at, and what was, each with its mark. On a telephone one line to choose from. */
const props = defineProps<{
  label: string
  tabs: { form: FormName; label: string }[]
  on: FormName | null | undefined
  marks: Partial<Record<string, Mark>>
  /** forms that something is logged with */
  done: ReadonlySet<string>
  next: FormName | null
  /** always one line */
  short?: boolean
}>()
const emit = defineEmits<{ pick: [form: FormName] }>()
const groups = computed(() => {
  const left = props.tabs.filter(t => t.form !== props.next)
  const open = left.filter(t => !props.done.has(t.form))
  const looked = left.filter(t => props.done.has(t.form))
  return [
    { title: 'Next', tabs: props.tabs.filter(t => t.form === props.next) },
    { title: `Not looked at, ${open.length}`, tabs: open },
    { title: `Looked at, ${looked.length}`, tabs: looked },
  ].filter(g => g.tabs.length)
})
const place = computed(() => props.tabs.findIndex(t => t.form === props.on) + 1)
</script>

<template>
  <nav class="checks" :class="{ short }" :aria-label="label">
    <div class="rows looks" role="group" :aria-label="label">
      <template v-for="g in groups" :key="g.title">
        <p class="lab">{{ g.title }}</p>
        <ElButton
          v-for="t in g.tabs"
          :key="t.form"
          class="pickrow"
          :class="{ on: on === t.form }"
          :aria-pressed="on === t.form"
          @click="emit('pick', t.form)"
        >
          <span class="name">{{ t.label }}</span>
          <StateMark v-if="marks[t.form]" :mark="marks[t.form]!" />
        </ElButton>
      </template>
    </div>
    <LazyPickList
      :model-value="on ?? undefined"
      :options="tabs.map(t => [t.form, t.label] as const)"
      class="one"
      :aria-label="`Check of ${label.toLowerCase()}`"
      @change="(form: FormName) => emit('pick', form)"
    >
      <template #prefix
        ><span class="lab">Check {{ place }} of {{ tabs.length }}</span></template
      >
      <template #option="{ value, label: word }"
        ><span class="opt"
          >{{ word }} <StateMark v-if="marks[value]" :mark="marks[value]!" /><span
            v-else-if="value === next"
            class="lab"
            >next</span
          ></span
        ></template
      >
    </LazyPickList>
  </nav>
</template>

<style scoped>
.rows {
  display: grid;
}
.rows .lab {
  padding: 8px 12px 3px 16px;
}
.pickrow :deep(.st) {
  font-size: 14px;
  white-space: nowrap;
}
.one {
  display: none;
}
.one .lab {
  margin-right: 4px;
}
.opt {
  display: flex;
  justify-content: space-between;
  gap: 16px;
}
.short .rows {
  display: none;
}
.short .one {
  display: block;
}
@media (max-width: 700px) {
  .rows {
    display: none;
  }
  .one {
    display: block;
  }
}
</style>
