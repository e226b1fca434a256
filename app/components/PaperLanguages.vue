<script setup lang="ts">
import { LOCALES } from '#core/words/locale'
import type { PaperLanguage, PaperWord } from '#core/words/paperWords'
import { bracesWrong, PAPER_WORDS } from '#core/words/paperWords'

/** The standing words of the papers in other languages, as the shop writes them; what is left empty stays as it is. */
const props = defineProps<{ fault(field: string): string }>()
const model = defineModel<PaperLanguage[]>({ required: true })
const ALL = Object.entries(PAPER_WORDS) as [PaperWord, string][]
const written = (l: PaperLanguage): number => ALL.filter(([word]) => l.words[word]?.trim()).length
function add(): void {
  model.value = [...model.value, { name: '', locale: 'de-DE', words: {} }]
}
function drop(at: number): void {
  model.value = model.value.filter((_, i) => i !== at)
}
/** as it is typed, before it is kept */
const wrong = (l: PaperLanguage, word: PaperWord): string => {
  const own = l.words[word]?.trim()
  return own ? bracesWrong(word, own).join('; ') : ''
}
const faultOf = (at: number, word: PaperWord): string =>
  wrong(model.value[at] as PaperLanguage, word) || props.fault(`languages.${at}.words.${word}`)
</script>

<template>
  <div class="languages">
    <p v-if="!model.length" class="note">
      Papers are in English. Write their standing words in another language here, once, and owners who want it get
      quotes, bills and care cards in it. What is found stays in the words of the log.
    </p>
    <div v-for="(l, at) in model" :key="at" class="language">
      <div class="grid3">
        <PlainField
          v-model="l.name"
          label="Language"
          hint="As its owners call it."
          :fault="fault(`languages.${at}.name`)"
        />
        <PickField
          v-model="l.locale"
          label="Figures and days"
          :options="LOCALES"
          :fault="fault(`languages.${at}.locale`)"
        />
        <ElButton link class="link drop" @click="drop(at)"
          >Drop it<span class="sr">: {{ l.name || 'this language' }}</span></ElButton
        >
      </div>
      <FoldedPart>
        <template #title
          ><b>{{ l.name || 'Its words' }}</b
          ><span class="lab">{{ written(l) }} of {{ ALL.length }} written; the rest stays as it is here</span></template
        >
        <p class="note">What stands in braces is filled in: keep it, wherever it belongs in the sentence.</p>
        <ul>
          <li v-for="[word, text] in ALL" :key="word">
            <span :id="`w-${at}-${word}`">{{ text }}</span>
            <span
              ><ElInput
                :model-value="l.words[word] ?? ''"
                :class="{ wrong: faultOf(at, word) }"
                :aria-labelledby="`w-${at}-${word}`"
                :aria-describedby="faultOf(at, word) ? `f-${at}-${word}` : undefined"
                @update:model-value="(own: string) => (l.words[word] = own)"
              />
              <span v-if="faultOf(at, word)" :id="`f-${at}-${word}`" class="fault">{{ faultOf(at, word) }}</span></span
            >
          </li>
        </ul>
      </FoldedPart>
    </div>
    <div class="acts"><ElButton class="dash" @click="add">Add a language</ElButton></div>
  </div>
</template>

<style scoped>
.languages {
  display: grid;
  gap: 12px;
}
.grid3 {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 280px));
  gap: 12px;
  align-items: start;
}
.drop {
  align-self: center;
}
b + .lab {
  margin-left: 10px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 4px 16px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px solid var(--rule);
}
@media (max-width: 640px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
