import { InputError, TIE } from '../errors'
import { scaledUpperGamma } from './gamma'

/** One engine as the shop saw it: hours when first seen, hours when last seen or failed. */
export interface LifeUnit {
  entryH: number
  exitH: number
  failed: boolean
}
export interface WeibullFit {
  beta: number
  etaH: number
  failures: number
  method: 'mle' | 'mle_at_bound' | 'fixed_beta'
  loglik: number
}

const BETA_SPAN = [0.3, 12] as const
/** Fewer failures than this say nothing of the shape. */
const ENOUGH = 3

/**
 * Life of a part from the shop's own machines, seen late (left truncated) and some still running (right censored). Hours.
 * Leaving out the hours at which a machine was first seen biases life upward.
 * @param priorBeta shape taken where there are too few failures to tell it
 * @returns method `fixed_beta` with under three failures or all at one age, `mle_at_bound` where the likelihood still rises at the end of 0.3..12
 * @throws InputError `too_few` without a failure, `inconsistent` for an exit not after its entry
 */
export function weibullFit({ units, priorBeta }: { units: LifeUnit[]; priorBeta: number }): WeibullFit {
  const failed = units.filter(u => u.failed)
  const failures = failed.length
  if (!failures)
    throw new InputError('too_few', 'units', 'None has failed yet: a life can be fitted from one failure on.')
  for (const [i, u] of units.entries())
    if (u.exitH <= u.entryH)
      throw new InputError(
        'inconsistent',
        `units[${i}].exit_h`,
        `Last seen at ${u.exitH} h must be after first seen at ${u.entryH} h.`,
      )
  // hours are scaled by the longest, so that no power overflows
  const top = Math.max(...units.map(u => u.exitH))
  const scaled = units.map(u => ({ t: u.exitH / top, e: u.entryH / top }))
  const power = (beta: number): number => scaled.reduce((sum, { t, e }) => sum + t ** beta - (e > 0 ? e ** beta : 0), 0)
  const logs = failed.reduce((sum, u) => sum + Math.log(u.exitH / top), 0)
  const slope = (beta: number): number => {
    const weighted = scaled.reduce(
      (sum, { t, e }) => sum + t ** beta * Math.log(t) - (e > 0 ? e ** beta * Math.log(e) : 0),
      0,
    )
    return failures / beta + logs - (failures * weighted) / power(beta)
  }
  const finish = (beta: number, method: WeibullFit['method']): WeibullFit => {
    const eta = (power(beta) / failures) ** (1 / beta)
    const etaH = eta * top
    const loglik =
      failed.reduce((sum, u) => sum + Math.log(beta / etaH) + (beta - 1) * Math.log(u.exitH / etaH), 0) -
      power(beta) / eta ** beta
    return { beta, etaH, failures, method, loglik }
  }
  const [low, high] = BETA_SPAN
  if (failures < ENOUGH || failed.every(u => Math.abs(u.exitH - (failed[0]?.exitH ?? 0)) <= TIE))
    return finish(priorBeta, 'fixed_beta')
  if (slope(low) <= 0) return finish(low, 'mle_at_bound')
  if (slope(high) >= 0) return finish(high, 'mle_at_bound')
  let [a, b] = [low as number, high as number]
  for (let i = 0; i < 200 && b - a > 1e-13; i++) {
    const middle = (a + b) / 2
    if (slope(middle) > 0) a = middle
    else b = middle
  }
  return finish((a + b) / 2, 'mle')
}

/**
 * What is left of a life that has come so far. Hours.
 * @returns chance to last `aheadH` more; mean, median and the hours that nine in ten reach
 * @throws InputError `out_of_range` far beyond any life (H over 50)
 */
export function weibullRemaining({
  beta,
  etaH,
  nowH,
  aheadH,
}: {
  beta: number
  etaH: number
  nowH: number
  aheadH: number
}): { pSurviveAhead: number; meanRemainingH: number; medianRemainingH: number; p10RemainingH: number } {
  const H = (nowH / etaH) ** beta
  if (!(H <= 50))
    throw new InputError('out_of_range', 'now_h', `${nowH} h is far beyond any life of this kind: look at the hours.`)
  const left = (more: number): number => etaH * (H + more) ** (1 / beta) - nowH
  return {
    pSurviveAhead: Math.exp(H - ((nowH + aheadH) / etaH) ** beta),
    meanRemainingH: (etaH / beta) * scaledUpperGamma(1 / beta, H),
    medianRemainingH: left(Math.LN2),
    p10RemainingH: left(-Math.log(0.9)),
  }
}
