<script setup lang="ts">
import type { CheckBody } from '#core/entries/check/schema'
import type { Check } from '#core/catalogue'
import { CHECK_BY_ID, CHECKS, fits } from '#core/catalogue'

interface Draft {
  check: string
  signs: Record<string, 'yes' | 'no'>
  skipped: string
  how: 'by_eye' | 'by_feel' | 'measured'
  note: string
}
/** A check of the catalogue: how it is done, and what it showed. */
const sheet = useSheet()
const facts = computed(() => sheet.job.value.facts)
const open = computed(() => CHECKS.filter(c => c.form === undefined && fits(c.needs, facts.value)))
const form = useEntryForm<'check', Draft>({
  kind: 'check',
  blank: () => ({ check: '', signs: {}, skipped: '', how: 'by_eye', note: '' }),
  how: d => d.how ?? 'by_eye',
  toBody: (d): CheckBody => ({
    check: d.check,
    found: ids(d, 'yes'),
    absent: ids(d, 'no'),
    skipped: d.skipped || null,
    note: d.note || null,
  }),
  fromBody: (b, how) => ({
    how: how === 'measured' || how === 'by_feel' ? how : 'by_eye',
    check: b.check,
    signs: Object.fromEntries([...b.found.map(id => [id, 'yes'] as const), ...b.absent.map(id => [id, 'no'] as const)]),
    skipped: b.skipped ?? '',
    note: b.note ?? '',
  }),
})
const { draft } = form
const HOW = { by_eye: 'Seen or heard', by_feel: 'Felt', measured: 'Measured' } as const
/** a function of its own: a draft that is found again is read while the form is still being made */
function ids(d: Draft, said: 'yes' | 'no'): string[] {
  return Object.entries(d.signs)
    .filter(([, v]) => v === said)
    .map(([id]) => id)
}
const check = computed((): Check | undefined => CHECK_BY_ID.get(draft.value.check))
const names = computed(() => Object.fromEntries(open.value.map(c => [c.id, `${c.name}, ${c.minutes} min`])))
watch(
  sheet.checkId,
  id => {
    if (id && id !== draft.value.check && open.value.some(c => c.id === id))
      Object.assign(draft.value, { check: id, signs: {}, skipped: '' })
  },
  { immediate: true },
)
function pick(id: string): void {
  Object.assign(draft.value, { check: id, signs: {}, skipped: '' })
  sheet.checkId.value = id || null
}
function set(sign: string, said: 'yes' | 'no'): void {
  const signs = { ...draft.value.signs }
  // where only one can be, the others are not
  if (check.value?.oneOf && said === 'yes') for (const s of check.value.shows) signs[s.id] = 'no'
  signs[sign] = said
  draft.value.signs = signs
}
function nothing(): void {
  draft.value.signs = Object.fromEntries(check.value?.shows.map(s => [s.id, 'no' as const]) ?? [])
  void form.submit()
}
</script>

<template>
  <form class="check" @submit.prevent="form.submit()">
    <PickField
      :model-value="draft.check"
      label="Check"
      :options="names"
      empty="choose a check"
      :fault="form.faultOf('check')"
      @update:model-value="pick"
    />
    <template v-if="check">
      <p>{{ check.how }}</p>
      <p class="note">
        {{ check.minutes }} minutes · tools: {{ check.tools
        }}<template v-if="check.before?.length">
          · first: {{ check.before.map(id => CHECK_BY_ID.get(id)?.name).join(', ') }}</template
        >
      </p>
      <p v-if="check.caution" class="caution"><StateMark mark="near" bare /> {{ check.caution }}</p>
      <ul class="signs">
        <li v-for="s in check.shows" :key="s.id" role="group" :aria-label="s.seen">
          <span>{{ s.seen }}</span>
          <span class="yn"
            ><ElButton
              :class="{ on: draft.signs[s.id] === 'yes' }"
              :aria-pressed="draft.signs[s.id] === 'yes'"
              @click="set(s.id, 'yes')"
            >
              Yes</ElButton
            ><ElButton
              :class="{ on: draft.signs[s.id] === 'no' }"
              :aria-pressed="draft.signs[s.id] === 'no'"
              @click="set(s.id, 'no')"
            >
              No
            </ElButton></span
          >
        </li>
      </ul>
      <p v-if="form.faultOf('found')" class="fault">{{ form.faultOf('found') }}</p>
      <ChipGroup v-model="draft.how" label="Got" :options="HOW" needed />
      <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
      <FormFoot
        label="Log the check"
        :busy="form.busy.value"
        :message="form.message.value"
        :correcting="form.correcting.value"
        :touched="form.touched.value"
        @cancel="form.clear()"
        ><ElButton class="dash" @click="nothing">Nothing of it</ElButton></FormFoot
      >
    </template>
  </form>
</template>

<style scoped>
.check {
  display: grid;
  gap: 10px;
  max-width: 760px;
}
.caution {
  color: var(--near);
  font-weight: 500;
}
.signs li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.yn {
  display: inline-flex;
  gap: 6px;
}
.yn .el-button.el-button {
  min-width: 58px;
}
.on {
  border-color: var(--petrol);
  box-shadow: inset 0 0 0 1px var(--petrol);
  background: var(--petrol-wash);
}
</style>
