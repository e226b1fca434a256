import { cause, inGroup } from '../write'

/** Leaks: what can be wrong. Shares of jobs and links are shop judgement; a shop's own counts take over. */
export const LEAK = inGroup('leak', [
  cause('sump_bolts', 'Sump bolts loose', {
    needs: { sump: true },
    base: [0, 0, 0.015, 0.006, 0.008, 0.008],
    what: 'They work loose; the oil is lost slowly.',
    damages: 'Runs dry.',
    cure: 'Tighten in order; look at the gasket.',
    often: 'wet_sump bolts_loose',
    sometimes: 'oil_low says_leak oil_dry vibrates',
  }),
  cause('bottom_seal', 'Shaft seal leaks', {
    needs: { sump: true },
    base: [0, 0, 0.02, 0.01, 0.015, 0.012],
    what: 'Worn lip, or a shaft that runs out.',
    cure: 'Run-out first, then the seal.',
    always: 'wet_bottom_seal',
    sometimes: 'says_leak oil_low crank_bent says_uses_oil',
  }),
  cause('top_seal', 'Seal behind the flywheel leaks', {
    needs: { sump: true },
    base: [0, 0, 0.012, 0.008, 0.008, 0.008],
    what: 'Shows only with the flywheel off.',
    cure: 'Seal; look at the breather.',
    always: 'wet_top_seal',
    sometimes: 'says_leak oil_low spark_weak',
  }),
  cause('cover_leak', 'Valve cover leaks', {
    needs: { cycle: 'four' },
    base: [0, 0, 0.025, 0.025, 0.02, 0.015],
    what: 'Gasket, or too much sealant once.',
    cure: 'New gasket on clean faces.',
    always: 'wet_cover',
    sometimes: 'says_leak smoke_blue sealant_seen',
  }),
  cause('fuel_leak', 'Fuel leaks out', {
    base: [0.02, 0.012, 0.02, 0.015, 0.01, 0.012],
    what: 'Joint, tap or line.',
    damages: 'Fire.',
    cure: 'Shut off, air the room, renew.',
    always: 'wet_fuel',
    sometimes: 'says_leak line_cracked carb_overflows',
  }),
])
