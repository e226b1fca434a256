<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import type { InputInstance } from 'element-plus'

interface Found {
  to: string
  title: string
  detail: string
}
const text = ref('')
const found = ref<Found[]>([])
const openList = ref(false)
const at = ref(0)
const input = useTemplateRef<InputInstance>('input')
const router = useRouter()
const look = useDebounceFn(async () => {
  found.value = text.value.trim()
    ? await read<Found[]>(`/api/find?q=${encodeURIComponent(text.value)}`).catch(() => [])
    : []
  at.value = 0
}, 120)
watch(text, () => {
  void look()
})
function go(hit: Found | undefined): void {
  if (!hit) return
  text.value = ''
  openList.value = false
  input.value?.blur()
  void router.push(hit.to)
}
defineExpose({ focus: () => input.value?.focus() })
</script>

<template>
  <div class="find" @focusout="openList = false">
    <ElInput
      ref="input"
      v-model="text"
      autocomplete="off"
      placeholder="Find anything"
      aria-label="Find anything"
      container-role="combobox"
      aria-autocomplete="list"
      :aria-expanded="openList && found.length > 0"
      aria-controls="found"
      @focus="openList = true"
      @keydown.down.prevent="at = Math.min(at + 1, found.length - 1)"
      @keydown.up.prevent="at = Math.max(at - 1, 0)"
      @keydown.enter="go(found[at])"
      @keydown.esc="text = ''"
      ><template #suffix><kbd aria-hidden="true">/</kbd></template></ElInput
    >
    <ul v-show="openList && text.trim()" id="found" role="listbox" aria-label="Found">
      <li
        v-for="(hit, i) in found"
        :key="hit.to + hit.title"
        role="option"
        :aria-selected="i === at"
        :class="{ on: i === at }"
        @mousedown.prevent="go(hit)"
      >
        <b>{{ hit.title }}</b><span class="lab">{{ hit.detail }}</span>
      </li>
      <li v-if="!found.length" role="option" aria-selected="false" class="lab none">Nothing found for “{{ text }}”.</li>
    </ul>
  </div>
</template>

<style scoped>
.find {
  margin-left: auto;
  width: 220px;
  position: relative;
}
ul {
  position: absolute;
  right: 0;
  top: 40px;
  width: max(100%, 340px);
  max-width: calc(100vw - 24px);
  background: var(--sheet);
  border: 1px solid var(--ink);
  z-index: 20;
  max-height: 60vh;
  overflow: auto;
}
li {
  display: grid;
  padding: 8px 12px;
  min-height: 44px;
  cursor: pointer;
  border-bottom: 1px solid var(--rule);
}
li.on {
  background: var(--petrol-wash);
}
li.none {
  cursor: default;
  align-content: center;
}
@media (max-width: 700px) {
  .find {
    width: 120px;
  }
  ul {
    right: -60px;
  }
}
</style>
