import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { EventHandlerRequest, H3Event } from 'h3'
import { deleteCookie, getCookie, getRequestProtocol, unsealSession, useSession } from 'h3'
import { LRUCache } from 'lru-cache'
import routes from '#routes'
import type { Me } from '#shared/types/session'
import { may, whoMay } from '#core/people/roles'
import { DOORS } from '../doors'
import type { DeviceState } from '../db/devices'
import { deviceState, emptied, leave, letIn, seen, sitDown } from '../db/devices'
import { newToken } from '../db/hash'
import { Refusal } from '../db/refusal'
import { peopleOf, policyOf, somebody } from '../db/shop'

type Event = H3Event<EventHandlerRequest>

const NAME = 'remedium'
/** How long a browser may keep it; when a device has to go, the shop's own record says. */
const COOKIE_DAYS = 400
const TOUCH_WRITTEN_MS = 60_000
const KEY_FILE = 'session.key'

let key = ''
/** What seals a device's cookie: from the configuration, or made once and kept beside the data, for this user's eyes only. */
function password(): string {
  const given = useRuntimeConfig().sessionPassword
  if (given) return given
  if (key) return key
  const file = join(dataDir(), KEY_FILE)
  try {
    key = readFileSync(file, 'utf8').trim()
  } catch {
    key = newToken()
    writeFileSync(file, `${key}\n`, { mode: 0o600, flag: 'wx' })
  }
  return key
}

/** Whether a cookie from before can be opened: not in a shop that was restored, or carried to another computer. */
export const knowsItsDevices = (): boolean =>
  useRuntimeConfig().sessionPassword !== '' || existsSync(join(dataDir(), KEY_FILE))

const config = (event: Event) => ({
  name: NAME,
  password: password(),
  maxAge: COOKIE_DAYS * 86_400,
  cookie: {
    httpOnly: true,
    sameSite: 'strict' as const,
    path: '/',
    secure: getRequestProtocol(event, { xForwardedProto: true }) === 'https',
    maxAge: COOKIE_DAYS * 86_400,
  },
})

/** Cookies that were opened already: a sealed one never says anything else. */
const opened = new LRUCache<string, string>({ max: 500 })

async function deviceIdOf(event: Event): Promise<string | null> {
  const sealed = getCookie(event, NAME)
  if (!sealed) return null
  const known = opened.get(sealed)
  if (known !== undefined) return known
  try {
    const { data } = await unsealSession(event, config(event), sealed)
    const device = (data as { device?: unknown } | undefined)?.device
    if (typeof device !== 'string') return null
    opened.set(sealed, device)
    return device
  } catch {
    return null
  }
}

/** Lets this browser in as a device. */
export async function letBrowserIn(event: Event, name: string, by: string | null): Promise<string> {
  const device = letIn(useDb(), name, by)
  const session = await useSession<{ device: string }>(event, config(event))
  await session.update({ device })
  event.context.who = undefined
  event.context.letIn = device
  return device
}

export interface Who {
  device: DeviceState | null
  /** let in once, and taken back */
  withdrawn: boolean
  person: Me | null
}

/** When somebody last touched a device; what is written of it is a minute old at the most. */
const touched = new Map<string, number>()

/** Asked by pages that nobody looks at: nobody is at the bench because of them. */
const POLLS = new Set(['GET /api/session', 'GET /api/shop/state'])

/** Which device this is, and who is at it. */
export async function whoIs(event: Event, key = ''): Promise<Who> {
  const known = event.context.who as Who | undefined
  if (known) return known
  const who = await found(event, key)
  event.context.who = who
  return who
}

async function found(event: Event, key: string): Promise<Who> {
  const nobody: Who = { device: null, withdrawn: false, person: null }
  const id = (event.context.letIn as string | undefined) ?? (await deviceIdOf(event))
  if (id === null) return nobody
  const db = useDb()
  const device = deviceState(db, id)
  // a device of a shop that was restored from before it came in is none of this one
  if (!device) return { ...nobody, withdrawn: true }
  const now = new Date()
  if (device.withdrawnAt !== null) return { ...nobody, withdrawn: true }
  if (device.expiresAt <= now.toISOString()) return nobody
  return { device, withdrawn: false, person: atHand(device, now, key) }
}

/** Who is at a device, unless nobody touched it for as long as the shop allows. */
function atHand(device: DeviceState, now: Date, key: string): Me | null {
  const db = useDb()
  const personId = sitting.has(device.id) ? sitting.get(device.id) : device.personId
  const person = personId && device.lockedAt === null ? somebody(db, personId) : undefined
  if (!person?.active) return null
  const last = touched.get(device.id) ?? Date.parse(device.touchedAt ?? '')
  if (!(now.getTime() - last <= policyOf(db).idleMinutes * 60_000)) {
    leaveTheBench(device.id)
    return null
  }
  if (!POLLS.has(key)) {
    touched.set(device.id, now.getTime())
    if (now.getTime() - Date.parse(device.seenAt) > TOUCH_WRITTEN_MS)
      quietly(() => seen(db, device.id, now.toISOString(), now))
  }
  const { id, name, initials, role, senior } = person
  return { id, name, initials, role, senior }
}

/** Nobody is kept out because it could not be written that he is here. */
function quietly(work: () => void): boolean {
  try {
    work()
    return true
  } catch (error) {
    console.error('How a device stands can not be written:', error)
    return false
  }
}

/** Who is at a device, where it could not be written: on a full disk the shop can still be looked at. */
const sitting = new Map<string, string | null>()
const keepSitting = (device: string, personId: string | null, work: () => void): unknown =>
  quietly(work) ? sitting.delete(device) : sitting.set(device, personId)

/** Somebody comes to the bench at a device. */
export function comeToTheBench(device: string, personId: string): void {
  keepSitting(device, personId, () => sitDown(useDb(), device, personId))
  touched.set(device, Date.now())
}
export const leaveTheBench = (device: string): unknown => keepSitting(device, null, () => leave(useDb(), device))

const answered = new Set(routes.map(r => `${r.method} ${r.path}`))
const doorOf = (event: Event): string => {
  const path = (event.context.matchedRoute as { path?: string } | undefined)?.path ?? event.path.split('?')[0] ?? ''
  return `${event.method} ${path.replace(/:([^/]+)/g, '[$1]')}`
}

/**
 * Holds a request against the table of doors.
 * @throws Refusal 401 where no device or nobody is there, 403 where the role does not allow it
 */
export async function checkDoor(event: Event): Promise<void> {
  const key = doorOf(event)
  // what answers to no route of ours says only that
  if (!answered.has(key)) return
  const door = DOORS[key]
  if (door === undefined) throw new Refusal(403, `${key} has no door.`)
  if (door === 'anyone') return
  const { device, withdrawn, person } = await whoIs(event, key)
  if (withdrawn) throw taken(event)
  if (!device) throw notLetIn()
  if (door === 'device') return
  if (!person) throw nobodyHere()
  if (!may(person.role, door))
    throw new Refusal(403, `This is for ${whoMay(door)}; ${person.name} works as ${person.role}.`)
}

export const notLetIn = (): Refusal =>
  new Refusal(401, 'This device is not let in. Ask a keeper of the shop for a code.', [], { who: 'device' })
const nobodyHere = (): Refusal =>
  new Refusal(401, 'Say who is at the bench. What you typed is still here.', [], { who: 'person' })

/** A device that was taken back is told to empty itself, and that it was told is kept. */
function taken(event: Event): Refusal {
  forget(event)
  return new Refusal(401, 'This device was taken back by the shop. What it kept is emptied.', [], { who: 'withdrawn' })
}

export function forget(event: Event): void {
  setHeader(event, 'clear-site-data', '"cache", "storage"')
  deleteCookie(event, NAME, { path: '/' })
  void deviceIdOf(event).then(id => id !== null && quietly(() => emptied(useDb(), id)))
}

/** Who sends this. */
export async function meOf(event: Event): Promise<Me> {
  const { person } = await whoIs(event)
  if (!person) throw nobodyHere()
  return person
}

/** Nobody writes under another's name: every `by` of a body is whoever is at the bench. */
export async function checkBy(event: Event, body: unknown): Promise<void> {
  if (typeof body !== 'object' || body === null) return
  const { by, entries } = body as { by?: unknown; entries?: unknown }
  const named = [by, ...(Array.isArray(entries) ? entries.map(e => (e as { by?: unknown } | null)?.by) : [])].filter(
    b => typeof b === 'string',
  )
  if (!named.length) return
  const me = await meOf(event)
  if (named.some(b => b !== me.id))
    throw new Refusal(403, `${me.name} is at the bench: nothing is written under another name.`, [
      { field: 'by', message: `Write it as ${me.name}, or let the other one come to the bench.` },
    ])
}

/** Who may be asked for at a device. */
export const comers = (): { id: string; name: string; initials: string; hasPin: boolean }[] =>
  peopleOf(useDb())
    .filter(p => p.active)
    .map(({ id, name, initials, hasPin }) => ({ id, name, initials, hasPin }))
