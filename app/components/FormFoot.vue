<script setup lang="ts">
import { consentRefusal } from '#core/people/consent'
import { FINDING_PHOTOS } from '~/composables/useFindingPhotos'
import { PINNED_FOOT } from '~/composables/usePinnedFoot'

/** The end of a form: what went wrong, log it, or leave the correction. */
defineProps<{ label: string; busy: boolean; message: string; correcting?: boolean; touched?: boolean }>()
const emit = defineEmits<{ cancel: [] }>()
const sheet = useSheet()
/** pictures of the finding, taken where it is typed */
const photos = inject(FINDING_PHOTOS, null)
const none = computed(() => consentRefusal(sheet.job.value.customer, 'photo'))
/** under the form that is in hand its foot stays in sight, and still belongs to its form */
const pinned = inject(PINNED_FOOT, null)
const mine = Symbol()
const claimed = computed(() => pinned?.holder.value === mine && pinned.place.value !== null)
const marker = useTemplateRef<HTMLElement>('marker')
const own = useId()
const formId = ref<string>()
onMounted(() => {
  const form = marker.value?.closest('form')
  if (!pinned || !form || pinned.holder.value) return
  form.id ||= `form-${own}`
  formId.value = form.id
  pinned.holder.value = mine
})
onBeforeUnmount(() => {
  if (pinned?.holder.value === mine) pinned.holder.value = null
})
</script>

<template>
  <i ref="marker" hidden />
  <Teleport :to="pinned?.place.value ?? 'body'" :disabled="!claimed">
    <div class="foot">
      <p v-if="message" class="bar" role="alert">{{ message }}</p>
      <div class="acts">
        <ElButton type="primary" native-type="submit" :form="claimed ? formId : undefined" :disabled="busy">
          {{ correcting ? 'Log the correction' : label }} <kbd>Enter</kbd>
        </ElButton>
        <ElButton v-if="correcting || touched" @click="emit('cancel')">
          {{ correcting ? 'Leave it as it was' : 'Clear' }}
        </ElButton>
        <LazyFilePick
          v-if="photos && !none"
          accept="image/*"
          multiple
          dash
          :disabled="photos.busy.value"
          @pick="photos.take"
        >
          {{ photos.busy.value ? 'Keeping it…' : 'Photo of it' }}
        </LazyFilePick>
        <slot />
      </div>
      <ul v-if="photos?.held.value.length" class="held" aria-label="Photos of it, logged with it">
        <li v-for="p in photos.held.value" :key="p.photoId">
          <img :src="`/api/photos/${p.photoId}?size=small`" alt="Taken now" />
        </li>
      </ul>
      <p v-if="photos?.message.value" class="fault" role="alert">{{ photos.message.value }}</p>
      <p v-if="correcting" class="lab">You are correcting an entry: both will stay in the log.</p>
    </div>
  </Teleport>
</template>

<style scoped>
.foot {
  display: grid;
  gap: 10px;
  margin-top: 4px;
}
.held {
  display: flex;
  gap: 8px;
}
.held img {
  height: 64px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
}
</style>
