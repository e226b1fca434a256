import type { Remote } from 'comlink'
import { wrap } from 'comlink'
import type { Assessment } from '#core/assess'
import type { JobDiagnosis } from '#core/diagnosis/diagnoseJob'
import type { SimResult } from '#core/estimate/simulate'
import type { Entry } from '#core/entries/types'
import type { JobFile } from '#core/entries/file'
import type { Refused } from '#core/gates'
import type { AssessApi } from '~/workers/assess.worker'

let remote: Remote<AssessApi> | undefined
function worker(): Remote<AssessApi> {
  remote ??= wrap<AssessApi>(
    new Worker(new URL('../workers/assess.worker.ts', import.meta.url), { type: 'module', name: 'assess' }),
  )
  return remote
}

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** The ways of a job in ten thousand draws, in the worker. */
export const drawWays = (file: JobFile): Promise<SimResult[]> => worker().draw(plain(file), [])

/** The gates of an entry, asked before it is sent; null where they let it pass, or could not be asked: the server asks again. */
export const refusalOf = (file: JobFile, entry: Entry): Promise<Refused | null> =>
  worker()
    .refuse(plain(file), plain(entry))
    .catch(() => null)

export interface Judged {
  assessment: Ref<Assessment | null>
  /** follows the judgement, which is quicker and never waits for it */
  diagnosis: Ref<JobDiagnosis | null>
  /** what the page says where the worker could not judge: what stands is then from before */
  trouble: Ref<string | null>
}

/**
 * The judgement of a job, kept up with the log and with what is being typed, off the page's own thread. The first comes from the bench computer,
 * which has it ready while this one would still be loading what judges. A failure is said, and the next change is judged again.
 */
export function useAssess(jobId: string, file: () => JobFile | null, typed: () => Entry[]): Judged {
  const assessment = shallowRef<Assessment | null>(null)
  const diagnosis = shallowRef<JobDiagnosis | null>(null)
  const trouble = ref<string | null>(null)
  let running = false
  /** what the log gives was asked of the bench computer; where it does not answer, this one judges */
  const asked = new Set<string>()
  async function judged<T>(what: 'assessment' | 'diagnosis', draft: Entry[], here: () => Promise<T>): Promise<T> {
    if (draft.length || asked.has(what)) return here()
    asked.add(what)
    const ready = await read<T>(`/api/jobs/${jobId}/${what}`).catch(() => null)
    return ready ?? here()
  }
  let again = false
  /** the step's answer, or what was there before it when it fails */
  async function tried<T>(what: string, step: Promise<T>, before: T | null): Promise<T | null> {
    try {
      return await step
    } catch (error) {
      trouble.value = `${what} could not be worked out (${error instanceof Error ? error.message : String(error)}). What is shown of it is from before; the log itself is safe.`
      return before
    }
  }
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
      trouble.value = null
      const [log, draft] = [plain(file() ?? current), plain(typed())]
      assessment.value = await tried(
        'The judgement',
        judged('assessment', draft, () => worker().assess(log, draft)),
        assessment.value,
      )
      if (!again)
        diagnosis.value = await tried(
          'What it looks like',
          judged('diagnosis', draft, () => worker().diagnose(log, draft)),
          diagnosis.value,
        )
    } while (again)
    running = false
    // what is typed next finds it loaded
    void worker()
  }
  watch(
    [file, typed],
    () => {
      void run()
    },
    { immediate: true, deep: true },
  )
  return { assessment, diagnosis, trouble }
}
