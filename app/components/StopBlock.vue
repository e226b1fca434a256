<script setup lang="ts">
import dayjs from 'dayjs'
import { signerRefusal } from '#core/entries/signers'
import type { Stop } from '#core/judgement'

/** What must not be done, why, what ends it; and, where that can be answered for, the name of who takes it on. */
const props = defineProps<{ stop: Stop; folded?: boolean }>()
/** one line, until it is touched */
const open = ref(false)
const short = computed(() => props.folded === true && !open.value)
const sheet = useSheet()
const shop = useShopStore()
const session = useSessionStore()
/** who may: the gate that the server asks too */
const maySign = computed(
  () =>
    session.person !== undefined && session.mayLog('sign_off') && signerRefusal(session.person, shop.policy) === null,
)
const asking = ref(false)
const reason = ref('')
const message = ref('')
async function sign(): Promise<void> {
  const outcome = await sheet.log({
    kind: 'sign_off',
    how: null,
    body: { stopId: props.stop.id, reason: reason.value },
  })
  message.value = outcome.ok ? '' : (outcome.faults[0]?.message ?? outcome.message)
  if (outcome.ok) asking.value = false
}
</script>

<template>
  <div class="stop" :class="{ signed: stop.signed, folded: short }">
    <h2>
      <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
        <circle cx="10" cy="10" r="8.6" fill="none" stroke="currentColor" stroke-width="2" />
        <path d="M5 10h10" stroke="currentColor" stroke-width="2.6" /></svg
      ><span>{{ stop.title }}</span>
      <ElButton v-if="folded" link class="link why" :aria-expanded="open" @click="open = !open">
        {{ open ? 'Less' : 'Why' }}<span class="sr">: {{ stop.title }}</span>
      </ElButton>
    </h2>
    <div v-show="!short">
      <p>{{ stop.reason }}</p>
      <p class="clear">Cleared by: {{ stop.clearedBy }}</p>
      <p v-if="stop.signed" class="clear">
        Taken on by {{ shop.nameOf(stop.signed.by) }}, {{ dayjs(stop.signed.at).format('D MMM HH:mm') }}:
        {{ stop.signed.reason }}
      </p>
      <p v-else-if="stop.canSign && !maySign" class="clear">A senior of the shop may take this on.</p>
      <template v-else-if="stop.canSign">
        <ElButton v-if="!asking" link class="link" @click="asking = true">I take this on</ElButton>
        <form v-else @submit.prevent="sign">
          <label :for="`why-${stop.id}`">Why it can be answered for, as {{ shop.person?.name ?? 'nobody yet' }}</label
          ><ElInput :id="`why-${stop.id}`" v-model="reason" /><span class="acts"
            ><ElButton native-type="submit">Sign</ElButton><ElButton @click="asking = false">Leave it</ElButton></span
          >
          <p v-if="message">{{ message }}</p>
        </form>
      </template>
      <p v-else class="clear">Nobody can sign this away.</p>
    </div>
  </div>
</template>

<style scoped>
.stop {
  background: var(--stop);
  color: #fff;
  padding: 11px 16px;
  border-bottom: 1px solid #ffffff55;
}
h2 {
  font-size: 19px;
  display: flex;
  gap: 8px;
  align-items: center;
}
p {
  font-size: 14px;
  line-height: 1.35;
  margin-top: 3px;
}
.clear {
  font: 500 14px/1.3 var(--label);
  letter-spacing: 0.02em;
}
.signed {
  background: var(--past-wash);
  color: var(--past);
  border-left: 4px solid var(--past);
}
.el-button.el-button.link {
  color: inherit;
  padding-left: 0;
  min-height: 44px;
}
form {
  display: grid;
  gap: 6px;
  margin-top: 6px;
}
label {
  font-size: 14px;
}
.folded {
  padding-block: 0;
}
.folded h2 {
  min-height: 44px;
  font-size: 17px;
}
.why {
  margin-left: auto;
}
.el-button.el-button {
  color: var(--ink);
}
</style>
