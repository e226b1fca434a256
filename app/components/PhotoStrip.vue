<script setup lang="ts">
import { consentRefusal } from '#core/people/consent'
import { keptOf } from '#core/entries/kept'

/** Photos of this job: from the camera or a file, made small and freed of place and camera by the bench computer. */
const sheet = useSheet()
const photos = computed(() => keptOf(sheet.inForce.value).photo)
/** why no picture is taken */
const none = computed(() => consentRefusal(sheet.job.value.customer, 'photo'))
const caption = ref('')
const big = ref<string | null>(null)
const shown = computed(() => photos.value.find(p => p.body.photoId === big.value))
const { busy, message, take: keep } = usePhotos()
async function take(files: File[]): Promise<void> {
  await keep(files, caption.value)
  if (!message.value) caption.value = ''
}
</script>

<template>
  <div class="photos">
    <ul v-if="photos.length">
      <li v-for="p in photos" :key="p.id">
        <ElButton text :aria-label="`Photo: ${p.body.caption ?? 'without words'}`" @click="big = p.body.photoId">
          <img :src="`/api/photos/${p.body.photoId}?size=small`" :alt="p.body.caption ?? ''" loading="lazy" /></ElButton
        ><span class="note">{{ p.body.caption }}</span>
      </li>
    </ul>
    <p v-if="none" class="note">{{ none }}</p>
    <div v-else class="take">
      <PlainField v-model="caption" label="Words under the photo" class="words" />
      <LazyFilePick accept="image/*" camera :disabled="busy" @pick="take">Camera</LazyFilePick>
      <LazyFilePick accept="image/jpeg,image/png,image/webp" multiple :disabled="busy" @pick="take">
        From a file
      </LazyFilePick>
      <span v-if="busy" class="lab" role="status">Keeping it…</span>
    </div>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <ElDialog
      :model-value="shown !== undefined"
      :title="shown?.body.caption ?? 'Photo'"
      width="min(92vw, 1000px)"
      @update:model-value="big = null"
      ><img
        v-if="shown"
        class="big"
        :src="`/api/photos/${shown.body.photoId}`"
        :alt="shown.body.caption ?? ''"
        :width="shown.body.width"
        :height="shown.body.height"
    /></ElDialog>
  </div>
</template>

<style scoped>
.photos {
  display: grid;
  gap: 10px;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
li {
  width: 132px;
  display: grid;
  gap: 3px;
}
li button {
  border: 1px solid var(--edge);
  background: var(--sheet-2);
  padding: 0;
  border-radius: var(--radius);
  overflow: hidden;
  cursor: zoom-in;
  height: 98px;
}
li img {
  width: 100%;
  height: 100%;
  object-fit: cover;
  display: block;
}
.take {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.words {
  flex: 1 1 220px;
  max-width: 420px;
  font-style: normal;
}
.big {
  max-width: 100%;
  height: auto;
  display: block;
}
</style>
