import { expose } from 'comlink'
import type { Assessment } from '#core/assess'
import { assess } from '#core/assess'
import type { JobDiagnosis } from '#core/diagnosis/diagnoseJob'
import type { TreeNode } from '#core/diagnosis/tree'
import { diagnoseJob, treeOfJob } from '#core/diagnosis/diagnoseJob'
import type { Entry } from '#core/job/entries'
import type { JobFile } from '#core/job/jobFile'
import { BODY_SCHEMAS } from '#shared/schemas/entry'

/** The log together with what is being typed, where that is complete enough to be judged. */
function withTyped(file: JobFile, typed: Entry[]): JobFile {
  return { ...file, entries: [...file.entries, ...typed.filter(entry => BODY_SCHEMAS[entry.kind].safeParse(entry.body).success)] }
}

const api = {
  assess: (file: JobFile, typed: Entry[]): Assessment => assess(withTyped(file, typed)),
  tree: (file: JobFile): TreeNode => treeOfJob(file),
  diagnose: (file: JobFile, typed: Entry[]): JobDiagnosis => diagnoseJob(withTyped(file, typed)),
}
export type AssessApi = typeof api
expose(api)
