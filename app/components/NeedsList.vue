<script setup lang="ts">
import dayjs from 'dayjs'
import { ORDER_STATES, OUTWORK_KINDS, OUTWORK_VERDICTS } from '#core/words/deciding'
import { NEED_WORDS } from '#core/parts/needs'

const { shop, all, open, ready, picked, offers, draft, message, fault, base, pick, take, submit, arrived } =
  useNeedsList()
</script>

<template>
  <section class="block">
    <h2>
      Parts and outwork
      <span v-if="all.length" class="lab"
        >{{ open.length ? `${open.length} not here yet` : 'all here'
        }}{{
          ready && open.length
            ? ` · ready by ${dayjs(ready).format('D MMM')}`
            : open.length
              ? ' · no day yet: one is not ordered'
              : ''
        }}</span
      >
    </h2>
    <p v-if="!all.length" class="note">
      What is needed comes from the lines of the way that was agreed. Nothing is asked for yet.
    </p>
    <ul>
      <li v-for="n in all" :key="n.text">
        <div class="row">
          <StateMark
            :mark="
              n.state === 'arrived' ? 'good' : n.state === 'ordered' ? 'near' : n.state === 'none' ? 'past' : 'open'
            "
            bare
          /><b>{{ n.text }}</b
          ><span class="lab"
            >{{
              n.type === 'outwork' && n.work
                ? `${n.work.body.shop}: ${OUTWORK_VERDICTS[n.work.body.verdict].toLowerCase()}`
                : NEED_WORDS[n.state].toLowerCase()
            }}{{ n.dueOn ? `, due ${dayjs(n.dueOn).format('D MMM')}` : ''
            }}{{ n.chance < 1 ? `, only if needed (${Math.round(100 * n.chance)} %)` : '' }}</span
          >
          <span class="acts"
            ><ElButton v-if="n.type === 'part' && n.state === 'ordered'" @click="arrived(n)">
              It is here<span class="sr">: {{ n.text }}</span></ElButton
            ><ElButton v-if="n.type === 'outwork' && n.work" @click="pick(n, n.work)">
              Back, or changed<span class="sr">: {{ n.text }}</span></ElButton
            ><ElButton v-else-if="n.state !== 'arrived'" class="dash" @click="pick(n)">
              {{ n.type === 'part' ? (n.orders.length ? 'Ask another' : 'Order') : 'Send out'
              }}<span class="sr">: {{ n.text }}</span>
            </ElButton></span
          >
        </div>
        <p v-for="o in n.orders" :key="o.id" class="note log2">
          {{ o.body.supplier }}{{ o.body.number ? `, ${o.body.number}` : '' }}:
          {{ ORDER_STATES[o.body.state].toLowerCase() }}{{ o.body.note ? `; ${o.body.note}` : '' }}
          <ElButton link class="link" @click="pick(n, o)">
            Change<span class="sr"> the order of {{ n.text }} at {{ o.body.supplier }}</span>
          </ElButton>
        </p>
        <form v-if="picked === n.text" class="order" @submit.prevent="submit">
          <template v-if="n.type === 'part'">
            <div v-if="offers.length && !base" class="acts">
              <ElButton v-for="p in offers" :key="p.id" class="dash" @click="take(p)">
                {{ p.name }}
                <small
                  >{{ p.supplier }},
                  {{ p.priceMinor === null ? 'not to be had' : moneyField(p.priceMinor, shop.policy.currency)
                  }}{{ p.stock ? `, ${p.stock} there` : p.leadDays === null ? '' : `, ${p.leadDays} days` }}</small
                >
              </ElButton>
            </div>
            <div class="cols2">
              <PlainField v-model="draft.supplier" label="Supplier" :fault="fault('supplier')" /><PlainField
                v-model="draft.number"
                label="Number"
                :fault="fault('number')"
              /><PlainField
                v-model="draft.price"
                label="Price"
                :suffix="shop.policy.currency"
                inputmode="decimal"
                :fault="fault('priceMinor')"
              /><DayField v-model="draft.dueOn" label="Due" :fault="fault('dueOn')" />
            </div>
            <ChipGroup v-model="draft.state" label="It is" :options="ORDER_STATES" needed /><PlainField
              v-model="draft.note"
              label="What they answered"
              :fault="fault('note')"
            />
          </template>
          <template v-else>
            <ChipGroup
              v-model="draft.workKind"
              label="What kind of work"
              :options="OUTWORK_KINDS"
              :fault="fault('kind')"
            />
            <div class="cols2">
              <PlainField v-model="draft.shopName" label="Which shop" :fault="fault('shop')" /><PlainField
                v-model="draft.target"
                label="Target figure"
                hint="Bore to 52.45, hone to 52.50."
                :fault="fault('target')"
              /><DayField v-model="draft.sentOn" label="Sent" :fault="fault('sentOn')" /><DayField
                v-model="draft.dueOn"
                label="Due"
                :fault="fault('dueOn')"
              /><PlainField
                v-model="draft.price"
                label="Price"
                :suffix="shop.policy.currency"
                inputmode="decimal"
                :fault="fault('priceMinor')"
              /><DayField v-model="draft.returnedOn" label="Came back" :fault="fault('returnedOn')" /><PlainField
                v-model="draft.measured"
                label="Measured on return"
                suffix="mm"
                inputmode="decimal"
                :fault="fault('measured')"
              />
            </div>
            <ChipGroup v-model="draft.verdict" label="It is" :options="OUTWORK_VERDICTS" needed /><PlainField
              v-model="draft.note"
              label="Note"
              :fault="fault('note') || fault('verdict')"
            />
          </template>
          <p v-if="message" class="fault" role="alert">{{ message }}</p>
          <div class="acts">
            <ElButton type="primary" native-type="submit">
              {{ n.type === 'part' ? 'Log the order' : 'Log the outwork' }}</ElButton><ElButton @click="picked = null">
              Not now
            </ElButton>
          </div>
        </form>
      </li>
    </ul>
    <p v-if="message && !picked" class="fault" role="alert">{{ message }}</p>
  </section>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--rule);
  padding: 3px 0;
}
.row {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) minmax(0, auto) auto;
  gap: 10px;
  align-items: center;
  min-height: 46px;
}
.log2 {
  padding-left: 30px;
}
.order {
  display: grid;
  gap: 10px;
  padding: 8px 0 14px 30px;
}
.cols2 {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}
.order small {
  font-weight: 400;
  color: var(--ink-2);
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: 20px minmax(0, 1fr);
  }
  .row .lab,
  .row .acts {
    grid-column: 2;
  }
  .order {
    padding-left: 0;
  }
}
</style>
