import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { LockStepBody } from './schema'

const LOCK_FREE: Record<string, string> = {
  plug_out: 'free_plug_out',
  driven_off: 'free_drive_off',
  brake_off: 'free_brake_off',
  starter_gear: 'starter_in_ring',
  click_light: 'click_lamp',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<LockStepBody>): SignDraft[] {
  const { step, result } = entry.body
  const sign = LOCK_FREE[step]
  if (result === 'liquid') return [['free_plug_out', true], ...liquid(entry)]
  return sign && result !== 'cant'
    ? [
        [sign, result === 'freed'],
        ...(step === 'plug_out'
          ? ([
              ['liquid_fuel', false],
              ['liquid_oil', false],
              ['liquid_water', false],
            ] satisfies SignDraft[])
          : []),
      ]
    : []
}

const ALL = ['liquid_fuel', 'liquid_oil', 'liquid_water'] as const

/** Oil, fuel or water, as it was chosen; steps from before by the words of their note, fuel when nothing is said. */
function liquid(entry: Logged<LockStepBody>): SignDraft[] {
  const chosen = entry.body.liquid
  if (chosen === 'cant_tell' || chosen === null) return []
  if (chosen) return ALL.map(sign => [sign, sign === `liquid_${chosen}`])
  const note = entry.body.note?.toLowerCase() ?? ''
  const which = /water|coolant/.test(note) ? 'liquid_water' : /\boil\b/.test(note) ? 'liquid_oil' : 'liquid_fuel'
  return ALL.map(sign => [sign, sign === which])
}
