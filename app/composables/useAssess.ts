import type { Remote } from 'comlink'
import { wrap } from 'comlink'
import type { Assessment } from '#core/assess'
import type { JobDiagnosis } from '#core/diagnosis/diagnoseJob'
import type { SimResult } from '#core/estimate/simulate'
import type { Entry } from '#core/job/entries'
import type { JobFile } from '#core/job/jobFile'
import type { AssessApi } from '~/workers/assess.worker'

let remote: Remote<AssessApi> | undefined
function worker(): Remote<AssessApi> {
  remote ??= wrap<AssessApi>(new Worker(new URL('../workers/assess.worker.ts', import.meta.url), { type: 'module', name: 'assess' }))
  return remote
}

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** The ways of a job in ten thousand draws, in the worker. */
export const drawWays = (file: JobFile): Promise<SimResult[]> => worker().draw(plain(file), [])

/** The judgement of a job, kept up with the log and with what is being typed, off the page's own thread. */
export function useAssess(file: () => JobFile | null, typed: () => Entry[]): { assessment: Ref<Assessment | null>, diagnosis: Ref<JobDiagnosis | null> } {
  const assessment = shallowRef<Assessment | null>(null)
  /** follows the judgement, which is quicker and never waits for it */
  const diagnosis = shallowRef<JobDiagnosis | null>(null)
  let running = false
  let again = false
  async function run(): Promise<void> {
    const current = file()
    if (!current) return
    if (running) {
      again = true
      return
    }
    running = true
    do {
      again = false
      const [log, draft] = [plain(file() ?? current), plain(typed())]
      assessment.value = await worker().assess(log, draft)
      if (!again) diagnosis.value = await worker().diagnose(log, draft)
    } while (again)
    running = false
  }
  watch([file, typed], () => { void run() }, { immediate: true, deep: true })
  return { assessment, diagnosis }
}
