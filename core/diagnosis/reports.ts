import { CHECK_BY_ID, SIGNS } from '../catalogue'
import type { EngineFacts } from '../engine/facts'
import { checkedAs } from '../entries/claim_check/checked'
import type { JobFile } from '../entries/file'
import { roomOf } from '../entries/rooms'
import { signsOf } from '../entries/signs'
import type { Entry } from '../entries/types'
import { cylinderOf } from '../log/cylinder'
import type { DeedKind, SignDraft } from '../log/facts'

/** One sign, seen or looked for and not there, with the entry that says so. A claim weighs less than what was seen here. */
export interface Report {
  sign: string
  there: boolean
  claimed: boolean
  entryId: string
  /** by a rule of thumb only: past one it makes doubtful and does not prove, inside one it does not clear */
  thumb?: true
  /** it was there until something was done: that explains the complaint, and this proves the cure */
  before?: { entryId: string; claimed: boolean; thumb?: true }
}

/** What changes an engine, so that what is found after it is no correction of what was found before. */
const WORK: readonly DeedKind[] = ['renewed', 'repaired', 'cleaned', 'set', 'filled']
/** Whoever saw it running saw that it turns, and that spark, fuel and compression are there. */
const NOT_WHILE_RUNNING: readonly SignDraft[] = [
  ...['turns_locked', 'turns_free', 'comp_none', 'spark_none', 'fuel_none', 'piston_still', 'tank_empty', 'no_click'],
].map(sign => [sign, false])

/** Whether an entry can only be made of an engine that ran. */
function ran(entry: Entry): boolean {
  if (entry.kind === 'check') return entry.body.skipped === null && CHECK_BY_ID.get(entry.body.check)?.runs === true
  if (entry.kind === 'leaks') return entry.body.look === 'after_run'
  return entry.kind === 'smoke' || entry.kind === 'trial'
}

const changed = (entry: Entry, file: JobFile): boolean =>
  (entry.kind === 'lock_step' && (entry.body.result === 'freed' || entry.body.result === 'liquid')) ||
  (roomOf(entry).deeds?.(entry, file) ?? []).some(deed => WORK.includes(deed.did))

/**
 * What a log says of the catalogue's signs: the newest word on each, what was seen before what was claimed. A sign that was there and is gone
 * since something was done keeps both.
 */
export function reportsOf(inForce: Entry[], file: JobFile): Report[] {
  /** of several cylinders each has its own newest word, and what one of them shows is there */
  const newest = new Map<string, Report & { era: number }>()
  let era = 0
  for (const entry of inForce) {
    // what an entry of work reads, it reads after it
    if (changed(entry, file)) era++
    const settled = ['confirmed', 'contradicted'].includes(checkedAs(entry.id, inForce) ?? '')
    const claimed = entry.how === 'claimed' && !settled
    const said = [...(ran(entry) && !claimed ? NOT_WHILE_RUNNING : []), ...signsOf(entry, file, inForce)]
    for (const [sign, there, thumb] of said) {
      if (!SIGNS.has(sign)) continue
      const key = `${sign} ${cylinderOf(entry) ?? ''}`
      const old = newest.get(key)
      if (claimed && old?.claimed === false) continue
      const gone = old && !there && era > old.era && (old.there ? old : old.before)
      newest.set(key, {
        ...{ sign, there, claimed, entryId: entry.id, era },
        ...(thumb && { thumb: true as const }),
        ...(gone && { before: { entryId: gone.entryId, claimed: gone.claimed, ...(gone.thumb && { thumb: true }) } }),
      })
    }
  }
  const reports = new Map<string, Report>()
  for (const { era: _era, ...report } of newest.values()) {
    const other = reports.get(report.sign)
    const says = (r: Report): number => (r.there ? 2 : r.before ? 1 : 0)
    if (!other || says(report) > says(other)) reports.set(report.sign, report)
  }
  return [...reports.values()]
}

/** What explains the complaint: a sign that is gone since the work counts as it was found. */
export const asFound = (reports: readonly Report[]): (Report & { gone?: true })[] =>
  reports.map(({ before, ...r }) => (before ? { ...r, ...before, there: true, gone: true } : r))

/** What the owner came for. */
export const isComplaint = (sign: string): boolean => sign.startsWith('says_')

/** A sign that shows more often than this by itself asks for no cause. */
const ORDINARY = 0.03
/** So rare by itself that something makes it. */
export const isTelling = (sign: string): boolean => (SIGNS.get(sign)?.leak ?? 1) <= ORDINARY

/** With one of these there is plainly no compression. */
export const NO_COMPRESSION: readonly string[] = ['comp_none', 'turns_free', 'piston_still']
/** Feeds that live on the engine's own pulses or vacuum. */
export const NEEDS_COMPRESSION: readonly EngineFacts['fuelFeed'][] = ['vacuum_tap', 'pulse', 'diaphragm']
/** Then these tell of the compression, and are held against no tap or pump. */
const FED_BY_IT: readonly string[] = ['fuel_none', 'fuel_trickle', 'tap_stays_shut']

/** What is parked is left out: without compression a tap or a pump that lives on it does not deliver, and is not to blame. */
export function notParked<R extends Report>(reports: readonly R[], facts: EngineFacts): R[] {
  const none = reports.some(r => r.there && NO_COMPRESSION.includes(r.sign))
  return none && NEEDS_COMPRESSION.includes(facts.fuelFeed)
    ? reports.filter(r => !(r.there && FED_BY_IT.includes(r.sign)))
    : [...reports]
}
