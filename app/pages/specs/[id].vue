<script setup lang="ts">
import dayjs from 'dayjs'
import { ENGINE_CLASSES } from '#core/engine/words'
import { SPEC_GROUPS, SPEC_ITEMS } from '#core/spec/specItems'
import { SPEC_SOURCES } from '#core/spec/specValue'
import { UNITS } from '#core/units/unitTable'

const session = useSessionStore()
definePageMeta({ key: route => route.path })
const {
  shop,
  id,
  view,
  trouble,
  name,
  engineClass,
  figures,
  fill,
  faults,
  message,
  saved,
  two,
  groups,
  of,
  unitsOf,
  thumb,
  conflicts,
  fault,
  choiceFault,
  doubt,
  add,
  touch,
  choose,
  save,
} = useSpecSheet()
useHead({ title: () => view.value?.name ?? 'Spec sheet' })
</script>

<template>
  <div class="page">
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <ElForm v-if="view" :disabled="!session.may('sheets')" @submit.prevent="save">
      <div class="pagehead">
        <div>
          <h1>{{ view.name }}</h1>
          <span class="lab"
            >{{ ENGINE_CLASSES[view.engineClass] }} · judged by it:
            <template v-for="(m, i) in view.machines" :key="m.id"
              ><template v-if="i">, </template><NuxtLink :to="`/machines/${m.id}`">{{ m.name }}</NuxtLink></template
            ><template v-if="!view.machines.length">no machine yet</template></span
          >
        </div>
        <div class="acts">
          <a class="btn" :href="`/api/specs/${id}/export`" download>JSON</a
          ><a class="btn" :href="`/api/specs/${id}/export?as=csv`" download>CSV</a
          ><NuxtLink v-if="session.may('sheets')" class="btn" :to="`/specs/import?sheet=${id}`"
            >Import onto it</NuxtLink
          >
        </div>
      </div>
      <div class="grid2 short">
        <PlainField
          v-model="name"
          label="Engine, as it is called"
          :fault="faults.find(f => f.field === 'name')?.message"
        /><PickField v-model="engineClass" label="Rules of thumb of" :options="ENGINE_CLASSES" />
      </div>
      <section v-for="g in groups" :key="g.group" class="block">
        <div class="item heads">
          <h2>{{ SPEC_GROUPS[g.group] }}</h2>
          <div class="fig lab" aria-hidden="true">
            <span>Figure</span><span>Unit</span><span>Who says so</span><span>Title and page</span><span>Year</span
            ><span />
          </div>
        </div>
        <div v-for="item in g.items" :key="item" class="item">
          <div class="what">
            <b>{{ SPEC_ITEMS[item].label }}</b><span v-if="conflicts.has(item)" class="st near"
              ><StateMark mark="near" bare /> sources disagree</span
            ><span v-else-if="!of(item).length && thumb(item)" class="lab">rule of thumb {{ thumb(item) }}</span>
          </div>
          <div class="figs">
            <div v-for="{ f, i } in of(item)" :key="i" class="fig">
              <PlainField
                v-model="f.value"
                :label="`${SPEC_ITEMS[item].label}`"
                inputmode="decimal"
                :fault="fault(i)"
                @update:model-value="touch(f)"
              />
              <PickField v-model="f.unit" label="Unit" :options="unitsOf(item)" @update:model-value="touch(f)" />
              <PickField
                v-model="f.source"
                label="Who says so"
                :options="SPEC_SOURCES"
                @update:model-value="touch(f)"
              />
              <PlainField v-model="f.note" label="Title and page" />
              <PlainField v-model="f.year" label="Year" inputmode="numeric" />
              <div class="state">
                <ElCheckbox
                  :model-value="f.checkedBy !== null"
                  @change="checked => (f.checkedBy = checked ? (shop.person?.name ?? 'checked') : null)"
                  >{{ f.checkedBy ? `Checked, ${f.checkedBy}` : 'Checked against it' }}</ElCheckbox
                >
                <ElCheckbox v-if="of(item).length > 1" :model-value="f.chosen" @change="choose(f)"
                  >Use this one</ElCheckbox
                >
                <ElButton v-if="session.may('sheets')" link class="link" @click="figures.splice(i, 1)">
                  Take out<span class="sr"> {{ SPEC_ITEMS[item].label }} {{ f.value }}</span>
                </ElButton>
              </div>
              <PlainField
                v-if="f.chosen && of(item).length > 1"
                v-model="f.chosenWhy"
                label="Why this one"
                class="wide"
                :fault="choiceFault(i)"
              />
              <p v-if="doubt(f)" class="note near wide" role="status">
                {{ doubt(f)!.message }}
                <ElButton link v-if="doubt(f)!.suggestion" class="link" @click="f.unit = doubt(f)!.suggestion!.unit">
                  Yes, {{ UNITS[doubt(f)!.suggestion!.unit]?.label }}
                </ElButton>
              </p>
            </div>
            <ElButton v-if="session.may('sheets')" link class="link addfig" @click="add(item)">
              {{ of(item).length ? 'Another source says' : 'Add a figure'
              }}<span class="sr"> for {{ SPEC_ITEMS[item].label }}</span>
            </ElButton>
          </div>
        </div>
      </section>
      <section v-if="!two" class="block">
        <h2>Fill table</h2>
        <FillTableEditor v-model="fill" :fault="faults.find(f => f.field.startsWith('fill'))?.message ?? ''" />
      </section>
      <p v-if="message" class="bar" role="alert">{{ message }}</p>
      <div class="acts foot">
        <ElButton v-if="session.may('sheets')" type="primary" native-type="submit">Keep the sheet</ElButton
        ><span v-if="saved" class="st good" role="status"
          >● Kept. Every job on these machines is judged by it from now on.</span
        >
      </div>
      <FoldedPart v-if="view.changes.length" class="past">
        <template #title
          ><span class="lab">Changed {{ view.changes.length }} times</span></template
        >
        <ul>
          <li v-for="c in view.changes" :key="c.at" class="lab">
            {{ dayjs(c.at).format('D MMM YYYY, HH:mm') }} {{ c.by ? shop.nameOf(c.by) : '' }}
          </li>
        </ul>
      </FoldedPart>
    </ElForm>
  </div>
</template>

<style scoped>
.short {
  max-width: 720px;
  margin-bottom: 10px;
}
.item {
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr);
  gap: 4px 18px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
  align-items: start;
}
.what {
  display: grid;
  gap: 2px;
  padding-top: 8px;
}
.what b {
  font-weight: 500;
}
.figs {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.fig {
  display: grid;
  grid-template-columns: 120px 100px 170px minmax(110px, 1fr) 76px minmax(210px, auto);
  gap: 6px 8px;
  align-items: center;
  width: 100%;
}
@media (min-width: 1261px) {
  .fig :deep(.field > label) {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}
.heads {
  border: 0;
  padding: 0;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
.state {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: center;
}
.state .link {
  justify-self: start;
  padding: 0;
}
.addfig {
  min-height: 44px;
  padding: 0;
}
.fig + .addfig {
  min-height: 34px;
  margin-top: -6px;
}
.foot {
  margin-top: 14px;
}
.past {
  margin-top: 16px;
}
@media (max-width: 1260px) {
  .heads .fig {
    display: none;
  }
  .fig {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 640px) {
  .item {
    grid-template-columns: minmax(0, 1fr);
  }
  .fig {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
