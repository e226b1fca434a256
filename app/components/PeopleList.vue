<script setup lang="ts">
import { ulid } from 'ulid'
import type { Role } from '#core/people/roles'
import { ROLES } from '#core/people/roles'
import type { Person } from '#shared/types/records'

/** The shop's people: role, senior, PIN, here or away. */
const shop = useShopStore()
const blank = () => ({ id: '', name: '', initials: '', role: 'bench' as Role, senior: false, active: true, pin: '' })
const draft = reactive(blank())
const version = ref('')
const open = ref(false)
/** sent again after a lost answer it is the same person */
let newId = ulid()
const faults = ref<Fault[]>([])
const message = ref('')
const busy = ref(false)
const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''
const known = computed(() => draft.id !== '')
const roles = Object.entries(ROLES).map(([value, { label, does }]) => ({ value, label, does }))

function edit(p: Person | null): void {
  Object.assign(draft, blank(), p && { ...p, pin: '' })
  version.value = p?.version ?? ''
  faults.value = []
  message.value = ''
  open.value = true
}
async function keep(): Promise<void> {
  busy.value = true
  const { id, pin, name, initials, role, senior, active } = draft
  const fields = { name, initials, role, senior, active, pin: pin || null }
  const outcome = known.value
    ? await send<Person>(`/api/shop/people/${id}`, 'PUT', { ...fields, version: version.value })
    : await send<Person>('/api/shop/people', 'POST', { ...fields, id: newId })
  busy.value = false
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok) {
    if (outcome.more.version) version.value = outcome.more.version
    else if (!known.value && outcome.status !== 0) newId = ulid()
    return
  }
  newId = ulid()
  open.value = false
  await Promise.all([shop.load(), useSessionStore().look()])
}
</script>

<template>
  <section class="block">
    <h2>People</h2>
    <ul class="people">
      <li v-for="p in shop.people" :key="p.id" :class="{ away: !p.active }">
        <i class="initials" aria-hidden="true">{{ p.initials }}</i>
        <span class="name">{{ p.name }}</span>
        <span class="lab"
          >{{ ROLES[p.role].label }}{{ p.senior ? ', senior' : '' }}{{ p.active ? '' : ', away'
          }}{{ p.hasPin ? '' : ', no PIN yet' }}</span
        >
        <ElButton link class="link" @click="edit(p)"
          >Change<span class="sr"> {{ p.name }}</span></ElButton
        >
      </li>
    </ul>
    <ElButton @click="edit(null)">Add somebody</ElButton>
    <ElDialog v-model="open" :title="known ? draft.name : 'Somebody new'" width="480px">
      <form class="form" @submit.prevent="keep">
        <div class="two">
          <PlainField v-model="draft.name" label="Name" :fault="fault('name')" /><PlainField
            v-model="draft.initials"
            label="Initials"
            maxlength="4"
            :fault="fault('initials')"
          />
        </div>
        <div class="field">
          <label for="role">Works as</label>
          <ElSelect id="role" v-model="draft.role">
            <ElOption v-for="r in roles" :key="r.value" :value="r.value" :label="r.label">
              <b>{{ r.label }}</b> <span class="lab">{{ r.does }}</span>
            </ElOption>
          </ElSelect>
          <p :class="fault('role') ? 'fault' : 'note'">
            {{ fault('role') || `${ROLES[draft.role].label}: ${ROLES[draft.role].does}.` }}
          </p>
        </div>
        <ElCheckbox v-model="draft.senior">Senior: signs what asks for one</ElCheckbox>
        <ElCheckbox v-model="draft.active">Here; somebody away can’t come to the bench</ElCheckbox>
        <p v-if="fault('active')" class="fault">{{ fault('active') }}</p>
        <PlainField
          v-model="draft.pin"
          :label="known ? 'A new PIN, if it was forgotten' : 'First PIN'"
          type="password"
          inputmode="numeric"
          :hint="known ? 'Left empty, it stays as it is.' : '4 to 8 figures; it can be changed at the bench.'"
          :fault="fault('pin')"
        />
        <p v-if="message" class="fault" role="alert">{{ message }}</p>
        <div class="acts">
          <ElButton type="primary" native-type="submit" :loading="busy">Keep</ElButton
          ><ElButton @click="open = false">Leave it</ElButton>
        </div>
      </form>
    </ElDialog>
  </section>
</template>

<style scoped>
.people {
  margin-bottom: 10px;
}
.people li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 46px;
  border-bottom: 1px solid var(--rule);
}
.people .name {
  min-width: 160px;
}
.people li > .el-button {
  margin-left: auto;
}
.away .name {
  color: var(--ink-2);
}
.form {
  display: grid;
  gap: 10px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 12px;
}
.form :deep(.el-checkbox) {
  min-height: 44px;
}
</style>
