import { defineStore } from 'pinia'
import type { Right } from '#core/people/roles'
import { may as roleMay } from '#core/people/roles'
import type { EntryKind } from '#core/entries/types'
import type { SessionView } from '#shared/types/session'

/** How this browser stands with the shop: whether it was let in, and who is at it. */
export const useSessionStore = defineStore('session', () => {
  const view = ref<SessionView | null>(null)
  const device = computed(() => view.value?.device ?? null)
  const person = computed(() => view.value?.person ?? undefined)
  const people = computed(() => view.value?.people ?? [])

  function take(next: SessionView): void {
    view.value = next
    if (next.withdrawn) void empty()
  }
  async function look(): Promise<void> {
    take(await read<SessionView>('/api/session'))
  }
  /** Somebody comes to the bench; answers what is wrong, or nothing. */
  async function come(personId: string, pin: string): Promise<string> {
    const outcome = await send<SessionView>('/api/session/person', 'POST', { personId, pin })
    if (outcome.ok) take(outcome.value)
    return outcome.ok ? '' : outcome.message
  }
  /** Nobody is here any more; what is typed stays as it is. */
  async function leave(): Promise<void> {
    if (!view.value?.person) return
    view.value = { ...view.value, person: null }
    const outcome = await send<SessionView>('/api/session/leave', 'POST', {})
    if (outcome.ok) take(outcome.value)
  }
  /** An answer said that nobody is here, or that the device is none of the shop's. */
  function lost(who: string): void {
    if (who === 'person' && view.value) view.value = { ...view.value, person: null }
    else if (who === 'withdrawn') void empty()
    else if (who === 'device' && view.value) void navigateTo('/let-in')
  }

  const may = (right: Right): boolean => person.value !== undefined && roleMay(person.value.role, right)
  const mayLog = (kind: EntryKind): boolean => person.value?.logs.includes(kind) ?? false
  return { view, device, person, people, take, look, come, leave, lost, may, mayLog }
})

let emptying = false
/** The shop took this device back: nothing of it stays here. */
async function empty(): Promise<void> {
  // several answers may say so at once
  if (emptying) return
  emptying = true
  localStorage.clear()
  sessionStorage.clear()
  for (const name of (await globalThis.caches?.keys()) ?? []) await caches.delete(name)
  for (const { name } of (await indexedDB.databases?.()) ?? []) if (name) indexedDB.deleteDatabase(name)
  if (!location.pathname.startsWith('/let-in')) location.assign('/let-in?taken=1')
}
