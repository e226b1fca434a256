<script setup lang="ts">
import { DEMO_PIN } from '#shared/demo'

/** Who is at the bench: a name, then its PIN. It lies over whatever is typed, and leaves it as it is. */
const session = useSessionStore()
const shop = useShopStore()
const changing = defineModel<boolean>('changing', { required: true })
const open = computed({
  get: () => changing.value || !session.person,
  set: value => (changing.value = value),
})
const chosen = ref('')
const pin = ref('')
const message = ref('')
const busy = ref(false)
const anew = reactive({ open: false, pin: '', next: '' })
const faults = ref<Fault[]>([])
const said = ref('')
const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''
async function change(): Promise<void> {
  const outcome = await send('/api/session/pin', 'PUT', { pin: anew.pin, next: anew.next })
  faults.value = outcome.ok ? [] : outcome.faults
  said.value = outcome.ok ? 'Your new PIN holds from now on.' : faults.value.length ? '' : outcome.message
  if (outcome.ok) Object.assign(anew, { open: false, pin: '', next: '' })
}
const name = computed(() => session.people.find(p => p.id === chosen.value)?.name ?? '')
const keys = ['1', '2', '3', '4', '5', '6', '7', '8', '9', 'back', '0', 'done'] as const
watch(open, now => {
  if (!now) return
  choose('')
  said.value = ''
  Object.assign(anew, { open: false, pin: '', next: '' })
})
function choose(id: string): void {
  chosen.value = id
  pin.value = ''
  message.value = ''
}
async function come(): Promise<void> {
  if (busy.value || pin.value.length < 4) return
  busy.value = true
  message.value = await session.come(chosen.value, pin.value)
  busy.value = false
  pin.value = ''
  if (message.value) return
  changing.value = false
  choose('')
}
function press(key: (typeof keys)[number]): void {
  if (key === 'back') pin.value = pin.value.slice(0, -1)
  else if (key === 'done') void come()
  else if (pin.value.length < 8) pin.value += key
}
const says = (key: (typeof keys)[number]): string => (key === 'back' ? 'Back' : key === 'done' ? 'Come in' : key)
</script>

<template>
  <ElDialog
    v-model="open"
    :title="name || 'Who is it?'"
    width="420px"
    :show-close="Boolean(session.person)"
    :close-on-click-modal="Boolean(session.person)"
    :close-on-press-escape="Boolean(session.person)"
    class="whoisit"
  >
    <template v-if="!chosen">
      <p v-if="!session.person && shop.loaded" class="note">What was typed is still there, under this.</p>
      <ul>
        <li v-for="p in session.people" :key="p.id">
          <ElButton class="person" :class="{ here: p.id === session.person?.id }" @click="choose(p.id)">
            <i class="initials" aria-hidden="true">{{ p.initials }}</i><span
              >{{ p.name }}<span v-if="!p.hasPin" class="lab"> no PIN yet: ask a keeper</span></span
            >
          </ElButton>
        </li>
      </ul>
      <div v-if="session.person" class="acts go">
        <ElButton @click="session.leave()">Leave the bench</ElButton
        ><ElButton link class="link" :aria-expanded="anew.open" @click="anew.open = !anew.open">Change my PIN</ElButton>
      </div>
      <form v-if="session.person && anew.open" class="anew" @submit.prevent="change">
        <PlainField
          v-model="anew.pin"
          label="PIN now"
          type="password"
          inputmode="numeric"
          :fault="fault('pin')"
        /><PlainField
          v-model="anew.next"
          label="New one, 4 to 8 figures"
          type="password"
          inputmode="numeric"
          :fault="fault('next')"
        />
        <ElButton native-type="submit">Change it</ElButton>
      </form>
      <p v-if="said" class="note" role="status">{{ said }}</p>
    </template>
    <form v-else @submit.prevent="come">
      <ElInput
        v-model="pin"
        type="password"
        inputmode="numeric"
        autocomplete="off"
        maxlength="8"
        :aria-label="`PIN of ${name}`"
        :aria-invalid="Boolean(message)"
        autofocus
      />
      <p class="fault" role="alert">{{ message }}</p>
      <p v-if="session.view?.demo && !message" class="note">In this made-up shop it is {{ DEMO_PIN }}.</p>
      <div class="pad">
        <ElButton
          v-for="key in keys"
          :key="key"
          :type="key === 'done' ? 'primary' : ''"
          :disabled="key === 'done' && pin.length < 4"
          :loading="key === 'done' && busy"
          @click="press(key)"
          >{{ says(key) }}</ElButton
        >
      </div>
      <ElButton link class="link" @click="choose('')">Somebody else</ElButton>
    </form>
  </ElDialog>
</template>

<style scoped>
.person {
  width: 100%;
  justify-content: flex-start;
  margin-bottom: 6px;
  min-height: 52px;
}
.person i {
  margin-right: 12px;
}
.person.here i {
  background: var(--petrol);
}
.pad {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
  margin: 10px 0;
}
.pad :deep(.el-button) {
  min-height: 56px;
  justify-content: center;
  font-size: 19px;
}
.fault:empty {
  display: none;
}
.go {
  margin-top: 8px;
}
.anew {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  margin-top: 10px;
}
.anew .el-button {
  justify-self: start;
}
</style>
