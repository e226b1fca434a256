<script setup lang="ts">
import { BORE, ENGINE_CLASSES, USE_CLASSES } from '#core/engine/words'

const {
  shop,
  draft,
  message,
  saved,
  fault,
  save,
  person,
  personFaults,
  personMessage,
  addPerson,
  setActive,
  RULES,
  RULE_REASONS,
} = useShopRules()
</script>

<template>
  <div class="page shop">
    <h1>Shop</h1>
    <section class="block">
      <h2>People at the bench</h2>
      <ul class="people">
        <li v-for="p in shop.people" :key="p.id">
          <i aria-hidden="true">{{ p.initials }}</i><span>{{ p.name }}</span
          ><ElButton link class="link" @click="setActive(p, !p.active)">
            {{ p.active ? 'Away' : 'Back at the bench' }}<span class="sr">: {{ p.name }}</span>
          </ElButton>
        </li>
      </ul>
      <form class="addp" @submit.prevent="addPerson">
        <PlainField
          v-model="person.name"
          label="Name"
          :fault="personFaults.find(f => f.field === 'name')?.message"
        /><PlainField
          v-model="person.initials"
          label="Initials"
          :fault="personFaults.find(f => f.field === 'initials')?.message"
        /><ElButton native-type="submit">Add</ElButton>
      </form>
      <p v-if="personMessage && !personFaults.length" class="fault">{{ personMessage }}</p>
      <p class="note">Whoever is chosen at the top right is stamped on every entry.</p>
    </section>
    <form @submit.prevent="save">
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
        <details>
          <summary>More or less by bore and kind of engine</summary>
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
        </details>
        <label class="check"
          ><input v-model="draft.labourTogether" type="checkbox" /> Old and rusty machines: all labour lines run low or
          high together (a wider spread)</label
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
    <BackupList />
    <OutboxList />
  </div>
</template>

<style scoped>
form > .acts {
  margin-bottom: 22px;
}
summary {
  min-height: 44px;
  padding-top: 11px;
  cursor: pointer;
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
.people li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 46px;
  border-bottom: 1px solid var(--rule);
}
.people li > span {
  min-width: 180px;
}
.people i {
  width: 30px;
  height: 30px;
  border-radius: 50%;
  background: var(--ink-2);
  color: #fff;
  display: grid;
  place-items: center;
  font: 600 14px var(--label);
}
.addp {
  display: grid;
  grid-template-columns: 260px 100px auto;
  gap: 10px;
  align-items: end;
  justify-content: start;
  margin: 12px 0 8px;
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
  .addp {
    grid-template-columns: minmax(0, 1fr) 80px;
  }
  .reason {
    margin-left: 0;
  }
}
</style>
