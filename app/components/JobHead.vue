<script setup lang="ts">
import { ArrowLeft } from '@element-plus/icons-vue'
import { keptOf } from '#core/entries/kept'

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
      <div class="acts"><LazyJobEnds :counts="counts" /></div>
    </div>
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
.acts {
  display: flex;
  gap: 12px;
  min-width: 254px;
  min-height: 44px;
}
.ends {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-left: auto;
  flex: none;
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
  .acts {
    min-width: 44px;
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
  .ends {
    gap: 4px;
  }
}
</style>
