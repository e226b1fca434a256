<script setup lang="ts">
import dayjs from 'dayjs'
import type { EntryKind } from '#core/entries/types'
import { FACES } from '~/entries/faces'
import { correctable } from '~/composables/useJobSheet'

/** The form of one kind of entry: drawn, or its list of fields; above it what was read last. */
const props = defineProps<{ form: EntryKind; title?: string }>()
const emit = defineEmits<{ logged: [] }>()
const sheet = useSheet()
const session = useSessionStore()
const shop = useShopStore()
const face = computed(() => FACES[props.form])
const last = computed(() => (face.value?.lists ? undefined : sheet.inForce.value.findLast(e => e.kind === props.form)))
const mark = computed(() => sheet.assessment.value?.judgements.find(j => j.entryId === last.value?.id)?.mark)
const place = usePinnedFoot()
const when = computed(() => {
  const at = dayjs(last.value?.at)
  return at.format(at.isSame(dayjs(), 'day') ? 'HH:mm' : 'D MMM')
})
</script>

<template>
  <div v-if="session.mayLog(form)" :data-form="form" class="entry">
    <h2 v-if="title" tabindex="-1" data-heading>{{ title }}</h2>
    <div class="scroll">
      <p v-if="last" class="last note" data-test="last-reading">
        <span
          ><span class="lab">Last, {{ when }} {{ shop.initials(last.by) }}</span>
          <StateMark v-if="mark" :mark="mark" bare /> <LazySaidText :entry="last" /></span
        ><ElButton v-if="correctable(last)" link class="link" @click="sheet.correct(last)"
          >Correct<span class="sr"> the last reading</span></ElButton
        >
      </p>
      <component :is="face.drawn" v-if="face?.drawn" />
      <FindingForm v-else :key="form" :name="form" @logged="emit('logged')" />
      <component :is="face.beside" v-if="face?.beside" class="beside" />
      <slot />
    </div>
    <div ref="place" class="pinnedfoot" />
  </div>
</template>

<style scoped>
.entry {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
h2 {
  min-height: 30px;
}
h2:focus {
  outline: none;
}
.last {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  border-left: 3px solid var(--rule-2);
  padding-left: 10px;
  margin-bottom: 8px;
  overflow-wrap: anywhere;
}
.last > span {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.last .link {
  flex: none;
}
.beside {
  margin-top: 18px;
}
</style>
