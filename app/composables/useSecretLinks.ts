import { ulid } from 'ulid'
import type { NewSecret, SecretLine } from '#shared/types/session'

/** Secret addresses of one thing: given out, told once, taken back. */
export function useSecretLinks(url: string) {
  const shop = useShopStore()
  const lines = ref<SecretLine[]>([])
  const link = ref('')
  const message = ref('')
  /** sent again after a lost answer it is the same address */
  let id = ulid()
  async function load(): Promise<void> {
    lines.value = await read<SecretLine[]>(url).catch(() => [])
  }
  async function give(): Promise<void> {
    if (!shop.person) return
    const outcome = await send<NewSecret>(url, 'POST', { id, by: shop.person.id })
    if (outcome.ok || outcome.status !== 0) id = ulid()
    link.value = (outcome.ok && outcome.value.link) || ''
    message.value = outcome.ok
      ? link.value
        ? ''
        : 'It was made already, and told on the way. Take it back and make another.'
      : outcome.message
    await load()
  }
  async function takeBack(line: SecretLine): Promise<void> {
    if (!shop.person) return
    const outcome = await send(`/api/shop/links/${line.id}`, 'PUT', { withdrawn: true, by: shop.person.id })
    message.value = outcome.ok ? '' : outcome.message
    link.value = ''
    await load()
  }
  return { lines, link, message, load, give, takeBack }
}
