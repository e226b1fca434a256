<script setup lang="ts">
import { ulid } from 'ulid'
import { ENGINE_CLASSES } from '#core/engine/words'
import type { EngineClass } from '#core/engine/words'
import { SPEC_ITEMS, SPEC_ITEM_NAMES } from '#core/spec/specItems'
import type { ImportReport, SheetLine } from '#shared/types/records'

/** A sheet from a file: first what it would change, then the change. */
useHead({ title: 'Import a sheet' })
const shop = useShopStore()
const route = useRoute()
const sheets = ref<SheetLine[]>([])
const to = ref(typeof route.query.sheet === 'string' ? route.query.sheet : '')
const name = ref('')
const engineClass = ref<EngineClass>('S4')
const file = ref<{ name: string; text: string; as: 'csv' | 'json' } | null>(null)
const report = ref<ImportReport | null>(null)
const message = ref('')
onMounted(async () => {
  sheets.value = await read<SheetLine[]>('/api/specs').catch(() => [])
})
const targets = computed(() => Object.fromEntries(sheets.value.map(s => [s.id, s.name])))

async function choose([picked]: File[]): Promise<void> {
  if (!picked) return
  const text = await picked.text()
  file.value = {
    name: picked.name,
    text,
    as: /\.json$/i.test(picked.name) || text.trimStart().startsWith('{') ? 'json' : 'csv',
  }
  name.value ||= picked.name.replace(/\.\w+$/, '')
  await run(false)
}
/** sent again after a lost answer it is the same import */
let importId = ulid()
async function run(apply: boolean): Promise<void> {
  if (!file.value) return
  if (!shop.person) {
    message.value = 'Say who is at the bench first, at the top right.'
    return
  }
  const outcome = await send<ImportReport>('/api/specs/import', 'POST', {
    as: file.value.as,
    text: file.value.text,
    sheetId: to.value || null,
    name: to.value ? null : name.value || null,
    engineClass: to.value ? null : engineClass.value,
    apply,
    version: apply ? report.value?.version : null,
    id: apply ? importId : null,
    by: shop.person.id,
  })
  if (outcome.ok || outcome.status !== 0) importId = ulid()
  message.value = outcome.ok ? '' : [outcome.message, ...outcome.faults.map(f => f.message)].join(' ')
  report.value = outcome.ok ? outcome.value : null
}
watch([to, engineClass], () => {
  void run(false)
})
const example = `item,value,unit,source,year,checked_by,chosen,note\noil_capacity,550,mL,maker,2019,,,"owner's book, page 12"\ncompression_limit,95,psi,book,1998,Mira,,workshop book`
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <h1>Import a sheet</h1>
      <NuxtLink to="/specs">All sheets</NuxtLink>
    </div>
    <div class="grid3 top">
      <PickField v-model="to" label="Onto" :options="targets" empty="a new sheet" />
      <template v-if="!to"
        ><PlainField v-model="name" label="Name of the new sheet" @change="run(false)" /><PickField
          v-model="engineClass"
          label="Class of engine"
          :options="ENGINE_CLASSES"
      /></template>
    </div>
    <div class="acts">
      <FilePick accept=".csv,.json,text/csv,application/json" @pick="choose">Choose a CSV or JSON file</FilePick
      ><span v-if="file" class="lab">{{ file.name }}</span>
    </div>
    <p v-if="message" class="bar gap" role="alert">{{ message }}</p>
    <section v-if="report" class="block gap" aria-live="polite">
      <h2>{{ report.applied ? 'Done' : 'What it would do' }}</h2>
      <template v-if="report.lines.length"
        ><p class="fault">Nothing is changed while a line is wrong.</p>
        <ul>
          <li v-for="(l, i) in report.lines" :key="i">
            <span class="lab">{{ l.line ? `line ${l.line}` : 'whole file' }}</span> {{ l.message }}
          </li>
        </ul></template
      >
      <p v-if="report.added.length">
        <b>{{ report.added.length }} figures {{ report.applied ? 'added' : 'to add' }}</b>
      </p>
      <ul>
        <li v-for="a in report.added" :key="a">{{ a }}</li>
      </ul>
      <p v-if="report.same" class="note">{{ report.same }} known already, left as they are.</p>
      <p v-if="report.conflicts.length" class="st near">
        <StateMark mark="near" bare /> Sources disagree afterwards, both kept: {{ report.conflicts.join(', ') }}
      </p>
      <ul v-if="report.doubts.length">
        <li v-for="d in report.doubts" :key="d" class="near">{{ d }}</li>
      </ul>
      <div class="acts gap">
        <ElButton
          type="primary"
          v-if="!report.applied && !report.lines.length && report.added.length"
          @click="run(true)"
        >
          Put them on the sheet</ElButton
        ><NuxtLink v-if="report.applied" class="btn go" :to="`/specs/${report.sheetId}`">Open the sheet</NuxtLink>
      </div>
    </section>
    <FoldedPart class="gap">
      <template #title><span class="lab">What a file looks like</span></template>
      <pre>{{ example }}</pre>
      <p class="note">
        Items:
        <span v-for="(item, i) in SPEC_ITEM_NAMES" :key="item"
          ><template v-if="i">; </template>{{ item }} ({{ SPEC_ITEMS[item].label.toLowerCase() }})</span
        >. JSON: <a href="/api/schemas/spec-sheet">published schema</a>.
      </p>
    </FoldedPart>
  </div>
</template>

<style scoped>
.top {
  max-width: 900px;
  margin-bottom: 14px;
}
.gap {
  margin-top: 12px;
}
pre {
  overflow-x: auto;
  background: var(--sheet-2);
  padding: 10px;
}
li {
  padding: 2px 0;
}
</style>
