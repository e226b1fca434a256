import type { EventHandlerRequest, H3Event } from 'h3'
import pLimit from 'p-limit'
import { kindsFor } from '#core/entries/mayLog'
import type { SessionView } from '#shared/types/session'
import type { DeviceState } from '../db/devices'
import { deviceState } from '../db/devices'
import { Refusal } from '../db/refusal'
import { peopleOf, policyOf } from '../db/shop'

type Event = H3Event<EventHandlerRequest>

/** How a browser stands with the shop, as its page asks; the demo's comes in by itself. */
export async function sessionView(event: Event): Promise<SessionView> {
  const demo = Boolean(useRuntimeConfig().demo)
  event.context.who = undefined
  let who = await whoIs(event, 'GET /api/session')
  if (demo && !who.device && !who.withdrawn) {
    await comeInByItself(event)
    who = await whoIs(event, 'GET /api/session')
  }
  if (who.withdrawn) forget(event)
  const policy = policyOf(useDb())
  return {
    shopName: policy.shopName,
    demo,
    device: who.device && {
      id: who.device.id,
      name: who.device.name,
      expiresAt: who.device.expiresAt,
      locked: who.device.lockedAt !== null,
    },
    withdrawn: who.withdrawn,
    person: who.person && { ...who.person, logs: kindsFor(who.person) },
    people: who.device ? comers() : [],
    idleMinutes: policy.idleMinutes,
  }
}

async function comeInByItself(event: Event): Promise<void> {
  const [first] = peopleOf(useDb()).filter(p => p.active && p.role === 'keeper')
  if (!first) return
  comeToTheBench(await letBrowserIn(event, 'Came in by itself', null), first.id)
}

/** The device that this comes from, as it stands. */
export async function deviceHere(event: Event, anew = false): Promise<DeviceState> {
  const { device } = await whoIs(event)
  const now = device && anew ? deviceState(useDb(), device.id) : device
  if (!now) throw notLetIn()
  return now
}

/** A PIN takes its time on purpose: several at once are looked at one after the other, so that each wrong one counts. */
export const oneByOne = pLimit(1)

const CODES_A_MINUTE = 10
let wrong: number[] = []
/** Codes can't be tried in a row by whoever reaches the address. */
export function checkCodeTries(): void {
  wrong = wrong.filter(at => Date.now() - at < 60_000)
  if (wrong.length >= CODES_A_MINUTE)
    throw new Refusal(429, 'Too many wrong codes: wait a minute.', [{ field: 'code', message: 'Wait a minute.' }])
}
export function wrongCodeCounts<T>(look: () => T): T {
  try {
    return look()
  } catch (error) {
    if (error instanceof Refusal && error.status === 403) wrong.push(Date.now())
    throw error
  }
}
