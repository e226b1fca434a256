import { defineStore } from 'pinia'
import type { ShopPolicy } from '#core/engine/policy'
import { DEFAULT_POLICY } from '#core/engine/policy'
import type { Person, ShopView } from '#shared/types/records'

/** The shop's policy and people, and who is at this bench. */
export const useShopStore = defineStore('shop', () => {
  const policy = ref<ShopPolicy>(DEFAULT_POLICY)
  /** of the policy as it was read */
  const version = ref('')
  /** its first day */
  const since = ref<string | null>(null)
  const people = ref<Person[]>([])
  const loaded = ref(false)
  const session = useSessionStore()

  const active = computed(() => people.value.filter(p => p.active))
  const person = computed(() => session.person)

  async function load(): Promise<void> {
    const view = await read<ShopView>('/api/shop')
    policy.value = view.policy
    version.value = view.version
    since.value = view.since
    people.value = view.people
    loaded.value = true
  }

  const initials = (id: string): string => people.value.find(p => p.id === id)?.initials ?? '?'
  const nameOf = (id: string): string => people.value.find(p => p.id === id)?.name ?? 'somebody'

  return { policy, version, since, people, active, person, loaded, load, initials, nameOf }
})
