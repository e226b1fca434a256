import { sendPhoto, useTaking } from '~/composables/useFindingPhotos'

/** Keeps pictures of the job in hand: the picture first, then the entry that shows it. */
export function usePhotos(about: string | null = null) {
  const sheet = useSheet()
  const shop = useShopStore()
  return useTaking(async (file, caption: string) => {
    if (!shop.person) return 'say who is at the bench first, at the top right.'
    const sent = await sendPhoto(sheet.job.value.id, file)
    if (typeof sent === 'string') return sent
    const outcome = await sheet.log({ kind: 'photo', how: null, body: { ...sent, caption: caption || null, about } })
    return outcome.ok ? '' : outcome.message
  })
}
