/** Keeps a record by PUT: who must be at the bench, what went wrong with which field, and that it is on disk. */
export function useKeep(url: string, after: () => Promise<void>) {
  const shop = useShopStore()
  const faults = ref<Fault[]>([])
  const message = ref('')
  const saved = ref(false)
  async function keep(body: (by: string) => object): Promise<void> {
    if (!shop.person) {
      message.value = 'Say who is at the bench first, at the top right.'
      return
    }
    const outcome = await send(url, 'PUT', body(shop.person.id))
    saved.value = outcome.ok
    message.value = outcome.ok ? '' : outcome.message
    faults.value = outcome.ok ? [] : outcome.faults
    if (outcome.ok) await after()
  }
  return { faults, message, saved, keep }
}
