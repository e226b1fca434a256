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
  ring_wear: 'bore_over',
  ring_side: 'bore_over',
  ring_side_second: 'bore_over',
  ring_side_oil: 'bore_over',
  rod_shake: 'rod_slack',
  big_end_oil: 'rod_slack',
  rod_play: 'rod_slack',
  rod_rim: 'rod_slack',
  rod_cap: 'rod_damaged',
  crank_pin: 'rod_damaged',
  crank_runout: 'crank_bent',
  main_runout: 'crank_bent',
  shaft_runout: 'crank_bent',
  blade_runout: 'blow_outside',
  journal: 'rod_damaged',
  main_oil: 'main_play',
  end_float: 'main_play',
  guide: 'guide_loose',
  seal_height: 'seal_worn',
  seal_proud: 'seal_worn',
  clutch_spring: 'plates_thin',
  main_play: 'main_play',
  pump_tip: 'pump_worn_seen',
  pump_side: 'pump_worn_seen',
  pump_body: 'pump_worn_seen',
  pump_spindle: 'pump_worn_seen',
  plate: 'plates_thin',
  coil_gap: 'coil_gap_off',
  key_shift: 'key_sheared',
}

/** Sizes that decide what is fitted or set, and point at no cause of their own. */
export const SIZES_SILENT: readonly MeasureItem[] = [
  ...(['ring_under', 'squish', 'gasket', 'protrusion', 'rod_side', 'seat_width', 'spring_free'] as const),
  ...(['shim_inlet', 'shim_exhaust', 'oring_set', 'oring', 'plug_gap'] as const),
]
/** Whether a size past its limit is heard as a sign. */
export const isHeard = (item: MeasureItem): boolean => item in SIZE_SIGNS

/** So far past a rule of thumb it points somewhere; what is only a little past one is left to the maker's figure. Shop judgement. */
const WELL_PAST = 1.5

/**
 * What it says of the catalogue's signs: past the sheet's limit it is there, within it it was looked for and is not. A rule of thumb says either less
 * firmly, and nothing where it is passed by a little; what can't be told says nothing.
 */
export function signs(entry: Logged<MeasureBody>, file: JobFile): SignDraft[] {
  const sign = SIZE_SIGNS[entry.body.item]
  if (!sign || entry.how !== 'measured') return []
  const { mark, byThumb, times } = judgeMeasure(entry, file)
  if (mark === 'open') return []
  if (mark === 'past') return [[sign, true]]
  if (mark === 'near') return byThumb && (times ?? WELL_PAST) < WELL_PAST ? [] : [[sign, true, 'thumb']]
  return [byThumb ? [sign, false, 'thumb'] : [sign, false]]
}
