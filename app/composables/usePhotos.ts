import { sendPhoto } from '~/composables/useFindingPhotos'

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
    const sent = await sendPhoto(sheet.job.value.id, file)
    if (typeof sent === 'string') return sent
    const outcome = await sheet.log({ kind: 'photo', how: null, body: { ...sent, caption: caption || null, about } })
    return outcome.ok ? '' : outcome.message
  }
  return { busy, message, take }
}
