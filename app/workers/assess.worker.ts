import { expose } from 'comlink'
import type { Assessment } from '#core/assess'
import { assess } from '#core/assess'
import type { JobDiagnosis } from '#core/diagnosis/diagnoseJob'
import type { TreeNode } from '#core/diagnosis/tree'
import { diagnoseJob, treeOfJob } from '#core/diagnosis/diagnoseJob'
import { termsNow } from '#core/verdict/spend'
import type { SimOption, SimResult } from '#core/estimate/simulate'
import { simulate } from '#core/estimate/simulate'
import { keptOf } from '#core/entries/kept'
import type { Entry } from '#core/entries/types'
import { entriesInForce } from '#core/log/entry'
import type { JobFile } from '#core/entries/file'
import { workPolicy } from '#core/verdict/judgeOptions'
import { BODY_SCHEMAS } from '#core/entries/schemas'

/** The log together with what is being typed, where that is complete enough to be judged. */
function withTyped(file: JobFile, typed: Entry[]): JobFile {
  return {
    ...file,
    entries: [...file.entries, ...typed.filter(entry => BODY_SCHEMAS[entry.kind].safeParse(entry.body).success)],
  }
}

/** The ways of a job drawn against each other; always the same draws for the same lines. */
function draw(file: JobFile, typed: Entry[]): SimResult[] {
  const { decision } = assess(withTyped(file, typed))
  const terms = termsNow(entriesInForce(file.entries))
  const bodies = new Map(keptOf(entriesInForce(withTyped(file, typed).entries)).option.map(e => [e.id, e.body]))
  const live = decision.options.filter(o => o.allowed && (!o.mends || o.valueAfter !== null))
  const asIs: SimOption = {
    id: decision.fallback.id,
    lines: [],
    mends: {
      valueAfter: decision.fallback.value,
      salvage: decision.fallback.value,
      comeback: 0,
      success: 1,
      downtime: 0,
    },
  }
  const ways = live.map((o): SimOption => ({
    id: o.entryId,
    lines: bodies.get(o.entryId)?.lines ?? [],
    mends: o.mends
      ? {
          valueAfter: o.valueAfter ?? 0,
          salvage: decision.fallback.value,
          comeback: o.comeback,
          success: o.successChance,
          downtime: o.downtime,
        }
      : null,
  }))
  return simulate(ways.some(w => w.id === asIs.id) ? ways : [...ways, asIs], workPolicy(terms, file.policy))
}

const api = {
  draw,
  assess: (file: JobFile, typed: Entry[]): Assessment => assess(withTyped(file, typed)),
  tree: (file: JobFile): TreeNode => treeOfJob(file),
  diagnose: (file: JobFile, typed: Entry[]): JobDiagnosis => diagnoseJob(withTyped(file, typed)),
}
export type AssessApi = typeof api
expose(api)
