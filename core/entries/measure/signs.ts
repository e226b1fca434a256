import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { MeasureItem } from '../../measure/items'
import type { JobFile } from '../file'
import { judgeMeasure } from './judge'
import type { MeasureBody } from './schema'

/** Sizes of which one past its limit shows what others only see or feel; one inside it speaks against that. */
const SIZE_SIGNS: Partial<Record<MeasureItem, string>> = {
  ring_gap: 'bore_over',
  ring_gap_second: 'bore_over',
  ring_gap_oil: 'bore_over',
  rod_play: 'rod_slack',
  rod_rim: 'rod_slack',
  rod_cap: 'rod_damaged',
  crank_pin: 'rod_damaged',
  crank_runout: 'crank_bent',
  shaft_runout: 'crank_bent',
  main_play: 'main_play',
  pump_tip: 'pump_worn_seen',
  pump_side: 'pump_worn_seen',
  pump_body: 'pump_worn_seen',
  pump_spindle: 'pump_worn_seen',
  plate: 'plates_thin',
  coil_gap: 'coil_gap_off',
  key_shift: 'key_sheared',
}

/** What it says of the catalogue's signs: past a limit it is there, the sheet's or a rule of thumb's, as it would be by feel; inside one it was looked for and is not; what can't be told says nothing. */
export function signs(entry: Logged<MeasureBody>, file: JobFile): SignDraft[] {
  const sign = SIZE_SIGNS[entry.body.item]
  if (!sign || entry.how !== 'measured') return []
  const { mark } = judgeMeasure(entry, file)
  if (mark === 'near') return [[sign, true, 'thumb']]
  return mark === 'open' ? [] : [[sign, mark === 'past']]
}
