/** Why an input was refused. The words are the calculators' public error codes. */
export type ErrorCode =
  'missing' | 'not_a_number' | 'too_few' | 'bad_choice' | 'bad_unit' | 'out_of_range' | 'non_monotone' | 'inconsistent'

/**
 * Bad input to a computation: which field, and in plain words what would be right.
 * A RangeError, so that callers who only care that it failed need not know this class.
 */
export class InputError extends RangeError {
  constructor(
    readonly code: ErrorCode,
    readonly field: string,
    message: string,
  ) {
    super(message)
    this.name = 'InputError'
  }
}

/** Differences below this are ties: a reading equal to its limit passes. mm, ratio, volume or kPa alike. */
export const TIE = 1e-9
