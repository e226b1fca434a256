import type { Database } from 'better-sqlite3'
import { assess } from '#core/assess'
import { isOut } from '#core/handover/out'
import { entriesInForce } from '#core/log/entry'
import { keptOf } from '#core/entries/kept'
import { OUTCOME_WORDS } from '#core/verdict/verdict'
import type { JobLine } from '#shared/types/records'
import { logStamp } from './entries'
import type { JobRow } from './jobs'
import { fileOf, jobOf, jobView, jobsOf } from './jobs'
import { customerOf, engineOf, machineOf } from './machines'
import { policyOf, policyStamp } from './shop'

interface Kept {
  stamp: string
  line: JobLine
}
/** Judgements kept as long as nothing that they rest on has changed; a lost one is only computed again. */
const kept = new WeakMap<Database, Map<string, Kept>>()

export function jobLine(db: Database, id: string): JobLine {
  return lineOf(db, jobOf(db, id))
}

export const jobLines = (db: Database): JobLine[] => jobsOf(db).map(job => lineOf(db, job))

/** One job that can't be read or judged says so on its own line, and the others stand. */
function lineOf(db: Database, job: JobRow): JobLine {
  try {
    return known(db, job)
  } catch (error) {
    console.error(`T ${job.number} can't be judged:`, error)
    const machine = machineOf(db, job.machineId)
    return {
      id: job.id,
      number: job.number,
      createdAt: job.createdAt,
      machineId: job.machineId,
      machineName: machine.name,
      machineKind: machine.kind,
      customerName: customerOf(db, machine.customerId).name,
      complaint: null,
      stage: 'book_in',
      stages: [],
      stops: [],
      nextTitle: null,
      waiting: null,
      closed: false,
      outNotToRun: false,
      lean: null,
      finding: null,
      trouble: "Can't be judged: something on its log can't be worked with. Open it and look.",
      lastAt: job.createdAt,
    }
  }
}

function known(db: Database, job: JobRow): JobLine {
  const cache = kept.get(db) ?? new Map<string, Kept>()
  kept.set(db, cache)
  const stamp = `${logStamp(db, job.machineId)} ${policyStamp(db)} ${engineOf(db, job.machineId).stamp}`
  const found = cache.get(job.id)
  if (found?.stamp === stamp) return found.line
  const line = compute(db, job)
  cache.set(job.id, { stamp, line })
  return line
}

function compute(db: Database, job: JobRow): JobLine {
  const view = jobView(db, job.id)
  const assessment = assess(fileOf(view, policyOf(db)))
  const { verdict, options, fallback } = assessment.decision
  const agreed = assessment.approved?.body.frozen
  const best = options.find(o => o.entryId === verdict?.bestId)
  const worst = [...assessment.judgements].reverse().sort((a, b) => rank(b.mark) - rank(a.mark))[0]
  return {
    id: job.id,
    number: job.number,
    createdAt: job.createdAt,
    machineId: view.machine.id,
    machineName: view.machine.name,
    machineKind: view.machine.kind,
    customerName: view.customer.name,
    complaint: keptOf(entriesInForce(view.entries)).complaint.at(-1)?.body.words ?? null,
    stage: assessment.stage,
    stages: assessment.stages,
    stops: assessment.stops,
    nextTitle: assessment.next[0]?.title ?? null,
    waiting: assessment.waiting,
    closed: assessment.closed,
    outNotToRun: isOut(assessment),
    lean: agreed
      ? {
          outcome: agreed.name,
          name: agreed.name,
          p10: agreed.p10,
          p90: agreed.p90,
          mends: agreed.p90 > 0,
          agreed: true,
          known: true,
        }
      : verdict && {
          outcome: OUTCOME_WORDS[verdict.outcome],
          name: verdict.bestName,
          p10: best?.mends ? best.p10 : fallback.value,
          p90: best?.mends ? best.p90 : fallback.value,
          mends: best?.mends ?? false,
          agreed: false,
          known: best !== undefined || fallback.known,
        },
    finding: worst ? { mark: worst.mark, headline: worst.headline } : null,
    trouble: view.unreadable.length
      ? `${view.unreadable.length === 1 ? 'One entry' : `${view.unreadable.length} entries`} of its log can't be read`
      : null,
    lastAt: view.entries.at(-1)?.at ?? job.createdAt,
  }
}

const rank = (mark: string): number => ['good', 'open', 'near', 'past'].indexOf(mark)
