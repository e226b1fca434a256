import type { Database } from 'better-sqlite3'
import { alikeness, signsThere } from '#core/diagnosis/alike'
import { CAUSE_BY_ID, SIGNS } from '#core/catalogue'
import { reportsOf } from '#core/diagnosis/reports'
import type { ShopCounts } from '#core/engine/shopCounts'
import type { CauseFoundBody } from '#core/entries/cause_found/schema'
import { entriesInForce } from '#core/log/entry'
import { PROOFS } from '#core/words/opened'
import type { AlikeLine, CaseLine } from '#shared/types/records'
import { jobFile } from './jobs'
import { rows } from './statements'

/** The standing words on what each job really was. */
const CAUSES_FOUND = `
  SELECT   e.job_id AS jobId, e.body
  FROM     entries e
  JOIN     jobs j ON j.id = e.job_id
  JOIN     engines g ON g.machine_id = j.machine_id
  WHERE    e.kind = 'cause_found' AND json_extract(g.facts, '$.engineClass') = ? AND e.job_id <> ?
    AND    NOT EXISTS (SELECT 1 FROM entries later WHERE later.supersedes = e.id)
  ORDER BY e.seq`
const SAME_COMPLAINT = `
  SELECT   j.id, j.number, j.created_at AS at, m.name AS machineName, json_extract(c.body, '$.words') AS words,
           (SELECT f.body FROM entries f WHERE f.job_id = j.id AND f.kind = 'cause_found' AND NOT EXISTS (SELECT 1 FROM entries l WHERE l.supersedes = f.id) ORDER BY f.seq DESC LIMIT 1) AS found
  FROM     entries c
  JOIN     jobs j ON j.id = c.job_id
  JOIN     machines m ON m.id = j.machine_id
  JOIN     engines g ON g.machine_id = m.id
  WHERE    c.kind = 'complaint' AND json_extract(c.body, '$.about') = @about AND json_extract(g.facts, '$.engineClass') = @engineClass AND j.id <> @except
    AND    NOT EXISTS (SELECT 1 FROM entries later WHERE later.supersedes = c.id)
  ORDER BY j.number DESC
  LIMIT    12`

/** The newest closed jobs of engines with the same cycle: enough to find an old friend, few enough to be read in a blink. */
const NAMED_JOBS = `
  SELECT   j.id, j.number, m.name AS machineName, e.body
  FROM     entries e
  JOIN     jobs j ON j.id = e.job_id
  JOIN     machines m ON m.id = j.machine_id
  JOIN     engines g ON g.machine_id = m.id
  WHERE    e.kind = 'cause_found' AND j.id <> @except AND json_extract(g.facts, '$.cycle') = @cycle
    AND    NOT EXISTS (SELECT 1 FROM entries later WHERE later.supersedes = e.id)
  ORDER BY j.number DESC
  LIMIT    80`
/** Less alike than this is only two engines. */
const LEAST_ALIKE = 0.2

/** What this shop's jobs on a class of engine really were, one job left out: it can't vouch for itself. */
export function causeCounts(db: Database, engineClass: string, exceptJob: string): ShopCounts {
  const byJob = new Map<string, Set<string>>()
  for (const { jobId, body } of rows<{ jobId: string; body: string }>(db, CAUSES_FOUND, engineClass, exceptJob)) {
    const { causeId, proof } = JSON.parse(body) as CauseFoundBody
    const set = byJob.get(jobId) ?? new Set<string>()
    byJob.set(jobId, set)
    if (causeId && (proof === 'proved' || proof === 'probable')) set.add(causeId)
  }
  const hits: Record<string, number> = {}
  for (const set of byJob.values()) for (const id of set) hits[id] = (hits[id] ?? 0) + 1
  return { total: byJob.size, hits }
}

/** Jobs with the same complaint on the same class of engine, newest first, with what they turned out to be. */
export function sameComplaint(db: Database, about: string, engineClass: string, except: string): CaseLine[] {
  return rows<Omit<CaseLine, 'cause' | 'proof'> & { found: string | null }>(db, SAME_COMPLAINT, {
    about,
    engineClass,
    except,
  }).map(({ found, ...line }) => {
    const body = found ? (JSON.parse(found) as CauseFoundBody) : null
    return { ...line, cause: body && causeWords(body), proof: body && PROOFS[body.proof].toLowerCase() }
  })
}

/** Jobs that were named and whose findings look like this one's, the most alike first. */
export function alikeCases(db: Database, jobId: string): AlikeLine[] {
  const file = jobFile(db, jobId)
  const mine = signsOf(file)
  return rows<{ id: string; number: number; machineName: string; body: string }>(db, NAMED_JOBS, {
    except: jobId,
    cycle: file.facts.cycle,
  })
    .map(({ id, number, machineName, body }) => {
      const { share, shared } = alikeness(mine, signsOf(jobFile(db, id)))
      const found = JSON.parse(body) as CauseFoundBody
      return {
        id,
        number,
        machineName,
        share,
        cause: causeWords(found),
        proof: PROOFS[found.proof].toLowerCase(),
        shared: shared.slice(0, 4).map(s => SIGNS.get(s)?.seen.toLowerCase() ?? s),
      }
    })
    .filter(c => c.share >= LEAST_ALIKE)
    .sort((a, b) => b.share - a.share)
    .slice(0, 5)
}

const signsOf = (file: ReturnType<typeof jobFile>): Set<string> =>
  signsThere(reportsOf(entriesInForce(file.entries), file))
const causeWords = ({ causeId, text }: CauseFoundBody): string =>
  causeId ? (CAUSE_BY_ID.get(causeId)?.name ?? causeId) : (text ?? 'unknown')
