import { cause, inGroup } from '../write'

/** Cooling: what can be wrong. Shares of jobs and links are shop judgement; a shop's own counts take over. */
export const COOLING = inGroup('cooling', [
  cause('fins', 'Cooling fins blocked', {
    needs: { cooling: 'air' },
    base: [0.015, 0.005, 0.025, 0.008, 0.003, 0.002],
    what: 'Grass, nests, oil cake under the shroud.',
    damages: 'Seats, rings, oil.',
    cure: 'Shroud off, brush, blow.',
    always: 'fins_blocked',
    often: 'runs_hot fins_packed',
    sometimes: 'oil_burnt hot_only says_no_power says_hot oil_treacle',
  }),
  cause('coolant_lost', 'Coolant lost', {
    needs: { cooling: 'liquid' },
    base: [0, 0.02, 0.003, 0.015, 0.02, 0.02],
    what: 'Hose, pump seal, radiator.',
    damages: 'Head and gasket.',
    cure: 'Find the drip under pressure; bleed.',
    always: 'coolant_low',
    often: 'runs_hot says_hot coolant_drips',
    sometimes: 'says_leak stopped_dead hot_only',
    seldom: 'head_warped',
  }),
  cause('thermostat', 'Thermostat or water pump', {
    needs: { cooling: 'liquid' },
    base: [0, 0.008, 0.002, 0.01, 0.012, 0.012],
    what: 'Coolant does not go round.',
    damages: 'Head gasket.',
    cure: 'Test in water; look at the impeller.',
    always: 'runs_hot',
    often: 'says_hot thermostat_shut water_none',
    sometimes: 'hot_only coolant_low',
  }),
  cause('water_path', 'Cooling-water path blocked', {
    needs: { cooling: 'liquid' },
    base: [0, 0.012, 0.002, 0.004, 0.005, 0.005],
    what: 'Sand, weed, scale or mud: it is full and does not flow.',
    damages: 'Piston and head gasket.',
    cure: 'Back-flush until it runs freely at the outlet; screen.',
    always: 'water_blocked',
    often: 'runs_hot water_none',
    sometimes: 'says_hot stopped_dead hot_only',
  }),
])
