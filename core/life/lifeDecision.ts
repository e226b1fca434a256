import { InputError, TIE } from '../errors'

export interface LifeDecisionInput {
  hours: number
  makerLimitH: number | null
  conditionLeftH: number | null
  safetyPart: boolean
  school: 'condition' | 'maker'
}

/**
 * Hours that are left by the maker's limit or by condition. A part that can hurt somebody goes by the smaller of what is known.
 * @throws InputError `missing` when neither is known
 */
export function lifeDecision({ hours, makerLimitH, conditionLeftH, safetyPart, school }: LifeDecisionInput): {
  leftH: number
  due: boolean
  pastMakerLimit: boolean
} {
  const makerLeft = makerLimitH === null ? null : makerLimitH - hours
  const known = [makerLeft, conditionLeftH].filter(x => x !== null)
  if (!known.length)
    throw new InputError('missing', 'maker_limit_h', "Give the maker's limit, or the hours that its condition leaves.")
  const left = school === 'maker' || safetyPart ? Math.min(...known) : (conditionLeftH ?? makerLeft ?? 0)
  return {
    leftH: Math.max(0, left),
    due: left <= TIE,
    pastMakerLimit: makerLimitH !== null && hours > makerLimitH + TIE,
  }
}
