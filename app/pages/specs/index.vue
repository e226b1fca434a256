<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { ulid } from 'ulid'
import dayjs from 'dayjs'
import { ENGINE_CLASSES } from '#core/engine/words'
import type { EngineClass } from '#core/engine/words'
import type { SheetLine } from '#shared/types/records'

/** Every sheet: what an engine should be, and how far its figures can be trusted. */
const session = useSessionStore()
useHead({ title: 'Specs' })
const shop = useShopStore()
const router = useRouter()
const sheets = ref<SheetLine[] | null>(null)
const trouble = ref('')
const sought = ref('')
async function load(last?: SheetLine): Promise<void> {
  const asked = new URLSearchParams({ find: sought.value.trim(), after: last?.name ?? '', afterId: last?.id ?? '' })
  try {
    const page = await read<SheetLine[]>(`/api/specs?${asked}`)
    sheets.value = last ? [...(sheets.value ?? []), ...page] : page
    more.value = page.length >= 200
  } catch (error) {
    trouble.value = (error as Error).message
    sheets.value ??= []
  }
}
onMounted(() => load())
watchDebounced(sought, () => load(), { debounce: 150 })
/** a page of those further down the alphabet may follow */
const more = ref(false)
const shown = computed(() => sheets.value ?? [])
const fresh = reactive({ id: ulid(), open: false, name: '', engineClass: 'S4' as EngineClass, message: '' })
async function add(): Promise<void> {
  const outcome = await send<{ id: string }>('/api/specs', 'POST', {
    id: fresh.id,
    name: fresh.name,
    engineClass: fresh.engineClass,
    values: [],
    fill: null,
    by: shop.person?.id ?? '',
  })
  fresh.message = outcome.ok ? '' : shop.person ? outcome.message : 'Say who is at the bench first, at the top right.'
  if (!outcome.ok && outcome.status !== 0) fresh.id = ulid()
  if (outcome.ok) await router.push(`/specs/${outcome.value.id}`)
}
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <h1>Spec sheets</h1>
      <span class="lab"
        >What an engine should be, and who says so. Nothing here is ever overwritten: figures that disagree stand side
        by side.</span
      >
    </div>
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <div class="acts bar2">
      <PlainField v-model="sought" label="Find a sheet" type="search" class="find" /><ElButton
        v-if="session.may('sheets')"
        :aria-expanded="fresh.open"
        @click="fresh.open = !fresh.open"
      >
        New sheet</ElButton
      ><NuxtLink v-if="session.may('sheets')" class="btn" to="/specs/import">Import a file</NuxtLink>
    </div>
    <form v-if="fresh.open" class="grid3 new" @submit.prevent="add">
      <PlainField v-model="fresh.name" label="Engine, as it is called" :fault="fresh.message" /><PickField
        v-model="fresh.engineClass"
        label="Class of engine"
        :options="ENGINE_CLASSES"
      /><ElButton type="primary" native-type="submit">Start the sheet</ElButton>
    </form>
    <ul class="list">
      <li v-for="s in shown" :key="s.id">
        <NuxtLink :to="`/specs/${s.id}`"
          ><b>{{ s.name }}</b> <span class="lab">{{ ENGINE_CLASSES[s.engineClass] }}</span></NuxtLink
        >
        <span
          >{{ s.figures ? `${s.figures} figures` : 'rules of thumb only'
          }}<template v-if="s.fillTable">, fill table</template></span
        >
        <span
          ><span v-if="s.conflicts" class="st near"><StateMark mark="near" bare /> {{ s.conflicts }} disagree</span
          ><span v-else-if="s.figures && s.unchecked" class="lab">{{ s.unchecked }} not checked</span
          ><span v-else-if="s.figures" class="st good"><StateMark mark="good" bare /> checked</span></span
        >
        <span class="lab"
          >{{ s.machines }} machine{{ s.machines === 1 ? '' : 's' }} ·
          {{ dayjs(s.updatedAt).format('D MMM YYYY') }}</span
        >
      </li>
    </ul>
    <ElButton v-if="more" @click="load(shown.at(-1))">Further ones</ElButton>
    <p v-if="sheets && !shown.length" class="note">No sheet is called that.</p>
  </div>
</template>

<style scoped>
.bar2 {
  align-items: end;
  margin-bottom: 10px;
}
.find {
  flex: 0 1 340px;
}
.new {
  align-items: start;
  max-width: 900px;
  margin-bottom: 14px;
}
.new .el-button.el-button {
  margin-top: 21px;
  justify-self: start;
}
.list li {
  display: grid;
  grid-template-columns: minmax(0, 2.2fr) minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 4px 14px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  min-height: 50px;
}
.list a {
  color: var(--ink);
  text-decoration: none;
  padding: 12px 0;
}
.list a:hover b {
  text-decoration: underline;
}
@media (max-width: 640px) {
  .list li {
    grid-template-columns: minmax(0, 1fr) auto;
    padding-bottom: 8px;
  }
}
</style>
