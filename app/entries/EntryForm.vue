<script setup lang="ts">
import type { EntryKind } from '#core/entries/types'
import { FACES } from '~/entries/faces'

/** The form of one kind of entry: drawn, or its list of fields. */
const props = defineProps<{ form: EntryKind }>()
const emit = defineEmits<{ logged: [] }>()
const session = useSessionStore()
const face = computed(() => FACES[props.form])
</script>

<template>
  <div v-if="session.mayLog(form)" :data-form="form">
    <component :is="face.drawn" v-if="face?.drawn" />
    <FindingForm v-else :key="form" :name="form" @logged="emit('logged')" />
    <component :is="face.beside" v-if="face?.beside" class="beside" />
  </div>
</template>

<style scoped>
.beside {
  margin-top: 18px;
}
</style>
