import type { Component } from 'vue'
import type { EngineFacts } from '#core/engine/facts'
import type { Stage } from '#core/log/words'

/** What of the job decides which forms it is asked with. */
export interface Shown {
  facts: EngineFacts
  /** there was fuel in the oil */
  fuel: boolean
  locked: boolean
}

/** Where the form of a kind of entry stands, and what draws it; without `drawn` it is a list of fields. */
export interface Face {
  stage: Stage
  /** its place among the forms of the stage */
  tab?: { label: string; at: number; when?(shown: Shown): boolean }
  /** the form itself shows what was logged with it */
  lists?: true
  /** what stands on the log is not corrected in this form */
  corrects?: false
  drawn?: Component
  /** shown under the form */
  beside?: Component
}
