import { cause, inGroup } from '../write'

/** Starting: what can be wrong. Shares of jobs and links are shop judgement; a shop's own counts take over. */
export const STARTING = inGroup('starting', [
  cause('battery', 'Battery flat', {
    needs: { classes: ['S4', 'M4', 'T4', 'D4', 'V2'] },
    base: [0, 0.02, 0.03, 0.05, 0.06, 0.06],
    what: 'It does not hold, or is not charged.',
    cure: 'Charge, test under load, look at the charging.',
    always: 'battery_low',
    often: 'says_wont_turn',
    sometimes: 'stood_long no_click says_wont_start click_lamp',
  }),
  cause('starter_jam', 'Starter gear jammed in the ring', {
    base: [0.002, 0.004, 0.01, 0.006, 0.008, 0.008],
    what: 'The engine is not locked, the starter is.',
    cure: 'Free it, clean the shaft, look at the teeth.',
    always: 'starter_in_ring turns_locked',
    often: 'says_wont_turn',
    sometimes: 'click_lamp',
  }),
  cause('starter_weak', 'Starter or solenoid', {
    needs: { classes: ['S4', 'M4', 'T4', 'D4', 'V2'] },
    base: [0, 0.01, 0.02, 0.02, 0.03, 0.03],
    what: 'Brushes, contact, clutch.',
    cure: 'Lamp at each step; brushes.',
    often: 'starter_drags click_lamp says_wont_turn',
    sometimes: 'no_click says_wont_start',
  }),
  cause('release_dead', 'Release never lifts', {
    needs: { release: true },
    base: [0.005, 0.002, 0.015, 0.003, 0.002, 0.002],
    what: 'Hard to pull, kicks.',
    damages: 'Fingers, rope.',
    cure: 'Lash first, then pin and spring.',
    always: 'release_dead',
    often: 'kicks_back turns_hard',
    sometimes: 'lash_wide says_wont_start says_wont_turn',
  }),
  cause('recoil', 'Recoil or its pawls broken', {
    needs: { classes: ['H2', 'S4', 'V2'] },
    base: [0.03, 0.006, 0.025, 0, 0, 0],
    what: 'The rope pulls and nothing turns, or it does not come back.',
    cure: 'Pawls, spring, rope; the spring is let down first.',
    always: 'recoil_slips',
    often: 'says_wont_turn',
    sometimes: 'says_wont_start',
  }),
  cause('charging', 'It does not charge', {
    needs: { classes: ['S4', 'M4', 'T4', 'D4', 'V2'] },
    base: [0, 0.01, 0.012, 0.03, 0.03, 0.03],
    what: 'Stator, regulator, fuse or a connector.',
    damages: 'A flat battery, again and again.',
    cure: 'Volts over the battery while it runs; then stator by meter, regulator.',
    always: 'charge_none',
    often: 'battery_low',
    sometimes: 'says_wont_turn no_click says_dies',
  }),
])
