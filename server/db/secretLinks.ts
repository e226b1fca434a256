import type { Database } from 'better-sqlite3'
import type { SecretLine } from '#shared/types/session'
import { hashOf, newToken } from './hash'
import { Refusal } from './refusal'
import { row, rows, run } from './statements'

type Kind = 'care' | 'calendar'
const LINKS = `
  SELECT l.id, p.name AS madeBy, l.made_at AS madeAt, l.withdrawn_at AS withdrawnAt
  FROM   secret_links l
  JOIN   people p ON p.id = l.made_by`
const OF = `${LINKS} WHERE l.kind = ? AND l.job_id IS ? ORDER BY l.made_at DESC`
const ONE = `${LINKS} WHERE l.id = ?`
const ADD = 'INSERT INTO secret_links (id, hash, kind, job_id, made_by, made_at) VALUES (?, ?, ?, ?, ?, ?)'
const OPEN = 'SELECT job_id AS jobId FROM secret_links WHERE hash = ? AND kind = ? AND withdrawn_at IS NULL'
const WITHDRAW = 'UPDATE secret_links SET withdrawn_at = ? WHERE id = ? AND withdrawn_at IS NULL'

/** Addresses of a kind that were given out, those taken back among them, the newest first. */
export const secretLinks = (db: Database, kind: Kind, jobId: string | null): SecretLine[] =>
  rows<SecretLine>(db, OF, kind, jobId)

/** @returns the secret, told once and kept as a hash */
export function newSecret(
  db: Database,
  { id, kind, jobId, by }: { id: string; kind: Kind; jobId: string | null; by: string },
  now = new Date(),
): SecretLine & { token: string } {
  const token = newToken()
  run(db, ADD, id, hashOf(token), kind, jobId, by, now.toISOString())
  return { ...secretLink(db, id), token }
}

export function secretLink(db: Database, id: string): SecretLine {
  const found = row<SecretLine>(db, ONE, id)
  if (!found) throw new Refusal(404, 'There is no such link.')
  return found
}

/** @throws Refusal 404 for what was never given out and for what was taken back: which of the two is nobody's business */
export function openedBy(db: Database, token: string, kind: Kind): { jobId: string | null } {
  const found = row<{ jobId: string | null }>(db, OPEN, hashOf(token), kind)
  if (!found) throw new Refusal(404, 'There is nothing at this address any more. Ask the shop for a new one.')
  return found
}

export function withdrawLink(db: Database, id: string, now = new Date()): SecretLine {
  secretLink(db, id)
  run(db, WITHDRAW, now.toISOString(), id)
  return secretLink(db, id)
}
