import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Running } from '../server'
import { call, startBuilt } from '../server'
import { atTheBench, FACTS, newEntry, newJob } from './shop'

let server: Running
let by: string
beforeAll(async () => {
  server = await startBuilt()
  by = await atTheBench(server.url)
})
afterAll(async () => {
  await server.stop()
})

const q = (value: number, unit: string) => ({ value, unit })
const size = (item: string, reads: number[], more: object = {}): [string, object] => [
  'measure',
  {
    item,
    reads: reads.map(r => q(r, 'mm')),
    tool: 'dial',
    place: null,
    when: 'as_found',
    note: null,
    soldMm: [],
    ...more,
  },
]
const part = (name: string, seen: string[], more: object = {}): [string, object] => [
  'part',
  {
    ...{ part: name, place: null, disposition: 'replace', seen, oil: 'not_looked', role: 'own' },
    ...{ reason: null, orientation: null, owed: null, ...more },
  },
]
const watch = (more: object): [string, object] => [
  'watch',
  { what: 'Look again', afterHours: null, afterKm: null, after: null, unit: null, onDay: null, why: null, ...more },
]
const as = (kind: string, body: object): [string, object] => [kind, body]
const spec = (item: string, value: number, unit: string) => ({ item, value, unit, source: 'maker', note: null })
const SAFE = { done: ['plug_lead', 'battery', 'fuel', 'free', 'stable'] }

/** Twelve machines of different kinds, each with what is read on it, and a word that must stand in what is made of it. */
const MACHINES: [kind: string, facts: object, sheet: object[], readings: [string, object, string][]][] = [
  [
    'walk_behind_mower',
    {},
    [spec('oil_capacity', 500, 'mL'), spec('oil_full_mark', 520, 'mL'), spec('oil_low_mark', 450, 'mL')],
    [
      [
        ...as('fluid', { action: 'owner_poured', amount: q(950, 'mL'), what: null, onTop: 'empty', to: null }),
        '90 % over',
      ],
      [...size('shaft_runout', [0.1], { swing: 'half' }), '0.200 mm'],
    ],
  ],
  [
    'riding_mower',
    { displacementCc: 500, oiling: 'pump_wet' },
    [spec('oil_pressure_idle_min', 0.7, 'bar')],
    [
      [
        ...as('oil_pressure', {
          ...{ by: 'gauge', coldIdle: q(3, 'bar'), coldSpeed: null, warmIdle: q(0.3, 'bar'), warmSpeed: null },
          ...{ rpm: null, oilC: 90, note: null },
        }),
        'too little',
      ],
      [...part('pulley', ['rusted']), 'Rusted fast'],
    ],
  ],
  [
    'pressure_washer',
    {},
    [spec('oil_capacity', 600, 'mL')],
    [
      [
        ...as('stand_test', {
          ...{ startedAt: '2026-05-01T17:10:00Z', endedAt: '2026-05-02T08:10:00Z', seen: 'liquid' },
          ...{ caught: q(20, 'mL'), minimumHours: 12 },
        }),
        '1.3 mL an hour',
      ],
    ],
  ],
  [
    'generator',
    { oiling: 'splash' },
    [spec('coil_gap', 0.3, 'mm')],
    [
      [...size('coil_gap', [0.32], { tool: 'feeler' }), 'within its limit'],
      [...part('charging', ['burnt']), 'Burnt'],
    ],
  ],
  [
    'tiller',
    { valves: 'side' },
    [spec('rod_play_max', 0.13, 'mm')],
    [[...size('rod_cap', [7.62, 7.9], { tool: 'vernier' }), '0.280 mm']],
  ],
  [
    'trimmer',
    { engineClass: 'H2', displacementCc: 30 },
    [spec('oil_capacity', 80, 'mL')],
    [
      [
        ...as('oil_change', {
          ...{ amount: q(130, 'mL'), oil: null, filter: false, atHours: null, atKm: null },
          ...{ occasion: 'pre_delivery', to: 'over' },
        }),
        'draw it down first',
      ],
    ],
  ],
  [
    'chainsaw',
    { engineClass: 'H2', cycle: 'two', oiling: 'premix', displacementCc: 50, mixRatio: 50 },
    [spec('ring_gap_max', 0.6, 'mm')],
    [
      [...size('ring_gap', [0.9], { tool: 'feeler' }), 'past its limit'],
      [...part('piston', ['scuffed'], { side: 'exhaust' }), 'lean, or too hot'],
    ],
  ],
  [
    'motorcycle',
    { engineClass: 'M4', displacementCc: 110, oiling: 'pump_wet', clutch: 'wet' },
    [spec('oil_change_km', 3000, 'km')],
    [
      [
        ...as('oil_change', {
          ...{
            amount: null,
            oil: '10W-40',
            filter: true,
            atHours: null,
            atKm: 12_000,
            occasion: 'service',
            to: 'mark',
          },
        }),
        '3,000 km',
      ],
      [...watch({ afterKm: 500 }), 'after 500 km'],
    ],
  ],
  [
    'offroad_motorcycle',
    { engineClass: 'V2', cycle: 'two', oiling: 'premix', displacementCc: 250, cooling: 'liquid', mixRatio: 40 },
    [spec('piston_clearance_new_max', 0.06, 'mm'), spec('piston_clearance_new_min', 0.04, 'mm')],
    [
      [
        ...as('bore', {
          ...{
            nominal: q(66.4, 'mm'),
            unit: 'mm',
            rows: [[66.4, 66.41]],
            piston: null,
            tool: 'bore_dial',
            when: 'as_found',
          },
          ...{
            partC: null,
            sizesMm: [],
            holdCentre: false,
            crossHatch: 'no',
            pistonInHand: q(66.85, 'mm'),
            note: null,
          },
        }),
        'Size to cut: piston 66.850 mm',
      ],
      [...part('power_valve', ['gummed']), 'Gummed up'],
    ],
  ],
  [
    'tractor',
    { engineClass: 'T4', displacementCc: 1200, oiling: 'pump_dry', cylinders: 2, cooling: 'liquid' },
    [spec('oil_capacity', 4, 'L')],
    [
      [...as('drain_down', { ran: q(800, 'mL'), hours: 12, note: null }), '20 % of the fill'],
      [...part('water_pump', ['broken']), 'Impeller broken'],
    ],
  ],
  [
    'snow_machine',
    { engineClass: 'V2', cycle: 'two', oiling: 'injection', displacementCc: 600, cylinders: 2, cooling: 'liquid' },
    [],
    [
      [
        ...as('lab_sample', {
          ...{ place: 'drain_pan', lab: 'Quay laboratory', mark: null, sentOn: '2026-05-01', dueOn: null },
          ...{ results: [{ what: 'Iron', value: 120, unit: 'mg/kg', limit: 60 }], says: null, note: null },
        }),
        '2.0 times as much',
      ],
    ],
  ],
  [
    'kart',
    { valves: 'side', fuelFeed: 'diaphragm' },
    [],
    [
      [
        ...as('fasteners', {
          ...{
            cover: 'Rod cap',
            what: 'two bolts',
            tool: null,
            out: 2,
            back: null,
            stuck: [],
            minutes: null,
            broke: null,
          },
          ...{ usualMinutes: null, found: [{ where: 'front', state: 'loose', torque: q(40, 'in.lbf') }] },
        }),
        'loose as found',
      ],
      [
        ...as('debris', {
          place: 'magnet',
          items: [{ magnet: 'leaves', material: 'lint', amount: 'some', largestUm: 800, per100Ml: 40 }],
          ...{
            hoursSinceOil: 5,
            hoursSinceRebuild: null,
            control: 'more',
            controlOf: 'sound_engine',
            controlPer100Ml: 4,
          },
          note: null,
        }),
        '10.0 times as many',
      ],
    ],
  ],
]

describe('twelve machines of different kinds', () => {
  it.each(MACHINES)('%s: what is read on it is kept, judged and said', async (kind, facts, sheet, readings) => {
    const job = newJob(by, {
      machine: { ...newJob(by).machine, kind },
      facts: { ...FACTS, ...facts },
      spec: sheet,
    })
    expect((await call(`${server.url}/api/jobs`, 'POST', job)).status).toBe(201)
    const url = `${server.url}/api/jobs/${job.id}`
    await call(`${url}/entries`, 'POST', newEntry(by, 'made_safe', SAFE, { how: null }))
    for (const [name, body, words] of readings) {
      const how = name === 'fluid' ? 'claimed' : ['part', 'debris', 'stand_test'].includes(name) ? 'by_eye' : 'measured'
      const stored = await call(`${url}/entries`, 'POST', newEntry(by, name, body, { how }))
      expect([name, stored.status, stored.body]).toMatchObject([name, 201, expect.anything()])
      const { judgements } = (await call(`${url}/assessment`)).body as {
        judgements: { headline: string; details: string[] }[]
      }
      const said = judgements.map(j => [j.headline, ...j.details].join(' ')).join(' ')
      const record = JSON.stringify((await call(url)).body)
      // a test that is only kept is said in the log's own words
      if (name === 'stand_test' || name === 'watch') expect(record).toContain(name)
      else expect([name, said]).toEqual([name, expect.stringContaining(words)])
    }
  })
})
