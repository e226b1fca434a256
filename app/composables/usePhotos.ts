import { ulid } from 'ulid'

/** Keeps pictures of the job in hand: the picture first, then the entry that shows it. */
export function usePhotos(about: string | null = null) {
  const sheet = useSheet()
  const shop = useShopStore()
  const busy = ref(false)
  const message = ref('')

  async function take(event: Event, caption: string): Promise<void> {
    const input = event.target as HTMLInputElement
    busy.value = true
    message.value = ''
    for (const file of [...(input.files ?? [])]) {
      const failed = await keep(file, caption)
      if (failed) message.value = `${file.name}: ${failed}`
    }
    busy.value = false
    input.value = ''
  }

  /** Answers what went wrong. */
  async function keep(file: File, caption: string): Promise<string> {
    if (!shop.person) return 'say who is at the bench first, at the top right.'
    const photoId = ulid()
    try {
      const response = await fetch(`/api/jobs/${sheet.job.value.id}/photos?id=${photoId}`, {
        method: 'POST',
        headers: { 'content-type': file.type || 'application/octet-stream' },
        body: file,
      })
      const kept = (await response.json()) as { width: number; height: number; detail?: string }
      if (!response.ok) return kept.detail ?? 'it could not be kept.'
      const outcome = await sheet.log({
        kind: 'photo',
        how: null,
        body: { photoId, caption: caption || null, about, width: kept.width, height: kept.height },
      })
      return outcome.ok ? '' : outcome.message
    } catch {
      return 'the bench computer did not answer. Take it again in a moment.'
    }
  }
  return { busy, message, take }
}
