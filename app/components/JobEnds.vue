<script setup lang="ts">
import { More } from '@element-plus/icons-vue'
import type { WaitingBody } from '#core/entries/waiting/schema'
import { keptOf } from '#core/entries/kept'
import { WAITING_FOR } from '#core/words/deciding'

/** Who has the next move of this job, and what is seldom done with it. */
defineProps<{ counts: boolean }>()
const sheet = useSheet()
const job = computed(() => sheet.job.value)
const typing = ref(false)
const calling = ref(false)
/** where the head has no room for it, who has the next move is said in a dialog */
const waiting = ref(false)
const changing = useState('changing-person', () => false)
function waitsNow(to: WaitingBody['for'] | null): void {
  if (to) void wait(to)
  waiting.value = false
}
async function wait(to: WaitingBody['for']): Promise<void> {
  const said = keptOf(sheet.inForce.value).waiting.at(-1)
  const outcome = await sheet.log({
    kind: 'waiting',
    how: null,
    body: { for: to, what: null },
    supersedes: said?.id ?? null,
  })
  sheet.trouble.value = outcome.ok ? '' : outcome.message
}
const print = (): unknown => window.open(`/api/jobs/${job.value.id}/tag.pdf`, '_blank')
</script>

<template>
  <PickList
    :model-value="sheet.assessment.value?.waiting?.for ?? 'nobody'"
    aria-label="Waiting for"
    class="waits"
    :options="Object.entries(WAITING_FOR)"
    @change="(to: WaitingBody['for']) => wait(to)"
    ><template #prefix><span class="lab">Waiting for</span></template></PickList
  >
  <ElDropdown trigger="click" placement="bottom-end">
    <ElButton class="more" aria-label="More of this job"><More width="20" height="20" aria-hidden="true" /></ElButton>
    <template #dropdown
      ><ElDropdownMenu
        ><ElDropdownItem v-if="counts" @click="typing = true">Type time or money</ElDropdownItem
        ><ElDropdownItem v-if="counts" @click="calling = true">Call the owner</ElDropdownItem
        ><ElDropdownItem @click="print">Print the tag</ElDropdownItem
        ><ElDropdownItem class="small" @click="waiting = true">Waiting for…</ElDropdownItem
        ><ElDropdownItem class="small" @click="changing = true">Who is at the bench</ElDropdownItem></ElDropdownMenu
      ></template
    >
  </ElDropdown>
  <ElDialog v-if="waiting" v-model="waiting" title="Waiting for" width="420px">
    <ChipGroup
      :model-value="sheet.assessment.value?.waiting?.for ?? 'nobody'"
      label="Waiting for"
      hide-label
      needed
      :options="WAITING_FOR"
      @update:model-value="waitsNow"
    />
  </ElDialog>
  <SpendTyped v-if="typing" v-model="typing" />
  <ElDialog v-if="calling" v-model="calling" title="Call the owner" width="720px">
    <FindingForm name="owner_call" @logged="calling = false" />
  </ElDialog>
</template>

<style scoped>
.waits {
  width: 198px;
}
.waits .lab {
  margin-right: 4px;
}
.more.el-button.el-button {
  padding: 0;
  width: 44px;
  justify-content: center;
}
@media (max-width: 700px) {
  .waits {
    display: none;
  }
}
</style>
