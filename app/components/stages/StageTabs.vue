<script setup lang="ts">
import { oilMapOf } from '#core/condition/oilMap'
import { ROLES } from '#core/people/roles'
import type { Mark } from '#core/judgement'
import type { Stage } from '#core/log/words'
import { STAGES } from '#core/log/words'
import type { FormName } from '~/composables/useJobSheet'

/** A stage with its checks in a list, and one of them in hand. Narrow down has what it looks like in the place of the list. */
const props = defineProps<{ stage: Stage }>()
const sheet = useSheet()
const session = useSessionStore()
const shown = computed(() => ROLES[session.person?.role ?? 'bench'].label.toLowerCase())
const { tabs, inHand, entryForm, marks: marked, done, pickPart } = useJobTabs(sheet)
const marks = computed((): Partial<Record<string, Mark>> => marked.value)
const { lead } = useNextMoves()
const narrow = computed(() => props.stage === 'narrow_down')
/** opened up, the parts need the room: the forms stand in a row above */
const row = computed(() => props.stage === 'open_up')
const map = computed(() => oilMapOf(sheet.inForce.value, sheet.job.value.facts))
/** the form that the next look is logged with, where it stands in this stage */
const next = computed(() => {
  const form = lead.value?.check ? (lead.value.check.form ?? 'check') : lead.value?.look?.form
  return tabs.value.find(t => t.form === form)?.form ?? null
})
</script>

<template>
  <div class="tabbed" :class="{ narrow, row }">
    <ElTabs
      v-if="row"
      class="rowtabs looks"
      :model-value="inHand ?? ''"
      :aria-label="STAGES[props.stage]"
      @update:model-value="form => sheet.open(props.stage, form as FormName)"
    >
      <ElTabPane v-for="t in tabs" :key="t.form" :name="t.form"
        ><template #label
          ><span class="tab"
            >{{ t.label }} <StateMark v-if="marks[t.form]" :mark="marks[t.form]!" bare /></span></template
      ></ElTabPane>
    </ElTabs>
    <div v-else class="aside">
      <NarrowDown v-if="narrow" />
      <CheckList
        v-else
        :label="STAGES[props.stage]"
        :tabs="tabs"
        :on="inHand"
        :marks="marks"
        :done="done"
        :next="next"
        @pick="form => sheet.open(props.stage, form)"
      />
      <slot name="list" />
    </div>
    <div class="one">
      <CheckList
        v-if="narrow"
        class="which"
        :label="STAGES[props.stage]"
        :tabs="tabs"
        :on="inHand"
        :marks="marks"
        :done="done"
        :next="next"
        short
        @pick="form => sheet.open(props.stage, form)"
      />
      <EntryForm
        v-if="entryForm"
        :key="entryForm"
        :form="entryForm"
        :title="entryForm === 'part' ? undefined : tabs.find(t => t.form === inHand)?.label"
        class="inhand"
        ><slot /><slot v-if="row" name="list"
      /></EntryForm>
      <template v-else-if="inHand"
        ><LazyOilMap v-if="map" :map="map" @pick="pickPart" />
        <p v-else class="note">
          Say on the machine's page how this engine is oiled: the map is drawn from that.
        </p></template
      >
      <p v-else class="note">Nothing of this stage is logged by the {{ shown }}.</p>
    </div>
  </div>
</template>

<style scoped>
.tabbed {
  display: grid;
  grid-template-columns: 224px minmax(0, 1fr);
  min-height: 100%;
}
.narrow {
  grid-template-columns: minmax(300px, 352px) minmax(0, 1fr);
}
.row {
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto minmax(0, 1fr);
}
.rowtabs :deep(.el-tabs__header) {
  margin: 0;
}
.rowtabs :deep(.el-tabs__content) {
  display: none;
}
.rowtabs :deep(.el-tabs__nav-wrap:not(.is-scrollable)) {
  padding: 0 12px;
}
.rowtabs :deep(.el-tabs__item.el-tabs__item) {
  padding: 0 11px;
}
.tab {
  display: inline-flex;
  gap: 5px;
  align-items: baseline;
}
.aside {
  background: var(--sheet-2);
  border-right: 1px solid var(--rule-2);
  min-width: 0;
}
.one {
  --label-width: 62px;
  padding: 12px 18px 0;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.which {
  width: 250px;
  align-self: flex-end;
  margin-bottom: -40px;
  z-index: 1;
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .tabbed {
    height: 100%;
    min-height: 0;
    grid-template-rows: minmax(0, 1fr);
  }
  .row {
    grid-template-rows: auto minmax(0, 1fr);
  }
  .aside,
  .one {
    overflow-y: auto;
  }
  .one:has(.inhand) {
    overflow: hidden;
  }
  .inhand {
    flex: 1;
    min-height: 0;
  }
  .inhand > :deep(.scroll) {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
    padding: 2px 2px 12px;
    margin: 0 -2px;
  }
}
@media (max-width: 1000px) {
  .narrow {
    grid-template-columns: minmax(0, 1fr);
  }
  .narrow .aside {
    border-right: 0;
    border-bottom: 1px solid var(--rule-2);
  }
}
@media (max-width: 700px) {
  .tabbed:not(.row) {
    display: flex;
    flex-direction: column;
  }
  .tabbed:not(.narrow, .row) .aside {
    display: contents;
  }
  .aside > :deep(.checks) {
    margin: 8px 14px 0;
  }
  .aside > :deep(.marks) {
    order: 2;
  }
  .aside {
    border-right: 0;
    padding: 8px 14px 0;
    background: none;
  }
  .which {
    width: 100%;
    margin-bottom: 6px;
  }
}
</style>
