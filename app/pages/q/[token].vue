<script setup lang="ts">
import dayjs from 'dayjs'
import { moneyText } from '#core/units/money'
import { QUOTE_STAGES } from '#core/words/deciding'
import type { OwnerAnswer, QuotePage } from '#shared/types/records'

/** The owner's page: what was found, the ways plainly, what is not known, and four large buttons. */
definePageMeta({ layout: 'owner' })
useHead({
  title: 'What next?',
  meta: [
    { name: 'referrer', content: 'no-referrer' },
    { name: 'robots', content: 'noindex' },
  ],
})
const token = String(useRoute().params.token)
const page = ref<QuotePage | null>(null)
const trouble = ref('')
async function load(): Promise<void> {
  try {
    page.value = await read<QuotePage>(`/api/q/${token}`)
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
await load()
const quote = computed(() => page.value?.quote)
const cash = (x: number, exact = false): string => moneyText(x, quote.value?.currency ?? 'EUR', exact)
const name = ref(page.value?.owner ?? '')
const words = ref('')
const chosen = ref<{ choice: OwnerAnswer['choice']; optionId: string | null; title: string } | null>(null)
const faults = ref<Fault[]>([])
const message = ref('')
const done = ref('')
const busy = ref(false)
async function answer(): Promise<void> {
  if (!chosen.value || busy.value) return
  busy.value = true
  const { choice, optionId } = chosen.value
  const outcome = await send<{ held: string | null }>(`/api/q/${token}/answer`, 'POST', {
    choice,
    optionId,
    words: words.value.trim() || null,
    name: name.value,
  })
  busy.value = false
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok) return
  done.value =
    choice === 'ask'
      ? 'Your question is with the shop. This page stays open.'
      : outcome.value.held
        ? 'The shop has your answer. One thing must be cleared first; it will tell you.'
        : 'The shop has your answer.'
  words.value = ''
  chosen.value = null
  await load()
}
const optionName = (id: string | null): string => quote.value?.options.find(o => o.id === id)?.name ?? ''
</script>

<template>
  <div class="q">
    <header>
      <b class="brand">{{ page?.shop || 'Remedium' }}</b><span v-if="page" class="lab">T {{ page.number }}</span>
    </header>
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <template v-if="page && quote">
      <p class="lab">
        For {{ page.owner }} · asked {{ dayjs(page.askedAt).format('D MMMM') }}, open until
        {{ dayjs(page.expiresAt).format('D MMMM') }}
      </p>
      <h1>
        {{
          quote.agreedBefore === null
            ? `Your ${page.machine}: what next?`
            : `Your ${page.machine}: more than was agreed`
        }}
      </h1>
      <p v-if="quote.complaint">You said: ‘{{ quote.complaint }}’</p>
      <p v-if="quote.cause"><b>What did it:</b> {{ quote.cause }}.</p>
      <p v-if="quote.words" class="own">{{ quote.words }}</p>
      <p v-if="quote.agreedBefore !== null" class="st near">
        It is likely to pass the {{ cash(quote.agreedBefore) }} that you agreed to. Nothing more is done before you
        answer.
      </p>
      <section v-if="quote.findings?.length">
        <h2>What was found</h2>
        <ul>
          <li v-for="f in quote.findings" :key="f">{{ f }}</li>
        </ul>
      </section>
      <div v-if="quote.photos.length" class="pics">
        <figure v-for="p in quote.photos" :key="p.id">
          <img :src="`/api/q/${token}/photos/${p.id}`" :alt="p.caption ?? 'Photo from the bench'" />
          <figcaption class="note">{{ p.caption }}</figcaption>
        </figure>
      </div>
      <article v-if="quote.fee !== null" class="way best">
        <div class="wayhead">
          <h2>{{ QUOTE_STAGES[quote.stage] }}</h2>
          <b>{{ cash(quote.fee, true) }}</b>
        </div>
        <p>Whatever is decided after it. Nothing else is done before we ask again.</p>
      </article>
      <article v-for="o in quote.options" :key="o.id" class="way" :class="{ best: o.best }">
        <div class="wayhead">
          <h2>{{ o.name }}</h2>
          <b>{{ o.mends ? `${cash(o.low)} to ${cash(o.high)}` : `brings ${cash(o.brings)}` }}</b>
        </div>
        <p v-if="o.mends">
          Likely {{ cash(o.likely) }}.<template v-if="o.hours"> Buys about {{ o.hours }} hours.</template
          ><template v-if="o.daysDown"> It stands {{ o.daysDown }} days.</template
          ><template v-if="o.past"> It may pass your limit of {{ cash(quote.cap ?? 0) }}.</template>
        </p>
        <p v-if="o.best" class="lab">This is what we would do.</p>
      </article>
      <p v-if="quote.options.length" class="note">
        The two figures: eight times in ten the bill falls between them. Tax is in.<template
          v-if="quote.running !== null"
        >
          A machine like yours, running, is worth about {{ cash(quote.running) }}.</template
        ><template v-if="quote.cap !== null"> We ask again before anything over {{ cash(quote.cap) }}.</template>
      </p>
      <section v-if="quote.notKnown.length">
        <h2>Not known yet</h2>
        <ul>
          <li v-for="n in quote.notKnown" :key="n">{{ n }}</li>
        </ul>
      </section>
      <section v-if="quote.refusedBefore.length">
        <h2>Put off before, and what it risks</h2>
        <ul>
          <li v-for="r in quote.refusedBefore" :key="r.what">
            <b>{{ r.what }}:</b> {{ r.risk }}
          </li>
        </ul>
      </section>
      <p v-if="done" class="st good done" role="status">● {{ done }}</p>
      <p v-if="page.answer" class="answered">
        <b>{{ page.answer.name }}</b>
        {{
          page.answer.choice === 'agree'
            ? page.answer.optionId
              ? `chose ‘${optionName(page.answer.optionId)}’`
              : 'agreed'
            : 'wants none of it'
        }}<template v-if="page.answer.words">: {{ page.answer.words }}</template>
      </p>
      <template v-else>
        <form v-if="chosen" class="say" @submit.prevent="answer">
          <h2>{{ chosen.title }}</h2>
          <PlainField v-model="name" label="Your name" :fault="faults.find(f => f.field === 'name')?.message" />
          <PlainField
            v-model="words"
            :label="chosen.choice === 'ask' ? 'Your question' : 'Anything to add'"
            area
            :fault="faults.find(f => f.field === 'words')?.message"
          />
          <p v-if="message" class="fault" role="alert">{{ message }}</p>
          <div class="acts">
            <ElButton type="primary" native-type="submit" :disabled="busy">Send it</ElButton
            ><ElButton @click="chosen = null">Back</ElButton>
          </div>
        </form>
        <div v-else class="buttons" role="group" aria-label="Your answer">
          <ElButton
            type="primary"
            v-if="quote.fee !== null"
            @click="
              chosen = {
                choice: 'agree',
                optionId: null,
                title: `${QUOTE_STAGES[quote.stage]}, ${cash(quote.fee, true)}`,
              }
            "
          >
            Yes, {{ QUOTE_STAGES[quote.stage].toLowerCase() }}
          </ElButton>
          <ElButton
            v-for="o in quote.options"
            :key="o.id"
            :class="{ go: o.best }"
            @click="chosen = { choice: 'agree', optionId: o.id, title: `I choose: ${o.name}` }"
          >
            {{ o.name }}
          </ElButton>
          <ElButton @click="chosen = { choice: 'none', optionId: null, title: 'None of it' }"> None of it </ElButton>
          <ElButton @click="chosen = { choice: 'ask', optionId: null, title: 'Ask us' }"> Ask us </ElButton>
        </div>
        <p class="note">Your answer is kept as you saw this page. Nothing is ordered before it.</p>
      </template>
      <p v-if="page.address" class="note">{{ page.shop }}, {{ page.address }}</p>
    </template>
  </div>
</template>

<style scoped>
.q {
  max-width: 560px;
  margin: 0 auto;
  padding: 0 18px 40px;
  display: grid;
  gap: 10px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 56px;
  border-bottom: 1px solid var(--rule);
  margin: 0 -18px;
  padding: 0 18px;
}
.brand {
  font: 600 22px var(--label);
  color: var(--petrol);
}
h1 {
  font: 600 27px/1.15 var(--label);
  overflow-wrap: anywhere;
}
h2 {
  font: 600 19px/1.2 var(--label);
  overflow-wrap: anywhere;
}
.own {
  white-space: pre-line;
}
.way {
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  padding: 12px 14px;
}
.way.best {
  border-color: var(--petrol);
  box-shadow: inset 5px 0 0 var(--petrol);
  padding-left: 19px;
}
.wayhead {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
}
.wayhead b {
  font: 600 20px var(--label);
  white-space: nowrap;
}
.buttons {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 9px;
}
.buttons .el-button.el-button {
  min-height: 52px;
  white-space: normal;
}
.say {
  display: grid;
  gap: 10px;
  border: 1px solid var(--petrol);
  border-radius: var(--radius);
  padding: 12px 14px;
}
.say .el-button.el-button {
  min-height: 48px;
}
section li {
  padding: 3px 0;
  list-style: disc;
  margin-left: 18px;
}
.pics {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
figure {
  margin: 0;
}
.pics img {
  width: 100%;
  height: 130px;
  object-fit: cover;
  border-radius: var(--radius);
  border: 1px solid var(--rule-2);
}
.done,
.answered {
  background: var(--good-wash);
  padding: 10px 12px;
  border-left: 4px solid var(--good);
}
</style>
