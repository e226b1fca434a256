import { InputError, TIE } from '../errors'

/** A fill table: rows of [reading, volume in mL]. A reading is whatever the engine shows: mm of stick, % between marks. */
export type FillPoint = [reading: number, volumeMl: number]
/** `level`: more oil reads higher. `ullage`: the distance down from a rim, so more oil reads lower. */
export type ReadingKind = 'level' | 'ullage'

/** Share of the whole reading span that an end segment may be stretched past its last point. */
const STRETCH = 0.1

function sorted(points: FillPoint[], kind: ReadingKind): FillPoint[] {
  const rows = [...points].sort((a, b) => a[0] - b[0])
  for (const [i, row] of rows.entries()) {
    const before = rows[i - 1]
    if (!before) continue
    const volumeOrder = kind === 'level' ? row[1] > before[1] : row[1] < before[1]
    if (!(row[0] > before[0] && volumeOrder)) {
      throw new InputError(
        'non_monotone',
        'points',
        `The fill table goes back on itself between readings ${before[0]} and ${row[0]}: each higher reading must hold ${kind === 'level' ? 'more' : 'less'} oil.`,
      )
    }
  }
  return rows
}

const between = (x: number, from: FillPoint, to: FillPoint): number =>
  from[1] + ((to[1] - from[1]) * (x - from[0])) / (to[0] - from[0])

/**
 * Oil in the engine for a reading, straight lines between the points of the fill table.
 * Past either end the last segment is stretched by up to a tenth of the whole span, and says so.
 * @returns volumeMl in mL, never below 0
 * @throws  InputError `non_monotone` for a table that goes back on itself, `out_of_range` further out than the stretch
 * @example oilVolume({ points: [[0, 400], [12, 540], [30, 800]], reading: 18, kind: 'level' })  // => 626.67 mL
 */
export function oilVolume({ points, reading, kind }: { points: FillPoint[]; reading: number; kind: ReadingKind }): {
  volumeMl: number
  extrapolated: boolean
} {
  const rows = sorted(points, kind)
  const [first, last] = ends(rows)
  const reach = STRETCH * (last[0] - first[0])
  if (reading < first[0] - reach - TIE || reading > last[0] + reach + TIE) {
    throw new InputError(
      'out_of_range',
      'reading',
      `A reading of ${reading} is outside the fill table (${first[0]} to ${last[0]}): add a point there, or read again.`,
    )
  }
  const [from, to] = segment(rows, row => reading <= row[0])
  return {
    volumeMl: Math.max(0, between(reading, from, to)),
    extrapolated: reading < first[0] - TIE || reading > last[0] + TIE,
  }
}

/**
 * The reading that a volume shows at; the exact inverse of oilVolume, without stretching.
 * @throws InputError `out_of_range` for a volume the table does not reach
 */
export function oilReading({ points, volumeMl, kind }: { points: FillPoint[]; volumeMl: number; kind: ReadingKind }): {
  reading: number
} {
  const byVolume = sorted(points, kind)
    .map(([reading, volume]): FillPoint => [volume, reading])
    .sort((a, b) => a[0] - b[0])
  const [least, most] = ends(byVolume)
  if (volumeMl < least[0] - TIE || volumeMl > most[0] + TIE) {
    throw new InputError(
      'out_of_range',
      'volume_ml',
      `${volumeMl} mL is outside the fill table (${least[0]} to ${most[0]} mL).`,
    )
  }
  const [from, to] = segment(byVolume, row => volumeMl <= row[0])
  return { reading: between(volumeMl, from, to) }
}

function ends(rows: FillPoint[]): [FillPoint, FillPoint] {
  const first = rows[0]
  const last = rows.at(-1)
  if (!first || !last || rows.length < 2)
    throw new InputError('too_few', 'points', 'A fill table needs at least two points.')
  return [first, last]
}

function segment(rows: FillPoint[], reached: (row: FillPoint) => boolean): [FillPoint, FillPoint] {
  const found = rows.findIndex(reached)
  const upper = Math.min(Math.max(found === -1 ? rows.length - 1 : found, 1), rows.length - 1)
  return [rows[upper - 1], rows[upper]] as [FillPoint, FillPoint]
}
