import { expose } from 'comlink'
import type { Assessment } from '#core/assess'
import { assess } from '#core/assess'
import type { Entry } from '#core/job/entries'
import type { JobFile } from '#core/job/jobFile'
import { BODY_SCHEMAS } from '#shared/schemas/entry'

const api = {
  /** The log together with what is being typed, where that is complete enough to be judged. */
  assess(file: JobFile, typed: Entry[]): Assessment {
    const sound = typed.filter(entry => BODY_SCHEMAS[entry.kind].safeParse(entry.body).success)
    return assess({ ...file, entries: [...file.entries, ...sound] })
  },
}
export type AssessApi = typeof api
expose(api)
