import { expose } from 'comlink'
import type { SimResult } from '#core/estimate/simulate'
import type { Assessment } from '#core/assessment'
import { assessWith, hasWays, unweighed } from '#core/assessment'
import type { JobDiagnosis } from '#core/diagnosis/diagnoseJob'
import type { TreeNode } from '#core/diagnosis/tree'
import type { Entry } from '#core/entries/types'
import type { JobFile } from '#core/entries/file'
import type { Refused } from '#core/gates'

/** The log together with what is being typed, where that is complete enough to be judged. The schemas come only once somebody types. */
async function withTyped(file: JobFile, typed: Entry[]): Promise<JobFile> {
  if (!typed.length) return file
  const { BODY_SCHEMAS } = await import('#core/entries/schemas')
  return {
    ...file,
    entries: [...file.entries, ...typed.filter(entry => BODY_SCHEMAS[entry.kind].safeParse(entry.body).success)],
  }
}

/** What it looks like and the way from here come after the first judgement, in a script of their own. */
const diagnosis = () => import('#core/diagnosis/diagnoseJob')

const api = {
  draw: async (file: JobFile, typed: Entry[]): Promise<SimResult[]> =>
    (await import('./draw')).drawWays(await withTyped(file, typed)),
  async assess(logged: JobFile, typed: Entry[]): Promise<Assessment> {
    const file = await withTyped(logged, typed)
    return assessWith(file, hasWays(file.entries) ? (await import('#core/verdict/verdict')).judgeDecision : unweighed)
  },
  /** what the server would answer: null where it may be logged, and where the fields themselves are wrong, which the server names */
  async refuse(file: JobFile, entry: Entry): Promise<Refused | null> {
    const [{ BODY_SCHEMAS }, { refusal }] = await Promise.all([import('#core/entries/schemas'), import('#core/gates')])
    const { success, data } = BODY_SCHEMAS[entry.kind].safeParse(entry.body)
    return success ? refusal({ ...entry, body: data } as Entry, file) : null
  },
  tree: async (file: JobFile): Promise<TreeNode> => (await diagnosis()).treeOfJob(file),
  diagnose: async (file: JobFile, typed: Entry[]): Promise<JobDiagnosis> =>
    (await diagnosis()).diagnoseJob(await withTyped(file, typed)),
}
export type AssessApi = typeof api
expose(api)
