import { InputError, TIE } from '../errors'

export type CompStatus = 'pass' | 'fail' | 'below_expected' | 'not_comparable'

/** A reading under this share of the expected one deserves a further look. Rule of thumb, shop judgement. */
export const LOOK_SHARE = 0.75

export interface CompVerdictInput {
  pStdKpa: number
  limitKpa: number | null
  expectedKpa: number | null
  autoRelease: boolean
  releaseDisabled: boolean
  withReleaseLimitKpa: number | null
}

/**
 * A sea-level reading against its figure. A working decompression release makes a sound engine read low by design:
 * without a figure for that state the reading can't be compared at all.
 * @throws InputError `missing` when there is neither a limit nor an expected figure
 */
export function compVerdict({
  pStdKpa,
  limitKpa,
  expectedKpa,
  autoRelease,
  releaseDisabled,
  withReleaseLimitKpa,
}: CompVerdictInput): { status: CompStatus; limitUsedKpa: number | null } {
  if (autoRelease && !releaseDisabled) {
    if (withReleaseLimitKpa === null) return { status: 'not_comparable', limitUsedKpa: null }
    return against(withReleaseLimitKpa, 'fail')
  }
  if (limitKpa !== null) return against(limitKpa, 'fail')
  if (expectedKpa !== null) return against(LOOK_SHARE * expectedKpa, 'below_expected')
  throw new InputError(
    'missing',
    'limit_kpa',
    'Give the limit from the sheet, or the reading to expect from the geometry.',
  )

  function against(limitUsedKpa: number, otherwise: CompStatus): { status: CompStatus; limitUsedKpa: number } {
    return { status: pStdKpa >= limitUsedKpa - TIE ? 'pass' : otherwise, limitUsedKpa }
  }
}
