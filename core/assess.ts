import type { Assessment } from './assessment'
import { assessWith } from './assessment'
import type { JobFile } from './entries/file'
import { judgeDecision } from './verdict/verdict'

export type { Assessment } from './assessment'

/**
 * The judgement of a job: pure, deterministic, without a clock, so that the same log always reads the same. Log, then condition, then what
 * follows from the condition.
 * @param file engine facts, spec sheet, shop policy and the whole log, oldest entry first
 */
export const assess = (file: JobFile): Assessment => assessWith(file, judgeDecision)
