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

/** Oil, fuel or water: by the words of the note, fuel when nothing is said. */
function liquid(entry: Logged<LockStepBody>): SignDraft[] {
  const note = entry.body.note?.toLowerCase() ?? ''
  const which = /water|coolant/.test(note) ? 'liquid_water' : /\boil\b/.test(note) ? 'liquid_oil' : 'liquid_fuel'
  return ['liquid_fuel', 'liquid_oil', 'liquid_water'].map(sign => [sign, sign === which])
}
