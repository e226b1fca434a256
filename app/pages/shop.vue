<script setup lang="ts">
import { ROLES } from '#core/people/roles'
import { LABEL_SIZES, PAPER_SIZES } from '#core/words/bill'
import { LOCALES } from '#core/words/locale'
import { BORE, ENGINE_CLASSES, USE_CLASSES } from '#core/engine/words'

const { draft, message, saved, fault, save, RULES, RULE_REASONS } = useShopRules()
const session = useSessionStore()
const { may } = session
useHead({ title: 'Shop' })
</script>

<template>
  <div class="page shop">
    <h1>Shop</h1>
    <p v-if="!may('rules')" class="note">
      {{ session.person?.name }} works as {{ ROLES[session.person?.role ?? 'bench'].label.toLowerCase() }}: people,
      rules, devices and backups are a keeper’s.
    </p>
    <PeopleList v-if="may('people')" />
    <DeviceList v-if="may('devices')" />
    <form v-if="may('rules')" @submit.prevent="save">
      <section class="block">
        <h2>Head of the paper, money</h2>
        <div class="grid2">
          <PlainField v-model="draft.shopName" label="Name of the shop" :fault="fault('shopName')" /><PlainField
            v-model="draft.shopAddress"
            label="Address, as it is printed"
            :fault="fault('shopAddress')"
          />
        </div>
        <div class="grid4 gap">
          <PlainField v-model="draft.currency" label="Currency" maxlength="3" :fault="fault('currency')" /><PlainField
            v-model="draft.rate"
            label="Labour, an hour"
            :suffix="draft.currency"
            inputmode="decimal"
            :fault="fault('labourRateMinor')"
          />
          <PlainField
            v-model="draft.tax"
            label="Tax on the work"
            suffix="%"
            inputmode="decimal"
            :fault="fault('taxPct')"
          /><PlainField
            v-model="draft.altitude"
            label="Height above the sea"
            suffix="m"
            inputmode="numeric"
            hint="Compression is compared at sea level."
            :fault="fault('altitudeM')"
          />
          <PlainField
            v-model="draft.least"
            label="Least charge"
            :suffix="draft.currency"
            inputmode="decimal"
            :fault="fault('minChargeMinor')"
          /><PlainField
            v-model="draft.step"
            label="Quotes rounded up to"
            :suffix="draft.currency"
            inputmode="decimal"
            :fault="fault('roundToMinor')"
          />
          <PlainField
            v-model="draft.priceAge"
            label="A price is stale after"
            suffix="days"
            inputmode="numeric"
            :fault="fault('priceDays')"
          /><PlainField
            v-model="draft.warn"
            label="Warn at this share of the cap"
            suffix="%"
            inputmode="numeric"
            hint="Past it the owner is called first."
            :fault="fault('warnPct')"
          />
        </div>
        <h3 class="gap">On an invoice</h3>
        <div class="grid4 gap">
          <PlainField v-model="draft.taxNumber" label="The shop’s tax number" :fault="fault('taxNumber')" /><PlainField
            v-model="draft.taxes"
            label="Other rates of tax"
            suffix="%"
            hint="Several with ; between: 5; 9.5"
            :fault="fault('otherTaxPcts') || fault('otherTaxPcts.0') || fault('otherTaxPcts.1')"
          /><PlainField
            v-model="draft.pay"
            label="To be paid within"
            suffix="days"
            inputmode="numeric"
            hint="0: at once"
            :fault="fault('payDays')"
          /><PlainField
            v-model="draft.first"
            label="First number"
            inputmode="numeric"
            hint="Where the row begins; later ones follow."
            :fault="fault('firstBill')"
          />
        </div>
        <div class="gap" />
        <ChipGroup v-model="draft.paperSize" label="Papers on" :options="PAPER_SIZES" needed />
        <div class="grid3 gap">
          <PickField v-model="draft.labelSize" label="Labels on" :options="LABEL_SIZES" :fault="fault('labelSize')" />
          <PickField
            v-model="draft.locale"
            label="Figures and days on papers"
            :options="LOCALES"
            :fault="fault('locale')"
          />
        </div>
        <ElCheckbox v-model="draft.linePrices" class="check">
          A quote says what each line comes to, labour with its hours and rate
        </ElCheckbox>
        <p class="note reason">
          Thirty days, because suppliers change their lists by the month. Rounded up to a whole coin by default: a quote
          that ends in cents looks surer than it is, and a coarser step is yours to choose. Warned at 90 %: so much is
          left for one stuck bolt.
        </p>
      </section>
      <section class="block">
        <h2>Papers in the owner's language</h2>
        <LazyPaperLanguages v-model="draft.languages" :fault="fault" />
      </section>
      <section class="block">
        <h2>Units shown first</h2>
        <ChipGroup
          v-model="draft.pressureUnit"
          label="Pressure"
          :options="{ bar: 'bar', psi: 'psi', kPa: 'kPa' }"
          needed
        />
        <div class="gap" />
        <ChipGroup
          v-model="draft.volumeUnit"
          label="Volume"
          :options="{ mL: 'mL', L: 'L', US_floz: 'US fl oz' }"
          needed
        />
      </section>
      <section class="block">
        <h2>How this shop decides</h2>
        <ChipGroup v-model="draft.leadRule" label="Chosen by" :options="RULES" needed />
        <p class="note reason">
          {{ RULE_REASONS[draft.leadRule] }} The other rules are always shown where they disagree.
        </p>
        <h3 class="gap">Most that mending may cost, of the running value</h3>
        <div class="shares">
          <PlainField
            v-for="(word, k) in USE_CLASSES"
            :key="k"
            v-model="draft.share[k]"
            :label="word"
            suffix="%"
            inputmode="numeric"
            :fault="fault(`sharePct.${k}`)"
          />
        </div>
        <p class="note reason">
          Half of what it is worth is what owners pay without asking twice; a machine that earns bears more, one to sell
          on less, and a toy what it is worth to its owner. A race engine is paid for the day, not the year.
        </p>
        <FoldedPart>
          <template #title><b>More or less by bore and kind of engine</b></template>
          <p class="note">
            Per cent of the share above; 100 leaves it. An unlined bore has no second life, a tractor has many: a shop
            that thinks so says so here.
          </p>
          <div class="shares">
            <PlainField
              v-for="(word, k) in BORE"
              :key="k"
              v-model="draft.byBore[k]"
              :label="word"
              suffix="%"
              inputmode="numeric"
              :fault="fault(`shareBore.${k}`)"
            /><PlainField
              v-for="(word, k) in ENGINE_CLASSES"
              :key="k"
              v-model="draft.byClass[k]"
              :label="word"
              suffix="%"
              inputmode="numeric"
              :fault="fault(`shareClass.${k}`)"
            />
          </div>
        </FoldedPart>
        <ElCheckbox v-model="draft.labourTogether" class="check"
          >Old and rusty machines: all labour lines run low or high together (a wider spread)</ElCheckbox
        >
      </section>
      <section class="block">
        <h2>How this shop handles oil</h2>
        <ChipGroup
          v-model="draft.fillAim"
          label="Fill to"
          :options="{ low: 'Low mark', middle: 'Middle', top: 'Full mark' }"
          needed
        />
        <p class="note reason">
          The maker's fill usually stands at the full mark; anything between the marks is sound. Never above.
        </p>
        <ChipGroup
          v-model="draft.surplusRule"
          label="A surplus"
          :options="{ surplus_only: 'Draw off the surplus', change_all: 'Change all of it' }"
          needed
        />
        <p class="note reason">
          Drawing off is offered only for oil that is clean, plain to smell and of normal thickness; otherwise a full
          change is asked for either way.
        </p>
        <PlainField
          v-model="draft.stand"
          label="Stand test after fuel in the oil, at least"
          suffix="h"
          inputmode="decimal"
          class="stand"
          :fault="fault('standHours')"
          hint="Overnight is the custom. No refill before it has passed."
        />
      </section>
      <section class="block">
        <h2>Mix and oil of this shop</h2>
        <div class="grid2">
          <PlainField
            v-model="draft.mix"
            label="This shop mixes"
            suffix=": 1"
            inputmode="decimal"
            hint="Empty: as each maker says. Richer than the maker's is used as it stands, leaner never."
            :fault="fault('mixRatio')"
          /><PlainField
            v-model="draft.ownOil"
            label="This shop's own oil"
            hint="For what it fits; the grade on the label holds above it."
            :fault="fault('ownOil')"
          />
        </div>
        <p class="note reason">
          More oil is more film and a plug a year, less is a seized engine: so a richer mix may be a shop's rule, and a
          leaner one never.
        </p>
      </section>
      <section class="block">
        <h2>Where good shops differ <span class="lab">a job may hold another rule, with a reason</span></h2>
        <SchoolRules v-model="draft.schools" :fault-of="fault" />
      </section>
      <section class="block">
        <h2>Who signs, and who is here</h2>
        <ChipGroup
          v-model="draft.signers"
          label="A stop is signed by"
          :options="{ senior: 'A senior', anyone: 'Anybody at the bench' }"
          needed
        />
        <p class="note reason">
          A signature takes on what the trade forbids: by default somebody does it who is marked for it.
        </p>
        <PlainField
          v-model="draft.idle"
          label="Ask who it is after"
          suffix="min"
          inputmode="numeric"
          class="stand"
          :fault="fault('idleMinutes')"
          hint="Without a touch. What is typed stays."
        />
      </section>
      <section class="block">
        <h2>Address, clock and backups</h2>
        <div class="grid4">
          <PlainField
            v-model="draft.shopUrl"
            label="Address of this program"
            placeholder="http://192.168.1.20:4310"
            hint="Owners' links and tags begin with it."
            :fault="fault('shopUrl')"
          />
          <PlainField
            v-model="draft.timeZone"
            label="Time zone of the shop"
            placeholder="this computer's"
            hint="For example Europe/Lisbon."
            :fault="fault('timeZone')"
          /><PlainField
            v-model="draft.backupAt"
            label="A backup each night at"
            hint="Made up for at the next start."
            :fault="fault('backupAt')"
          /><PlainField
            v-model="draft.kept"
            label="Backups kept"
            inputmode="numeric"
            hint="0: none is made by itself."
            :fault="fault('backupsKept')"
          />
        </div>
      </section>
      <p v-if="message" class="bar" role="alert">{{ message }}</p>
      <div class="acts">
        <ElButton type="primary" native-type="submit">Keep these rules</ElButton
        ><span v-if="saved" class="st good" role="status">● Kept. Every open job is judged by them from now on.</span>
      </div>
    </form>
    <LazyTakingsDay v-if="may('payments')" />
    <CalendarLinks v-if="may('devices')" />
    <BackupList v-if="may('backups')" />
    <OutboxList v-if="may('ask')" />
  </div>
</template>

<style scoped>
form > .acts {
  margin-bottom: 22px;
}
.shop {
  padding-right: max(20px, calc(100% - 1100px));
}
h1 {
  margin-bottom: 8px;
}
.gap {
  margin-top: 12px;
}
.reason {
  margin: 4px 0 10px 100px;
}
.bar {
  margin-bottom: 10px;
}
.stand {
  max-width: 300px;
}
.shares {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(126px, 1fr));
  gap: 10px 14px;
  margin: 8px 0 14px;
}
.check {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--petrol);
}
@media (max-width: 640px) {
  .reason {
    margin-left: 0;
  }
}
</style>
