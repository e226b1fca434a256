import { ulid } from 'ulid'
import type { InjectionKey } from 'vue'

/** A picture that is on disk and waits for the finding that it shows. */
export interface HeldPhoto {
  photoId: string
  width: number
  height: number
}

export interface FindingPhotos {
  held: Ref<HeldPhoto[]>
  busy: Ref<boolean>
  message: Ref<string>
  take(files: File[]): Promise<void>
}
export const FINDING_PHOTOS: InjectionKey<FindingPhotos> = Symbol('photos of the finding')

/** Sends one picture to the bench computer; answers what it became, or what went wrong. */
export async function sendPhoto(jobId: string, file: File): Promise<HeldPhoto | string> {
  const photoId = ulid()
  try {
    const response = await fetch(`/api/jobs/${jobId}/photos?id=${photoId}`, {
      method: 'POST',
      headers: { 'content-type': file.type || 'application/octet-stream' },
      body: file,
    })
    const kept = (await response.json()) as { width: number; height: number; detail?: string }
    return response.ok ? { photoId, width: kept.width, height: kept.height } : (kept.detail ?? 'it could not be kept.')
  } catch {
    return 'the bench computer did not answer. Take it again in a moment.'
  }
}

/** Takes each of the pictures that were picked; `keep` answers what went wrong with one. */
export function useTaking<More extends unknown[]>(keep: (file: File, ...more: More) => Promise<string>) {
  const busy = ref(false)
  const message = ref('')
  async function take(files: File[], ...more: More): Promise<void> {
    busy.value = true
    message.value = ''
    for (const file of files) {
      const failed = await keep(file, ...more)
      if (failed) message.value = `${file.name}: ${failed}`
    }
    busy.value = false
  }
  return { busy, message, take }
}

/** Pictures that are taken in a form: on disk at once, and logged with the finding. */
export function useFindingPhotos(jobId: string, held: Ref<HeldPhoto[]>): FindingPhotos {
  const taking = useTaking(async file => {
    const sent = await sendPhoto(jobId, file)
    if (typeof sent === 'string') return sent
    held.value = [...held.value, sent]
    return ''
  })
  return { held, ...taking }
}
