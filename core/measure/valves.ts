import { InputError, TIE } from '../errors'

export type LashState = 'zero_lash' | 'tight' | 'ok' | 'loose'

function checkBand(loMm: number, hiMm: number): void {
  if (loMm > hiMm + TIE)
    throw new InputError(
      'inconsistent',
      'lo_mm',
      `The tight end (${loMm} mm) must not be more than the loose end (${hiMm} mm).`,
    )
}

/** Lash against its band, mm. Nothing to feel means nought or less: such a valve may never close. */
export function lashCheck({ measuredMm, loMm, hiMm }: { measuredMm: number; loMm: number; hiMm: number }): {
  state: LashState
  trueLashKnown: boolean
} {
  checkBand(loMm, hiMm)
  const state =
    measuredMm <= 0 ? 'zero_lash' : measuredMm < loMm - TIE ? 'tight' : measuredMm <= hiMm + TIE ? 'ok' : 'loose'
  return { state, trueLashKnown: state !== 'zero_lash' }
}

export interface ShimInput {
  oldShimMm: number
  measuredMm: number
  loMm: number
  hiMm: number
  availableMm: number[]
  targetMm: number | null
}
export interface ShimChoice {
  status: 'zero_lash' | 'in_spec' | 'ok' | 'no_option'
  idealMm: number
  newShimMm: number | null
  lashMm: number | null
  tryShimMm?: number | null
}

/**
 * The shim that brings a valve into its band, mm. Of two equally near the target the thinner: a looser valve.
 * @param targetMm where in the band to aim; the middle when null
 * @throws InputError `out_of_range` for a target outside the band, `inconsistent` for a band upside down
 */
export function shimSelect({ oldShimMm, measuredMm, loMm, hiMm, availableMm, targetMm }: ShimInput): ShimChoice {
  if (targetMm !== null && (targetMm < loMm - TIE || targetMm > hiMm + TIE))
    throw new InputError('out_of_range', 'target_mm', `Aim between ${loMm} and ${hiMm} mm, not at ${targetMm}.`)
  checkBand(loMm, hiMm)
  const target = targetMm ?? (loMm + hiMm) / 2
  const idealMm = oldShimMm + measuredMm - target
  if (measuredMm <= 0) {
    const below = availableMm.filter(s => s <= idealMm + TIE)
    return {
      status: 'zero_lash',
      idealMm,
      newShimMm: null,
      lashMm: null,
      tryShimMm: below.length ? Math.max(...below) : null,
    }
  }
  if (measuredMm >= loMm - TIE && measuredMm <= hiMm + TIE)
    return { status: 'in_spec', idealMm, newShimMm: oldShimMm, lashMm: measuredMm }
  const off = (shim: number): number => Math.abs(oldShimMm + measuredMm - shim - target)
  const fitting = availableMm
    .filter(shim => {
      const lash = oldShimMm + measuredMm - shim
      return lash >= loMm - TIE && lash <= hiMm + TIE
    })
    .sort((a, b) => (Math.abs(off(a) - off(b)) > TIE ? off(a) - off(b) : a - b))
  const best = fitting[0]
  return best === undefined
    ? { status: 'no_option', idealMm, newShimMm: null, lashMm: null }
    : { status: 'ok', idealMm, newShimMm: best, lashMm: oldShimMm + measuredMm - best }
}

/** Turns of an adjusting screw from a lash to a lash; positive is in. Not valid from no lash: what is under nought is not known. */
export function screwTurns({
  measuredMm,
  targetMm,
  pitchMm,
  rockerRatio,
}: {
  measuredMm: number
  targetMm: number
  pitchMm: number
  rockerRatio: number
}): { turns: number; degrees: number; direction: 'in' | 'out' | 'none'; estimateValid: boolean } {
  const turns = (measuredMm - targetMm) / (pitchMm * rockerRatio)
  return {
    turns,
    degrees: 360 * turns,
    direction: Math.abs(turns) <= TIE ? 'none' : turns > 0 ? 'in' : 'out',
    estimateValid: measuredMm > 0,
  }
}

/** Clearance of a guide from how far the valve wobbles, whole side movement, at a height over the guide, mm. */
export function guideClearance({
  wobbleMm,
  guideLengthMm,
  heightMm,
  limitMm,
}: {
  wobbleMm: number
  guideLengthMm: number
  heightMm: number
  limitMm: number
}): { clearanceMm: number; state: 'ok' | 'worn' } {
  const clearanceMm = wobbleMm / (1 + (2 * heightMm) / guideLengthMm)
  return { clearanceMm, state: clearanceMm > limitMm + TIE ? 'worn' : 'ok' }
}

export interface SeatInput {
  widthMm: number
  marginMm: number
  widthLoMm: number
  widthHiMm: number
  widthLimitMm: number
  marginLimitMm: number
}

/** A seat by its width and its valve by the margin left at the rim, mm. */
export function seatCheck({ widthMm, marginMm, widthLoMm, widthHiMm, widthLimitMm, marginLimitMm }: SeatInput): {
  seat: 'narrow' | 'ok' | 'wide' | 'recut'
  valve: 'ok' | 'replace_valve'
} {
  const seat =
    widthMm < widthLoMm - TIE
      ? 'narrow'
      : widthMm <= widthHiMm + TIE
        ? 'ok'
        : widthMm <= widthLimitMm + TIE
          ? 'wide'
          : 'recut'
  return { seat, valve: marginMm < marginLimitMm - TIE ? 'replace_valve' : 'ok' }
}

const LEAK_ACTIONS = ['none', 'none', 'lap', 'recut', 'recut'] as const

/** Solvent in the port, valve under its spring, one minute: from dry (0) to a stream (4). The scale is shop judgement. */
export function liquidLeak({ dropsPerMin, damp, stream }: { dropsPerMin: number; damp: boolean; stream: boolean }): {
  score: number
  action: (typeof LEAK_ACTIONS)[number]
} {
  const score = stream ? 4 : dropsPerMin > 5 + TIE ? 3 : dropsPerMin > 0 ? 2 : damp ? 1 : 0
  return { score, action: LEAK_ACTIONS[score] ?? 'recut' }
}

export interface SpringInput {
  freeMm: number
  newFreeMm: number
  limitMm: number | null
  rateNPerMm: number | null
  installedMm: number | null
}

/**
 * A valve spring by its free length, mm; against 0.97 of a new one's where the maker gives no limit (rule of thumb).
 * @throws InputError `inconsistent` when it is installed no shorter than a new one stands free
 */
export function springCheck({ freeMm, newFreeMm, limitMm, rateNPerMm, installedMm }: SpringInput): {
  lossPct: number
  limitMm: number
  state: 'ok' | 'replace'
  seatLoadLossPct: number | null
  seatLoadN?: number
} {
  if (installedMm !== null && installedMm >= newFreeMm - TIE)
    throw new InputError(
      'inconsistent',
      'installed_mm',
      `Installed (${installedMm} mm) must be shorter than a new one stands free (${newFreeMm} mm).`,
    )
  const limit = limitMm ?? 0.97 * newFreeMm
  return {
    lossPct: (100 * (newFreeMm - freeMm)) / newFreeMm,
    limitMm: limit,
    state: freeMm < limit - TIE ? 'replace' : 'ok',
    seatLoadLossPct: installedMm === null ? null : (100 * (newFreeMm - freeMm)) / (newFreeMm - installedMm),
    ...(installedMm !== null && rateNPerMm !== null && { seatLoadN: Math.max(0, rateNPerMm * (freeMm - installedMm)) }),
  }
}
