import type { Database } from 'better-sqlite3'
import { alikeness, signsOf } from '#core/diagnosis/alike'
import { CAUSE_BY_ID, SIGNS } from '#core/catalogue'
import type { ShopCounts } from '#core/engine/shopCounts'
import type { CauseFoundBody } from '#core/entries/cause_found/schema'
import { PROOFS } from '#core/words/opened'
import type { AlikeLine, CaseLine } from '#shared/types/records'
import { jobFile } from './jobs'
import { rows } from './statements'

const COUNTS = 'SELECT cause_id AS causeId, n FROM cause_counts WHERE engine_class = ?'
const OWN_CAUSES = 'SELECT cause_id AS causeId FROM named_jobs WHERE job_id = ? AND engine_class = ?'
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

/** The newest named jobs of engines with the same cycle: enough to find an old friend, few enough to be read in a blink. */
const NAMED_JOBS = `
  SELECT   n.job_id AS id, n.number, m.name AS machineName, h.signs,
           (SELECT f.body FROM entries f WHERE f.job_id = n.job_id AND f.kind = 'cause_found' AND NOT EXISTS (SELECT 1 FROM entries l WHERE l.supersedes = f.id) ORDER BY f.seq DESC LIMIT 1) AS body
  FROM     named_jobs n
  JOIN     heads h ON h.job_id = n.job_id
  JOIN     machines m ON m.id = h.machine_id
  WHERE    n.cause_id = '' AND n.cycle = @cycle AND n.job_id <> @except AND h.signs IS NOT NULL
  ORDER BY n.number DESC
  LIMIT    80`
/** Less alike than this is only two engines. */
const LEAST_ALIKE = 0.2

/** What this shop's jobs on a class of engine really were, one job left out: it can't vouch for itself. */
export function causeCounts(db: Database, engineClass: string, exceptJob: string): ShopCounts {
  const n = new Map(rows<{ causeId: string; n: number }>(db, COUNTS, engineClass).map(c => [c.causeId, c.n]))
  for (const { causeId } of rows<{ causeId: string }>(db, OWN_CAUSES, exceptJob, engineClass))
    n.set(causeId, (n.get(causeId) ?? 0) - 1)
  const total = n.get('') ?? 0
  n.delete('')
  return { total, hits: Object.fromEntries([...n].filter(([, hits]) => hits > 0)) }
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
  return rows<{ id: string; number: number; machineName: string; body: string; signs: string }>(db, NAMED_JOBS, {
    except: jobId,
    cycle: file.facts.cycle,
  })
    .map(({ id, number, machineName, body, signs }) => {
      const { share, shared } = alikeness(mine, new Set(JSON.parse(signs) as string[]))
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

const causeWords = ({ causeId, text }: CauseFoundBody): string =>
  causeId ? (CAUSE_BY_ID.get(causeId)?.name ?? causeId) : (text ?? 'unknown')
