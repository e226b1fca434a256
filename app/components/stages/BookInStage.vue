<script setup lang="ts">
import { latest, ofKind } from '#core/job/entries'
import type { ClaimCheckBody } from '#core/job/entries'
import { BORE, CLAIM_STATES, COOLING, CYCLES, FUEL_FEED, MACHINE_KINDS, OILING, RELEASE } from '#core/job/vocabulary'

const sheet = useSheet()
const job = computed(() => sheet.job.value)
const claims = computed(() => ofKind(sheet.inForce.value, 'claim'))
/** forms that show a standing entry start again when that entry changes */
const termsKey = computed(() => latest(sheet.inForce.value, 'terms')?.id ?? 'none')
const complaintKey = computed(() => latest(sheet.inForce.value, 'complaint')?.id ?? 'none')
const checkOf = (claimId: string) => ofKind(sheet.inForce.value, 'claim_check').filter(c => c.body.claimId === claimId).at(-1)
async function check(claimId: string, state: ClaimCheckBody['state']): Promise<void> {
  const outcome = await sheet.log({ kind: 'claim_check', how: null, body: { claimId, state }, supersedes: checkOf(claimId)?.id ?? null })
  sheet.trouble.value = outcome.ok ? '' : outcome.message
}
const facts = computed(() => {
  const f = job.value.facts
  return [
    ['Machine', `${MACHINE_KINDS[job.value.machine.kind].label}${job.value.machine.serial ? `, serial ${job.value.machine.serial}` : ''}`],
    ['Engine', `${CYCLES[f.cycle]}${f.displacementCc ? `, ${f.displacementCc} cc` : ''}${f.cylinders > 1 ? `, ${f.cylinders} cylinders` : ''}`],
    ['Oiling', OILING[f.oiling]], ['Release', RELEASE[f.release]], ['Bore', BORE[f.bore]], ['Fuel feed', FUEL_FEED[f.fuelFeed]], ['Cooling', COOLING[f.cooling]],
  ]
})
</script>

<template>
  <div>
    <section class="block first">
      <dl><template v-for="[name, word] in facts" :key="name"><dt class="lab">{{ name }}</dt><dd :class="{ open: word === 'unknown' }">{{ word }}</dd></template></dl>
      <p><NuxtLink :to="`/machines/${job.machine.id}`">Change owner, machine or engine facts</NuxtLink></p>
      <p v-if="job.earlier.length">Here before: <NuxtLink v-for="e in job.earlier" :key="e.id" :to="`/jobs/${e.id}`">T {{ e.number }}</NuxtLink></p>
    </section>
    <section class="block"><h2>Complaint</h2><ComplaintForm :key="complaintKey" /></section>
    <section class="block">
      <h2>Claims <span class="lab">what the owner says, not what was found</span></h2>
      <ul class="claims"><li v-for="c in claims" :key="c.id"><span>{{ c.body.text }}<span class="lab"> &nbsp;{{ c.body.howKnown ? `knows it from: ${c.body.howKnown}` : '' }}</span></span>
        <label><span class="sr">What became of: {{ c.body.text }}</span><select class="in" :value="checkOf(c.id)?.body.state ?? 'never_checked'" @change="check(c.id, ($event.target as HTMLSelectElement).value as ClaimCheckBody['state'])"><option v-for="(word, k) in CLAIM_STATES" :key="k" :value="k">{{ word }}</option></select></label></li></ul>
      <ClaimForm />
    </section>
    <section class="block"><h2>Purpose and money</h2><TermsForm :key="termsKey" /></section>
  </div>
</template>

<style scoped>
.first { border-top: 0; padding-top: 0; display: grid; gap: 10px; }
dl { display: grid; grid-template-columns: 80px minmax(0, 1fr) 80px minmax(0, 1fr); gap: 5px 10px; }
.claims li { display: flex; justify-content: space-between; gap: 12px; align-items: center; padding: 5px 0; border-bottom: 1px solid var(--rule); } .claims { margin-bottom: 12px; } .claims .in { width: auto; padding-right: 26px; }
p a + a { margin-left: 8px; }
@media (max-width: 640px) { dl { grid-template-columns: 80px minmax(0, 1fr); } }
</style>
