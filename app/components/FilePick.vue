<script setup lang="ts">
import type { UploadFile, UploadInstance } from 'element-plus'

/** A button that asks for files of this computer, or for the camera of a tablet. */
const props = defineProps<{
  accept: string
  multiple?: boolean
  camera?: boolean
  disabled?: boolean
  dash?: boolean
}>()
const emit = defineEmits<{ pick: [files: File[]] }>()
const upload = useTemplateRef<UploadInstance>('upload')
let picked: File[] = []
/** files that were picked at once come one by one */
function add({ raw }: UploadFile): void {
  if (!raw) return
  if (!picked.length)
    void nextTick(() => {
      const files = picked
      picked = []
      upload.value?.clearFiles()
      emit('pick', files)
    })
  picked.push(raw)
}
onMounted(() => {
  if (props.camera)
    (upload.value as { $el?: HTMLElement } | null)?.$el?.querySelector('input')?.setAttribute('capture', 'environment')
})
</script>

<template>
  <ElUpload
    ref="upload"
    class="pick"
    :accept="accept"
    :multiple="multiple"
    :disabled="disabled"
    :auto-upload="false"
    :show-file-list="false"
    :on-change="add"
    ><span class="btn" :class="{ dash, off: disabled }"><slot /></span
  ></ElUpload>
</template>

<style scoped>
.pick {
  display: inline-flex;
}
.off {
  opacity: 0.6;
}
.pick :deep(.el-upload:focus-visible) {
  outline: 3px solid var(--petrol);
  outline-offset: 2px;
}
</style>
