import { randomInt } from 'node:crypto'
import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterWrong, waitSeconds } from '#core/people/pin'
import type { DeviceLine } from '#shared/types/session'
import { hashOf } from './hash'
import { Refusal } from './refusal'
import { row, rows, run } from './statements'

const DEVICES = `
  SELECT d.id, d.name, d.let_in_at AS letInAt, b.name AS letInBy, d.expires_at AS expiresAt, d.seen_at AS seenAt,
         d.withdrawn_at AS withdrawnAt, d.emptied_at AS emptiedAt, d.locked_at AS lockedAt, p.name AS personName
  FROM   devices d
  LEFT JOIN people b ON b.id = d.let_in_by
  LEFT JOIN people p ON p.id = d.person_id`
const LIST = `${DEVICES} ORDER BY d.let_in_at DESC LIMIT 200`
const ONE = `${DEVICES} WHERE d.id = ?`
const STATE = `
  SELECT d.id, d.name, d.expires_at AS expiresAt, d.seen_at AS seenAt, d.withdrawn_at AS withdrawnAt, d.emptied_at AS emptiedAt,
         d.touched_at AS touchedAt, d.wrong, d.wait_until AS waitUntil, d.locked_at AS lockedAt, d.person_id AS personId
  FROM   devices d
  WHERE  d.id = ?`
const ADD = 'INSERT INTO devices (id, name, let_in_at, let_in_by, expires_at, seen_at) VALUES (?, ?, ?, ?, ?, ?)'
const SEEN = 'UPDATE devices SET seen_at = ?, touched_at = ? WHERE id = ?'
const COME = 'UPDATE devices SET person_id = ?, touched_at = ?, seen_at = ?, wrong = 0, wait_until = NULL WHERE id = ?'
const LEAVE = 'UPDATE devices SET person_id = NULL WHERE id = ? AND person_id IS NOT NULL'
const WRONG = 'UPDATE devices SET wrong = ?, wait_until = ?, locked_at = ? WHERE id = ?'
const WITHDRAW = 'UPDATE devices SET withdrawn_at = ?, person_id = NULL WHERE id = ? AND withdrawn_at IS NULL'
const RENEW = 'UPDATE devices SET expires_at = ?, wrong = 0, wait_until = NULL, locked_at = NULL WHERE id = ?'
const EMPTIED = 'UPDATE devices SET emptied_at = ? WHERE id = ? AND emptied_at IS NULL'
const ADD_CODE = 'INSERT INTO device_codes (hash, first, name, made_by, expires_at) VALUES (?, ?, ?, ?, ?)'
const CODE = 'SELECT first, name, made_by AS madeBy, expires_at AS expiresAt FROM device_codes WHERE hash = ?'
const DROP_CODE = 'DELETE FROM device_codes WHERE hash = ?'
const DROP_OLD = 'DELETE FROM device_codes WHERE expires_at < ? OR (first = 1 AND ? = 1)'
const KEEPS = `
  SELECT 1 FROM devices d
  WHERE  d.withdrawn_at IS NULL AND d.locked_at IS NULL AND d.expires_at > ?
    AND  EXISTS (SELECT 1 FROM people WHERE role = 'keeper' AND active = 1 AND pin IS NOT NULL)`

export const DEVICE_DAYS = 30
const DAY_MS = 86_400_000
/** Digits and capitals that are not taken for one another. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ'
const CODE_MINUTES = 10
const FIRST_MINUTES = 7 * 24 * 60

/** A device and who is at it, as each request is held against them. */
export interface DeviceState {
  id: string
  name: string
  expiresAt: string
  seenAt: string
  withdrawnAt: string | null
  emptiedAt: string | null
  touchedAt: string | null
  wrong: number
  waitUntil: string | null
  lockedAt: string | null
  personId: string | null
}

const later = (now: Date, ms: number): string => new Date(now.getTime() + ms).toISOString()

export const deviceState = (db: Database, id: string): DeviceState | undefined => row<DeviceState>(db, STATE, id)
export const devicesOf = (db: Database): DeviceLine[] => rows<DeviceLine>(db, LIST)
export function deviceOf(db: Database, id: string): DeviceLine {
  const found = row<DeviceLine>(db, ONE, id)
  if (!found) throw new Refusal(404, 'There is no such device here.')
  return found
}

/**
 * A code that lets one device in, once.
 * @param first it names the shop and its keeper as well, and is the only one of its kind
 * @returns the code, told once and kept as a hash
 */
export function newCode(
  db: Database,
  { first = false, name = null, by = null }: { first?: boolean; name?: string | null; by?: string | null },
  now = new Date(),
): { code: string; expiresAt: string } {
  const code = Array.from({ length: first ? 24 : 8 }, () => LETTERS[randomInt(LETTERS.length)]).join('')
  const expiresAt = later(now, (first ? FIRST_MINUTES : CODE_MINUTES) * 60_000)
  db.transaction(() => {
    run(db, DROP_OLD, now.toISOString(), Number(first))
    run(db, ADD_CODE, hashOf(code), Number(first), name, by, expiresAt)
  }).immediate()
  return { code, expiresAt }
}

/** What a code is for; it is not used up by being looked at. */
export function codeOf(
  db: Database,
  code: string,
  now = new Date(),
): { first: boolean; name: string | null; madeBy: string | null } {
  const found = row<{ first: number; name: string | null; madeBy: string | null; expiresAt: string }>(
    db,
    CODE,
    hashOf(code),
  )
  if (!found || found.expiresAt < now.toISOString())
    throw new Refusal(
      403,
      'This code is not valid, was used already, or its time is over. Ask a keeper for a new one.',
      [{ field: 'code', message: 'Ask a keeper for a new code: Shop, Devices.' }],
    )
  return { first: found.first === 1, name: found.name, madeBy: found.madeBy }
}
export const usedUp = (db: Database, code: string): void => run(db, DROP_CODE, hashOf(code))

/** Lets a device in; runs inside the caller's transaction. */
export function letIn(db: Database, name: string, by: string | null, now = new Date()): string {
  const [id, at] = [ulid(), now.toISOString()]
  run(db, ADD, id, name, at, by, later(now, DEVICE_DAYS * DAY_MS), at)
  return id
}

/** Whether somebody can still come in as a keeper, from some device. */
export const canBeKept = (db: Database, now = new Date()): boolean => row(db, KEEPS, now.toISOString()) !== undefined

export const sitDown = (db: Database, id: string, personId: string, now = new Date()): void =>
  run(db, COME, personId, now.toISOString(), now.toISOString(), id)
export const leave = (db: Database, id: string): void => run(db, LEAVE, id)
/** Seen, and touched by somebody: written once a minute at the most. */
export const seen = (db: Database, id: string, touchedAt: string | null, now = new Date()): void =>
  run(db, SEEN, now.toISOString(), touchedAt, id)
export const emptied = (db: Database, id: string, now = new Date()): void => run(db, EMPTIED, now.toISOString(), id)

/** @throws Refusal 429 while it has to wait, 423 when it is locked */
export function checkTries({ lockedAt, wrong, waitUntil }: DeviceState, now = new Date()): void {
  if (lockedAt !== null)
    throw new Refusal(423, 'This device is locked: too many wrong PINs. A keeper lets it in again under Shop, Devices.')
  const wait = waitSeconds({ wrong, waitUntil }, now)
  if (wait > 0)
    throw new Refusal(429, `Too many wrong PINs: wait ${wait} s.`, [{ field: 'pin', message: `Wait ${wait} s.` }])
}

/** Counts a wrong PIN at a device, and refuses it. */
export function wrongPin(db: Database, device: DeviceState, now = new Date()): never {
  const next = afterWrong(device, now)
  run(db, WRONG, next.wrong, next.waitUntil, next.locked ? now.toISOString() : null, device.id)
  checkTries({ ...device, ...next, lockedAt: next.locked ? now.toISOString() : null }, now)
  throw new Refusal(403, 'That is not the PIN. Type it again.', [{ field: 'pin', message: 'Not the PIN.' }])
}

/** Takes a device back, or lets it in for another while; a keeper unlocks it by that too. */
export function changeDevice(db: Database, id: string, to: 'withdrawn' | 'renewed', now = new Date()): DeviceLine {
  const { withdrawnAt } = deviceOf(db, id)
  if (to === 'withdrawn') run(db, WITHDRAW, now.toISOString(), id)
  else if (withdrawnAt !== null)
    throw new Refusal(409, 'This device was taken back and is emptied: let it in anew with a code.')
  else run(db, RENEW, later(now, DEVICE_DAYS * DAY_MS), id)
  return deviceOf(db, id)
}
