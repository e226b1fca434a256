import type { EntryKind } from '../entries/types'
import type { Stage } from '../log/words'
import type { MeasureItem } from '../measure/items'

/** A check or an entry still owed, with the minutes it takes. */
export interface NextLook {
  id:
    | 'oil'
    | 'mix'
    | 'fuel'
    | 'turn_over'
    | 'plug_out'
    | 'smell'
    | 'compression'
    | 'lash'
    | 'retest'
    | 'lock'
    | 'evidence'
    | 'debris'
    | 'option'
    | 'value'
    | 'cause'
    | `follow:${string}`
  /** the kind of entry that answers it */
  form: EntryKind
  stage: Stage
  /** which size, where a size is asked */
  item?: MeasureItem
  /** which check of the catalogue, where one is asked */
  check?: string
  title: string
  minutes: number
  why: string
}
