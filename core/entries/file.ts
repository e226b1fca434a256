import type { ShopCounts } from '../engine/shopCounts'
import type { EngineFacts } from '../engine/facts'
import type { ShopPolicy } from '../engine/policy'
import type { MachineKind } from '../engine/words'
import type { FillTable } from '../oil/fillMarks'
import type { SpecValue } from '../spec/specValue'
import type { Entry } from './types'

/** Everything that a judgement is made from. */
export interface JobFile {
  machineKind: MachineKind
  facts: EngineFacts
  spec: SpecValue[]
  /** what was poured in and where it showed; null when nobody has taken it yet */
  fill: FillTable | null
  entries: Entry[]
  /** earlier visits of this machine, oldest first, with the entries that stand */
  history: Visit[]
  policy: ShopPolicy
  /** what this shop's closed jobs on this class of engine really were */
  counts: ShopCounts | null
}

export interface Visit {
  number: number
  at: string
  entries: Entry[]
}
