import { InputError, TIE } from '../errors'

export interface DecideOption {
  name: string
  meanCost: number
  p90: number | null
  valueAfter: number
  pSuccess: number
  comebackCost: number
  hoursOk: number
  hoursFail: number
}
export interface OptionOutcome {
  name: string
  net: number
  gain: number
  expHours: number
  costPerH: number | null
  allowed: boolean
}
export type Goal = 'sell' | 'keep'

/**
 * Options compared. `sell`: whatever leaves most money over. `keep`: whatever runs cheapest an hour; it never compares
 * with selling, so list the replacement machine as an option.
 * @param salvageValue what the machine brings unmended
 * @param cap          the owner's limit; an option is allowed when its P90 stays within it
 * @returns net = money left after the work; gain = net against not mending; best is a name, or `salvage`
 * @throws  InputError `missing` when there is a cap and an option has no P90
 */
export function decide({
  options,
  salvageValue,
  cap,
  goal,
}: {
  options: DecideOption[]
  salvageValue: number
  cap: number | null
  goal: Goal
}): { options: OptionOutcome[]; best: string } {
  const outcomes = options.map((o, i): OptionOutcome => {
    if (cap !== null && o.p90 === null)
      throw new InputError('missing', `options[${i}].p90`, `${o.name} needs its P90, since the owner set a cap.`)
    const spent = o.meanCost + (1 - o.pSuccess) * o.comebackCost
    const net = o.pSuccess * o.valueAfter + (1 - o.pSuccess) * salvageValue - spent
    const expHours = o.pSuccess * o.hoursOk + (1 - o.pSuccess) * o.hoursFail
    return {
      name: o.name,
      net,
      gain: net - salvageValue,
      expHours,
      costPerH: expHours > 0 ? spent / expHours : null,
      allowed: cap === null || (o.p90 ?? 0) <= cap + TIE,
    }
  })
  return { options: outcomes, best: bestOf(outcomes, salvageValue, goal)?.name ?? 'salvage' }
}

/** The leading outcome, or undefined when nothing allowed beats not mending. Ties go to the first listed. */
export function bestOf<T extends OptionOutcome>(outcomes: T[], salvageValue: number, goal: Goal): T | undefined {
  const allowed = outcomes.filter(o => o.allowed)
  if (goal === 'sell') {
    const [first, ...rest] = allowed
    const top = first && rest.reduce((a, b) => (b.net > a.net + TIE ? b : a), first)
    return top && top.net > salvageValue + TIE ? top : undefined
  }
  const [first, ...rest] = allowed.filter(o => o.costPerH !== null)
  return first && rest.reduce((a, b) => ((b.costPerH ?? Infinity) < (a.costPerH ?? Infinity) - TIE ? b : a), first)
}
