<script setup lang="ts">
import { COMPLAINT_KINDS } from '#core/words/counter'
import { USE_CLASSES } from '#core/engine/words'

const {
  shop,
  draft,
  faults,
  message,
  busy,
  booked,
  correct,
  owners,
  alike,
  back,
  questions,
  known,
  fault,

  firstClaim,

  submit,
  fromFile,
  pickOwner,
  dirty,
  startOver,
} = useBookingIn()
const session = useSessionStore()
useHead({ title: 'Book in a machine' })
</script>

<template>
  <form class="page book" @submit.prevent="submit">
    <div class="pagehead">
      <h1>Book in a machine</h1>
      <span class="lab">“Unknown” is always an answer. Everything typed here is kept until it is booked in.</span
      ><LazyFilePick v-if="session.may('rules')" accept=".json,application/json" dash @pick="fromFile">
        From a job file
      </LazyFilePick>
    </div>

    <section v-if="known" class="block">
      <h2>Back again</h2>
      <p>
        <b>{{ known.name }}</b>, {{ known.customerName }}, {{ known.meter }}
        <ElButton link class="link" @click="draft.machineId = ''">It is another machine</ElButton>
      </p>
      <WatchList v-if="back?.visits.length" :history="back.visits" class="gap" />
      <EarlierVisits v-if="back?.visits.length" :visits="back.visits" class="gap" />
    </section>
    <template v-else>
      <section class="block">
        <h2>Owner</h2>
        <div class="grid2">
          <PlainField
            v-model="draft.owner"
            label="Name"
            list="owners"
            :fault="fault('customer')"
            :hint="draft.customerId ? 'Known here.' : ''"
            @input="pickOwner"
          />
          <PlainField
            v-if="!draft.customerId"
            v-model="draft.contact"
            label="Telephone or address"
            :fault="fault('customer.contact')"
          />
        </div>
        <OwnerConsent
          v-if="!draft.customerId"
          v-model:photo="draft.mayPhoto"
          v-model:message="draft.mayMessage"
          v-model:language="draft.language"
        />
        <datalist id="owners"><option v-for="o in owners" :key="o.id" :value="o.name" /></datalist>
      </section>
      <section class="block">
        <h2>Machine and engine</h2>
        <PickField
          v-if="draft.machine.kind && Object.keys(alike).length"
          v-model="draft.sheetId"
          label="Same engine as one that is known here"
          :options="alike"
          empty="no, or not known"
          class="alike"
        />
        <MachineEditor
          v-model="draft.machine"
          no-meter
          :no-sheet="Boolean(draft.sheetId)"
          :faults="faults.filter(f => /^(machine|facts|spec)/.test(f.field))"
          :pressure-unit="shop.policy.pressureUnit"
        />
      </section>
    </template>

    <section class="block">
      <h2>What the owner says</h2>
      <div class="grid2">
        <PlainField
          v-model="draft.words"
          label="Complaint, in the owner's words"
          area
          :fault="fault('entries.0.body.words')"
        />
        <PlainField v-model="draft.since" label="Since when, after what" area :fault="fault('entries.0.body.since')" />
      </div>
      <ChipGroup v-model="draft.about" label="It is about" :options="COMPLAINT_KINDS" class="gap" />
      <h3 class="gap">Ask</h3>
      <GuidedQuestions v-model="draft.answers" :questions="questions" />
      <h3 class="gap">Anything else the owner says</h3>
      <div v-for="(c, i) in draft.claims" :key="i" class="claim">
        <PlainField v-model="c.text" :label="`Claim ${i + 1}`" :fault="fault(`entries.${firstClaim + i}.body.text`)" />
        <PlainField
          v-model="c.howKnown"
          label="How the owner knows"
          :fault="fault(`entries.${firstClaim + i}.body.howKnown`)"
        />
      </div>
      <ElButton v-if="draft.claims.length < 20" class="dash" @click="draft.claims.push({ text: '', howKnown: '' })">
        Another claim
      </ElButton>
    </section>

    <section class="block">
      <h2>Running time</h2>
      <RunningTime v-model="draft.meter" :fault-of="f => fault(`entries.2.body.${f}`)" />
    </section>

    <section class="block">
      <h2>Purpose and money</h2>
      <ChipGroup v-model="draft.useClass" label="Use" :options="USE_CLASSES" needed />
      <div class="grid4 gap">
        <PlainField
          v-model="draft.running"
          label="Worth when running"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          :fault="fault('entries.1.body.runningValueMinor')"
        />
        <PlainField
          v-model="draft.asIs"
          label="Worth as it is"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          :fault="fault('entries.1.body.asIsValueMinor')"
        />
        <PlainField
          v-model="draft.cap"
          label="Owner's spending cap"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          hint="Empty: no cap said."
          :fault="fault('entries.1.body.capMinor')"
        />
        <LazyDayField v-model="draft.deadline" label="Wanted by" :fault="fault('entries.1.body.deadline')" />
      </div>
    </section>

    <p v-if="message" class="bar" role="alert">{{ message }}</p>
    <div class="acts">
      <template v-if="booked">
        <NuxtLink :to="`/jobs/${booked.id}`" class="btn go">Open T {{ booked.number }}</NuxtLink>
        <ElButton :disabled="busy" @click="correct">Put the changes on its log, as corrections</ElButton>
      </template>
      <ElButton v-else type="primary" native-type="submit" :disabled="busy">Book it in <kbd>Enter</kbd></ElButton>
      <ElButton v-if="dirty" @click="startOver">Start over</ElButton>
      <span v-if="booked" class="lab">Its owner and machine are changed on the machine's own page.</span>
    </div>
  </form>
</template>

<style scoped>
.book {
  padding-right: max(20px, calc(100% - 1140px));
}
.gap {
  margin: 12px 0 6px;
}
.alike {
  max-width: 420px;
  margin-bottom: 14px;
}
.claim {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 10px 16px;
  margin-bottom: 8px;
}
.bar {
  margin-bottom: 12px;
}
@media (max-width: 640px) {
  .claim {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
