import type { Entry } from '../entries/types'
import { entriesInForce } from '../log/entry'
import { keptOf } from '../entries/kept'
import type { JobFile } from '../entries/file'
import type { Diagnosis } from './diagnose'
import { diagnose } from './diagnose'
import type { Essential } from './essentials'
import { essentials } from './essentials'
import { schoolOf } from '../engine/schools'
import { rulesHere } from '../entries/rule_here/rulesHere'
import type { Cause } from '../catalogue'
import { CHECK_BY_ID, SIGNS } from '../catalogue'
import { isApart, NEEDS_WHOLE } from './apart'
import { checksLacking } from './lacks'
import { afterCure } from './mended'
import type { Report } from './reports'
import { reportsOf } from './reports'
import type { TreeNode } from './tree'
import { treeOf } from './tree'

export interface JobDiagnosis extends Diagnosis {
  essentials: Essential[]
  /** minutes of the catalogue's checks that were done */ minutesSpent: number
  /** causes that were named and mended while more is left: what is likely is judged without them */ mended: Cause[]
}

/**
 * What a job looks like, from its whole log. Pure and deterministic.
 * @param cannot checks that can't be done here
 */
export function diagnoseJob(file: JobFile, cannot: readonly string[] = []): JobDiagnosis {
  const { inForce, reports, skipped, left, mended } = askedOf(file, cannot)
  const policy = rulesHere(file.policy, inForce)
  const openAtOnce = schoolOf(policy, 'look_first') === 'open'
  return {
    ...diagnose(
      file.facts,
      left,
      file.counts,
      skipped,
      openAtOnce,
      file.machineKind,
      mended.map(c => c.id),
    ),
    mended,
    essentials: essentials(reports, file.facts),
    minutesSpent: minutesOf(reports.filter(r => !r.claimed).map(r => r.sign)),
  }
}

/** The fault tree from where a job stands; see `treeOf`. */
export function treeOfJob(file: JobFile, depth = 3): TreeNode {
  const { left, mended, skipped } = askedOf(file)
  return treeOf(
    file.facts,
    left,
    file.counts,
    skipped,
    depth,
    file.machineKind,
    mended.map(c => c.id),
  )
}

/** What a log says, and which checks are not asked: left out with a reason, not to be done here, lacking on this machine, or of a whole engine while it lies open. */
function askedOf(
  file: JobFile,
  cannot: readonly string[] = [],
): { inForce: Entry[]; reports: Report[]; left: Report[]; mended: Cause[]; skipped: Set<string> } {
  const inForce = entriesInForce(file.entries)
  const reports = reportsOf(inForce, file)
  const open = isApart(inForce) ? NEEDS_WHOLE : []
  const skipped = new Set([...leftOutOf(inForce), ...cannot, ...checksLacking(file.machineKind, reports), ...open])
  const after = afterCure(inForce, file, reports)
  return { inForce, reports, skipped, left: after?.reports ?? reports, mended: after?.mended ?? [] }
}

const leftOutOf = (inForce: Entry[]): Set<string> =>
  new Set(
    keptOf(inForce)
      .check.filter(e => e.body.skipped)
      .map(e => e.body.check),
  )

function minutesOf(signs: string[]): number {
  const checks = new Set(signs.map(s => SIGNS.get(s)?.check))
  return [...checks].reduce((sum, id) => sum + (CHECK_BY_ID.get(id ?? '')?.minutes ?? 0), 0)
}
