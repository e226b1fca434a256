import type { EngineFacts } from '../engine/facts'
import type { MachineKind } from '../engine/words'
import { RIDDEN } from '../engine/words'
import { hasSump } from './fillMarks'

export interface TiltGuide {
  best: string
  never: string
  steps: string[]
  after: string[]
  drain: string
}

/** Machines that stand on a deck and are tipped to reach the blade. */
const TIPPED: readonly MachineKind[] = ['walk_behind_mower', 'tiller']
/** What stands on its wheels: laid on its side it is laid on its tank. */
const UPRIGHT: readonly MachineKind[] = [...RIDDEN, 'riding_mower', 'tractor']

/** Which way up this engine may be laid, for how long, and what to clean if it was done wrong. General workshop-manual practice. */
export function tiltGuide(kind: MachineKind, facts: EngineFacts): TiltGuide {
  const float = facts.fuelFeed === 'float' || facts.fuelFeed === 'vacuum_tap' || facts.fuelFeed === 'unknown'
  const drain =
    facts.drainPlug === 'no'
      ? 'No drain plug: suck it out at the filler, or tip it tail down over a pan.'
      : facts.drainPlug === 'yes'
        ? 'Drain at the plug, warm, machine level.'
        : 'Look for a drain plug before it is tipped.'
  if (!hasSump(facts))
    return {
      best: 'Any way up for a short time; tank cap tight.',
      never: 'Carburettor above a full tank for long: it floods.',
      steps: ['Fuel shut or tank empty.', 'Plug out before the first pull if fuel smells.'],
      after: ['Pull it through with the plug out, away from sparks.'],
      drain: 'No sump to drain.',
    }
  const after = [
    'Plug out, turn it by hand until nothing more comes, no sparks.',
    'Air filter and its box: oil on foam chokes it.',
    float ? 'Carburettor bowl and bore, if it lay that side down.' : 'Intake, if it lay that side down.',
    'Level again when it has stood an hour. White smoke at the first run clears in minutes.',
  ]
  const steps = [
    'Plug lead off; fuel shut, tank low.',
    'Piston at top of compression: both valves shut.',
    'Carburettor upward.',
    'A few minutes only. For longer work drain the oil first.',
  ]
  if (UPRIGHT.includes(kind))
    return {
      best: 'Upright. Ramp or lift rather than lying it down.',
      never: 'On its side with oil and fuel in it.',
      steps,
      after,
      drain,
    }
  if (!TIPPED.includes(kind))
    return {
      best: 'Upright, in the van too.',
      never: 'On its side with oil in it: filter and cylinder fill.',
      steps,
      after,
      drain,
    }
  return {
    best: 'Tail down, handles to the floor, front up.',
    never: 'Carburettor and filter side down.',
    steps: [...steps, 'Exhaust side down only shortly, and cold.'],
    after,
    drain,
  }
}
