import { SIGNS } from '../catalogue'
import type { JobFile } from '../entries/file'
import { entriesInForce } from '../log/entry'
import type { Report } from './reports'
import { reportsOf } from './reports'

/** How much a shared sign says: little when it is seen on every other engine anyway. Nats. */
const weight = (sign: string): number => -Math.log(Math.max(1e-6, SIGNS.get(sign)?.leak ?? 1))

/** The signs that a log says are there. */
export const signsThere = (reports: Report[]): Set<string> => new Set(reports.filter(r => r.there).map(r => r.sign))

/** The signs that a job's log says are there. */
export const signsOf = (file: JobFile): Set<string> => signsThere(reportsOf(entriesInForce(file.entries), file))

/**
 * How alike two engines look, 0..1: the weight of the signs that both show over the weight of all that either shows.
 * @returns the share, and the shared signs with the most telling first; 0 when nothing is shared
 */
export function alikeness(mine: ReadonlySet<string>, other: ReadonlySet<string>): { share: number; shared: string[] } {
  const shared = [...mine].filter(s => other.has(s)).sort((a, b) => weight(b) - weight(a) || (a < b ? -1 : 1))
  const sum = (signs: Iterable<string>): number => [...signs].reduce((total, s) => total + weight(s), 0)
  const all = sum(new Set([...mine, ...other]))
  return { share: all > 0 ? sum(shared) / all : 0, shared }
}
