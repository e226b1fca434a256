import { useLocalStorage } from '@vueuse/core'
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
  const personId = useLocalStorage<string>('remedium:at-the-bench', '')

  const active = computed(() => people.value.filter(p => p.active))
  const person = computed(() => active.value.find(p => p.id === personId.value))

  async function load(): Promise<void> {
    const view = await read<ShopView>('/api/shop')
    policy.value = view.policy
    version.value = view.version
    since.value = view.since
    people.value = view.people
    loaded.value = true
    const [only] = active.value
    if (!person.value && active.value.length === 1 && only) personId.value = only.id
  }

  const initials = (id: string): string => people.value.find(p => p.id === id)?.initials ?? '?'
  const nameOf = (id: string): string => people.value.find(p => p.id === id)?.name ?? 'somebody'

  return { policy, version, since, people, active, person, personId, loaded, load, initials, nameOf }
})
