import type { EngineFacts } from '../../engine/facts'
import type { OilKindBody } from './schema'
import { OIL_KINDS } from '../../words/looks'
import { hasSump } from '../../oil/fillMarks'

export type Fit = 'fits' | 'check' | 'does_not_fit'

export const FIT_WORDS: Record<Fit, string> = { fits: 'fits', check: 'check', does_not_fit: 'does not fit' }

export interface FitReason {
  fit: Fit
  why: string
}

export const WRONG: readonly (keyof typeof OIL_KINDS)[] = ['gear', 'hydraulic', 'kitchen']

/**
 * An oil against what this engine asks of it. It never advertises one: it says what the label must show.
 * School: shops differ on which oil is best; on these points they don't.
 * @returns every point that counts, the gravest first
 */
export function oilFits(
  { what, wetClutch, antiWear }: Pick<OilKindBody, 'what' | 'wetClutch' | 'antiWear'>,
  facts: EngineFacts,
): { fit: Fit; reasons: FitReason[] } {
  const reasons: FitReason[] = []
  const say = (fit: Fit, why: string): void => {
    reasons.push({ fit, why })
  }
  if (what === 'additive')
    say(
      'check',
      'A thick additive is no cure: it hides the knock and not the wear. What was found stays as it is; change it with the oil.',
    )
  const injected = facts.oiling === 'injection'
  if (WRONG.includes(what))
    say(
      'does_not_fit',
      `${OIL_KINDS[what]} in an engine is a wrong fluid, whatever it cost: drain it, fill with the right oil, run short, drain again and look at what comes.`,
    )
  else if (!hasSump(facts)) {
    if (what === 'two_stroke')
      say(
        injected ? 'check' : 'fits',
        injected
          ? 'Oil injection: the label must say that it is for injectors, or it is too thick in the cold.'
          : 'Two-stroke oil for the mix. Never leaner than its own label.',
      )
    else if (what === 'unknown') say('check', 'Nobody knows what it is: ask for the bottle.')
    else say('does_not_fit', 'A two-stroke burns its oil: it needs two-stroke oil, other oils leave ash.')
  } else {
    if (what === 'two_stroke') say('does_not_fit', 'Two-stroke oil has no business in a sump.')
    if (what === 'unknown') say('check', 'Nobody knows what it is: change all of it.')
    if (facts.clutch === 'wet') {
      if (wetClutch === 'no')
        say('does_not_fit', 'The clutch runs in this oil: without a wet-clutch rating it may slip.')
      else if (wetClutch === 'unknown')
        say('check', 'The clutch runs in this oil: look for a wet-clutch rating on the label.')
    } else if (facts.clutch === 'unknown' && facts.engineClass === 'M4')
      say('check', 'Whether the clutch runs in this oil is not known.')
    if (facts.followers === 'flat' || (facts.followers === 'unknown' && facts.valves === 'push_rod')) {
      if (antiWear === 'no') say('does_not_fit', 'Flat followers need an anti-wear additive.')
      else if (antiWear === 'unknown') say('check', 'Flat followers: look for an anti-wear additive on the label.')
    }
    if (facts.bearings === 'plain_shells')
      say('fits', "Plain shells live on pressure: keep to the maker's grade, thin oil loses it hot.")
    if (facts.bearings === 'rolling')
      say('fits', 'Rolling bearings live on flow: clean oil matters more than a thick one.')
    if (what === 'motorcycle' && facts.clutch !== 'wet')
      say('fits', 'Motorcycle oil without a wet clutch: fine, and no better for it.')
  }
  const fit: Fit = reasons.some(r => r.fit === 'does_not_fit')
    ? 'does_not_fit'
    : reasons.some(r => r.fit === 'check')
      ? 'check'
      : 'fits'
  const order: Fit[] = ['does_not_fit', 'check', 'fits']
  if (!reasons.length) say('fits', "Nothing on this engine asks for more than the maker's grade.")
  return { fit, reasons: reasons.sort((a, b) => order.indexOf(a.fit) - order.indexOf(b.fit)) }
}
