import type { Judgement } from '../../judgement'
import { LOCK_RESULTS, LOCK_STEPS } from '../../words/looks'
import type { Logged } from '../../log/entry'
import type { LockStepBody } from './schema'

/** One step of finding out why an engine is locked. */
export function judgeLockStep(entry: Logged<LockStepBody>): Judgement {
  const { step, result } = entry.body
  const headline = `Locked, ${LOCK_STEPS[step].label.toLowerCase()}: ${LOCK_RESULTS[result].toLowerCase()}`
  if (result === 'liquid') {
    return {
      entryId: entry.id,
      mark: 'past',
      headline,
      details: [
        'Liquid held it. Smell it: fuel, oil or water. Fuel in the cylinder means that the oil has had fuel too.',
        'Leave the plug out until it is dry; spin it by hand only.',
      ],
    }
  }
  const FREED: Record<keyof typeof LOCK_STEPS, string> = {
    plug_out: 'Free with the plug out: pressure or liquid held it, not metal.',
    driven_off: 'Free with the drive off: the driven machine is jammed, the engine is not.',
    brake_off: 'The brake held it.',
    starter_gear: 'The starter gear was stuck in the ring.',
    click_light: 'Power reaches the starter.',
    soaked: 'It came free with soaking: rust or a stuck ring. Look down the bore before it is run.',
  }
  const details =
    result === 'freed'
      ? [FREED[step]]
      : result === 'no_change'
        ? [
            step === 'soaked'
              ? "Still locked after soaking: piston or rod. Don't force it; open it or price it."
              : 'Not that: the next step.',
          ]
        : ['Not done: the answer stays open.']
  return {
    entryId: entry.id,
    mark: result === 'freed' ? 'near' : result === 'cant' ? 'open' : 'past',
    headline,
    details,
  }
}
