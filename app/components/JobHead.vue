<script setup lang="ts">
import { ArrowLeft, More } from '@element-plus/icons-vue'
import type { WaitingBody } from '#core/entries/waiting/schema'
import { keptOf } from '#core/entries/kept'
import { WAITING_FOR } from '#core/words/deciding'

/** Which job this is, what its owner said, what is put into it, and who has the next move. */
const sheet = useSheet()
const session = useSessionStore()
const job = computed(() => sheet.job.value)
const complaint = computed(() => keptOf(sheet.inForce.value).complaint.at(-1)?.body.words)
const facts = computed(() =>
  [
    job.value.facts.cycle === 'two' ? 'two-stroke' : 'four-stroke',
    job.value.facts.displacementCc ? `${job.value.facts.displacementCc} cc` : '',
    job.value.machine.meterReading === null
      ? 'running time unknown'
      : `${job.value.machine.meterReading.toLocaleString('en-GB')} ${job.value.machine.meterUnit} ${job.value.machine.meterSource}`,
  ]
    .filter(Boolean)
    .join(' · '),
)
const counts = computed(() => session.mayLog('spend') && !sheet.assessment.value?.closed)
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
  <header class="head">
    <NuxtLink to="/" class="back" aria-label="Back to today"><ArrowLeft width="22" aria-hidden="true" /></NuxtLink>
    <span class="tag">T {{ job.number }}</span>
    <div class="name">
      <h1>{{ job.machine.name }}</h1>
      <p class="lab">
        <NuxtLink :to="`/machines/${job.machine.id}`">{{ job.customer.name }}</NuxtLink> · {{ facts }}
      </p>
    </div>
    <q v-if="complaint" class="words">{{ complaint }}</q>
    <div class="ends">
      <SpendClock v-if="counts" />
      <ElSelect
        :model-value="sheet.assessment.value?.waiting?.for ?? 'nobody'"
        aria-label="Waiting for"
        class="waits"
        @change="(to: WaitingBody['for']) => wait(to)"
        ><template #prefix><span class="lab">Waiting for</span></template>
        <ElOption v-for="(word, k) in WAITING_FOR" :key="k" :value="k" :label="word"
      /></ElSelect>
      <ElDropdown trigger="click" placement="bottom-end">
        <ElButton class="more" aria-label="More of this job"
          ><More width="20" height="20" aria-hidden="true"
        /></ElButton>
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
    </div>
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
  </header>
</template>

<style scoped>
.head {
  display: flex;
  gap: 4px 18px;
  align-items: center;
  min-height: 56px;
  padding: 4px 16px;
  border-bottom: 1px solid var(--rule);
}
.name {
  min-width: 0;
}
.name h1 {
  overflow-wrap: anywhere;
  font-size: 21px;
  line-height: 1.1;
}
.name a {
  color: inherit;
}
.head q {
  flex: 1 1 200px;
  quotes: '‘' '’';
  max-width: 390px;
  line-height: 1.25;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.ends {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-left: auto;
  flex: none;
}
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
@media (max-width: 1000px) {
  .head {
    flex-wrap: wrap;
  }
  .head q {
    flex-basis: 100%;
    order: 2;
    max-width: none;
    -webkit-line-clamp: 1;
  }
}
.back {
  display: none;
  color: var(--ink);
}
@media (max-width: 700px) {
  .back {
    display: grid;
    place-items: center;
    width: 36px;
    height: 44px;
    margin: 0 -10px 0 -12px;
  }
  .head {
    gap: 4px 10px;
    padding: 4px 10px;
    flex-wrap: nowrap;
  }
  .head .tag {
    font-size: 17px;
    padding: 6px 8px 5px 22px;
  }
  .name {
    flex: 1 1 0;
  }
  .name h1 {
    font-size: 18px;
  }
  .name .lab,
  .name h1 {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .head q,
  .waits {
    display: none;
  }
  .ends {
    gap: 4px;
  }
}
</style>
