/** Keeps a record by PUT: who must be at the bench, that nobody changed it meanwhile, what went wrong with which field, and that it is on disk. */
export function useKeep(url: string, after: () => Promise<void>) {
  const shop = useShopStore()
  const faults = ref<Fault[]>([])
  const message = ref('')
  const saved = ref(false)
  /** of what was read; after somebody else's change, of theirs: saving once more keeps one's own */
  const version = ref('')
  async function keep(body: (by: string) => object): Promise<void> {
    if (!shop.person) {
      message.value = 'Say who is at the bench first, at the top right.'
      return
    }
    const outcome = await send(url, 'PUT', { ...body(shop.person.id), version: version.value })
    saved.value = outcome.ok
    message.value = outcome.ok ? '' : outcome.message
    // also what has no field of its own on the page
    if (!outcome.ok && outcome.more.version)
      message.value += outcome.faults.map(f => ` ${f.field.split('.').at(-1)}: ${f.message}`).join('')
    faults.value = outcome.ok ? [] : outcome.faults
    if (outcome.ok) await after()
    else if (outcome.more.version) version.value = outcome.more.version
  }
  return { faults, message, saved, version, keep }
}
