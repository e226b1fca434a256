import type { Page } from '@playwright/test'
import type { MachineKind } from '../../core/engine/words'
import { MACHINE_KINDS } from '../../core/engine/words'
import type { MeasureItem } from '../../core/measure/items'
import { groupOf, MEASURE_GROUPS, MEASURE_PLANS } from '../../core/measure/items'
import type { PartKey } from '../../core/teardown/parts'
import { PART_PLANS } from '../../core/teardown/parts'
import { expect, test } from './shop'
import { atTheBench, chip, makeSafe, openForm, openLog, pick } from './bench'

/** What a hand does to a form: types, touches one answer, picks from a list, touches a word or presses a button. */
type Touch =
  | ['type', label: string, value: string]
  | ['chip', group: string, word: string]
  | ['pick', label: string, word: string]
  | ['word', word: string]
  | ['press', name: string]

interface Reading {
  stage: number
  look?: string
  touches: Touch[]
  /** the button that logs it */
  log: string
  /** what the log then says */
  says: string
  /** what is made of it, on the rail or in the stops */
  judged?: string | RegExp
}

const size = (item: MeasureItem, reads: string[], says: string, more: Partial<Reading> = {}): Reading => ({
  ...{ stage: 5, look: 'Other sizes', log: 'Log the size', says },
  ...more,
  touches: [
    ['chip', 'On the', MEASURE_GROUPS[groupOf(item)]],
    ['chip', 'What is measured', MEASURE_PLANS[item].label],
    ...reads.map((value, i): Touch => ['type', MEASURE_PLANS[item].reads[i] ?? '', value]),
    ...(more.touches ?? []),
  ],
})
const part = (key: PartKey, look: string, judged?: Reading['judged']): Reading => ({
  ...{ stage: 4, look: 'Parts', log: 'Log this part', says: PART_PLANS[key].name, judged },
  touches: [
    ['press', PART_PLANS[key].name],
    ['word', PART_PLANS[key].look[look] ?? ''],
    ['chip', 'What becomes of it', 'Replace'],
  ],
})
const debris = (place: string, material: string, more: Touch[], says: string, judged?: string): Reading => ({
  ...{ stage: 4, look: 'Debris', log: 'Log the debris', says, judged },
  touches: [
    ['chip', 'Found in', place],
    ['pick', 'Made of', material],
    ['pick', 'How much', 'A thin film'],
    ['type', 'Largest', '0.8'],
    ...more,
  ],
})
const oil = (touches: Touch[], says: string, judged?: Reading['judged']): Reading => ({
  ...{ stage: 2, look: 'Oil', log: 'Log the oil', touches, says, judged },
})
const inOut = (touches: Touch[], says: string, judged?: Reading['judged']): Reading => ({
  ...{ stage: 2, look: 'Poured in, let out', log: 'Log it', touches, says, judged },
})

interface Machine {
  kind: MachineKind
  name: string
  complaint: string
  /** answers at booking in: the engine's facts, and the figures of its sheet */
  facts?: Touch[]
  sheet?: Touch[]
  readings: Reading[]
}

const MACHINES: Machine[] = [
  {
    kind: 'walk_behind_mower',
    name: 'Thistledown 41',
    complaint: 'I topped it up, now it smokes',
    sheet: [
      ['type', 'Whole oil fill', '500'],
      ['type', 'Oil at the full mark', '520'],
      ['type', 'Oil at the low mark', '450'],
    ],
    readings: [
      inOut(
        [
          ['chip', 'Oil', 'Poured in by the owner'],
          ['type', 'How much', '950'],
          ['chip', 'Poured', 'Into it, drained'],
        ],
        '950 mL',
        '90 % over',
      ),
      inOut(
        [
          ['chip', 'Oil', 'Drained, all of it'],
          ['type', 'How much', '930'],
        ],
        '930 mL',
      ),
      size('shaft_runout', ['0.1'], 'Output shaft', {
        touches: [['chip', 'The dial shows', 'Half of it']],
        judged: '0.200 mm',
      }),
      size('blade_runout', ['0', '4'], 'Blade tips'),
    ],
  },
  {
    kind: 'riding_mower',
    name: 'Marlpit 12',
    complaint: 'Oil lamp comes on when it is warm',
    facts: [
      ['type', 'Size', '500'],
      ['chip', 'Oiling', 'pump, oil in the sump'],
    ],
    readings: [
      {
        ...{ stage: 3, look: 'Oil pressure', log: 'Log the pressure', says: 'warm idling 0.30 bar' },
        touches: [
          ['type', 'Cold, idling', '3'],
          ['type', 'Warm, idling', '0.3'],
        ],
        judged: /oil pressure/i,
      },
      part('pulley', 'rusted'),
      size('pump_spindle', ['8.02', '7.9'], 'Oil pump, spindle'),
      size('oring_set', ['2.2', '2.6', '2.1'], 'O-ring'),
    ],
  },
  {
    kind: 'pressure_washer',
    name: 'Weir 160',
    complaint: 'Smells of petrol, the oil rises',
    sheet: [['type', 'Whole oil fill', '600']],
    readings: [
      oil(
        [
          ['chip', 'Read how', 'On the stick'],
          ['type', 'Level, 0 at low and 100 at full', '190'],
          ['chip', 'Smell', 'Petrol'],
        ],
        'petrol',
        "Don't start it",
      ),
      {
        ...{ stage: 2, look: 'Fuel in the oil', log: 'Log the drain', says: '690 mL' },
        touches: [['type', 'Came out', '690']],
      },
      {
        ...{ stage: 2, look: 'Fuel in the oil', log: 'Log the cure', says: 'new needle and seat' },
        touches: [
          ['chip', 'It came by', 'Needle, seat or float'],
          ['type', 'What was done about it', 'new needle and seat'],
        ],
      },
      {
        ...{ stage: 2, look: 'Fuel in the oil', log: 'Start the clock', says: 'Stand test' },
        touches: [['type', 'Started, empty for now', '2026-11-20T17:00']],
      },
      {
        ...{ stage: 2, look: 'Fuel in the oil', log: 'End the test', says: '1.3 mL an hour' },
        touches: [
          ['chip', 'The paper is', 'Liquid'],
          ['type', 'Caught', '20'],
          ['type', 'Ended, empty for now', '2026-11-21T08:00'],
        ],
      },
    ],
  },
  {
    kind: 'generator',
    name: 'Lamplight 22',
    complaint: 'Cuts out when it is hot',
    readings: [
      size('coil_gap', ['0.55'], 'Coil air gap'),
      size('plug_gap', ['1.4'], 'Plug gap'),
      part('charging', 'burnt'),
      part('wiring', 'earth'),
    ],
  },
  {
    kind: 'tiller',
    name: 'Harrow Boy 5',
    complaint: 'Bang, then nothing',
    facts: [['chip', 'Bore', 'iron liner']],
    readings: [
      size('rod_cap', ['7.62', '7.9'], 'Rod cap', { judged: '0.280 mm' }),
      size('seal_height', ['6.1', '6.5', '6'], 'Seal'),
      part('case', 'cracked'),
      debris('Corner of the sump', 'Aluminium flakes', [], 'Corner of the sump'),
    ],
  },
  {
    kind: 'trimmer',
    name: 'Reedcutter 25',
    complaint: 'New, to be made ready',
    facts: [
      ['chip', 'Cycle', 'four-stroke'],
      ['type', 'Size', '30'],
    ],
    sheet: [['type', 'Whole oil fill', '80']],
    readings: [
      {
        ...{ stage: 7, log: 'Log the oil change', says: '130 mL', judged: 'draw it down first' },
        touches: [
          ['type', 'Filled', '130'],
          ['chip', 'Filled to, read again', 'Over the mark'],
          ['chip', 'What for', 'Before delivery'],
        ],
      },
      inOut(
        [
          ['chip', 'Oil', 'Drawn off, a part of it'],
          ['type', 'How much', '50'],
        ],
        '50 mL',
      ),
    ],
  },
  {
    kind: 'chainsaw',
    name: 'Alder 50',
    complaint: 'No power, then it stopped',
    facts: [
      ['type', 'Size', '50'],
      ['type', "Maker's mix, fuel to 1 of oil", '50'],
    ],
    readings: [
      size('ring_gap', ['0.9'], 'Top ring, end gap'),
      {
        ...part('piston', 'scuffed'),
        touches: [
          ['press', PART_PLANS.piston.name],
          ['word', PART_PLANS.piston.look.scuffed ?? ''],
          ['chip', 'On which side', 'Exhaust side'],
          ['chip', 'What becomes of it', 'Replace'],
        ],
        judged: /piston/i,
      },
      part('hoses', 'pulse'),
    ],
  },
  {
    kind: 'motorcycle',
    name: 'Pipit 110',
    complaint: 'Service, and the clutch slips',
    facts: [['type', 'Size', '110']],
    readings: [
      {
        ...{ stage: 7, log: 'Log the oil change', says: '10W-40' },
        touches: [
          ['chip', 'Filled to, read again', 'Full mark'],
          ['type', 'Which oil', '10W-40'],
          ['type', 'At a distance of', '12000'],
        ],
      },
      {
        ...{ stage: 9, log: 'Watch it', says: 'after 500 km' },
        touches: [
          ['type', 'Look again at', 'Lash, once it has bedded in'],
          ['type', 'After a distance of', '500'],
        ],
      },
      size('clutch_spring', ['28'], 'Clutch spring'),
      {
        ...{ stage: 2, look: 'Smoke', log: 'Log the smoke', says: 'blue' },
        touches: [
          ['chip', 'Colour', 'Blue'],
          ['chip', 'When', 'Closing the throttle'],
        ],
      },
    ],
  },
  {
    kind: 'offroad_motorcycle',
    name: 'Kestrel 250',
    complaint: 'Nipped up on the long straight',
    facts: [
      ['type', 'Size', '250'],
      ['chip', 'Bore', 'iron liner'],
      ['chip', 'Cooling', 'liquid'],
    ],
    readings: [
      {
        ...{ stage: 5, look: 'Bore', log: 'Log the bore', says: '66.4' },
        touches: [
          ['type', 'Standard bore', '66.4'],
          ['type', 'Top, along', '66.42'],
          ['type', 'Top, across', '66.43'],
          ['chip', 'Cross-hatch', 'Gone'],
          ['type', 'Deepest score', '0.1'],
          ['type', 'New piston in hand', '66.85'],
        ],
        judged: /Size to cut|piston in hand/i,
      },
      part('power_valve', 'gummed'),
      size('ring_under', ['2.9', '2.8'], 'Ring under its land'),
    ],
  },
  {
    kind: 'tractor',
    name: 'Fallow 28',
    complaint: 'Knocks cold, quiet later',
    facts: [
      ['type', 'Size', '1200'],
      ['chip', 'Oiling', 'pump, oil in a tank'],
      ['chip', 'Cooling', 'liquid'],
    ],
    sheet: [['type', 'Whole oil fill', '4000']],
    readings: [
      {
        ...{ stage: 5, look: 'Drain-down', log: 'Log the drain-down', says: '800 mL', judged: '20 % of the fill' },
        touches: [
          ['type', 'Ran down into the sump', '800'],
          ['type', 'It stood', '12'],
        ],
      },
      {
        ...{ stage: 8, look: 'A short trial', log: 'Log the trial', says: 'noise gone warm' },
        touches: [
          ['type', 'What it is to show', 'Whether it knocks warm'],
          ['type', 'Minutes, named before', '3'],
          ['word', 'Shield between it and everybody'],
          ['word', 'Off to the side, at a distance'],
          ['word', 'Nobody else near'],
          ['word', 'Blade, belt or chain off, no load'],
          ['type', 'The second person', 'Ada'],
          ['type', 'What it showed', 'noise gone warm'],
        ],
      },
      part('water_pump', 'broken'),
      part('radiator', 'blocked'),
    ],
  },
  {
    kind: 'snow_machine',
    name: 'Drift 600',
    complaint: 'Bogs, glitter in the old oil',
    facts: [
      ['type', 'Size', '600'],
      ['chip', 'Oiling', 'oil injection'],
      ['chip', 'Cooling', 'liquid'],
    ],
    readings: [
      {
        ...{ stage: 4, look: 'Laboratory', log: 'Log the sample', says: 'Iron 120 mg/kg of 60', judged: '2.0 times' },
        touches: [
          ['chip', 'Taken from', 'Drain pan'],
          ['type', 'Laboratory', 'Quay laboratory'],
          ['press', 'Another figure'],
          ['type', 'What', 'Iron'],
          ['type', 'Figure', '120'],
          ['type', 'Unit', 'mg/kg'],
          ['type', 'Its limit', '60'],
        ],
      },
      part('reed', 'chipped'),
    ],
  },
  {
    kind: 'kart',
    name: 'Sprocket One',
    complaint: 'Rebuilt last month, rattles',
    readings: [
      {
        ...{ stage: 4, look: 'Fasteners', log: 'Log the fasteners', says: 'front bolt loose at 40 in-lb' },
        touches: [
          ['type', 'Cover or joint', 'Rod cap'],
          ['type', 'Size, length or shoulder, and where each sits', 'two M6'],
          ['type', 'Came out', '2'],
          ['press', 'A bolt, as it was found'],
          ['type', 'Which one', 'front bolt'],
          ['pick', 'It was', 'Loose'],
          ['type', 'Came loose at', '40'],
          ['pick', 'In', 'in-lb'],
        ],
        judged: 'loose as found',
      },
      debris(
        'Magnet of the plug',
        'Lint of a rag',
        [
          ['type', 'Counted in 100 mL', '40'],
          ['chip', 'Beside a control', 'More than it'],
          ['chip', 'The control was', 'A sound engine'],
          ['type', 'Counted in 100 mL of the control', '4'],
        ],
        'lint of a rag',
        '10.0 times as many',
      ),
      {
        ...{ stage: 9, log: 'Log the refusal', says: 'Second opinion' },
        touches: [
          ['type', 'Work that was refused', 'Second opinion on the crank'],
          ['type', 'What it risks, as the owner was told', 'a rod through the case'],
          ['type', 'Who refused it', 'Tom Quill'],
        ],
      },
    ],
  },
]

async function touch(page: Page, [how, first, second]: Touch): Promise<void> {
  const desk = page.locator('.desk')
  if (how === 'type') await page.getByLabel(first, { exact: true }).filter({ visible: true }).fill(second)
  else if (how === 'chip') await chip(page, first, second).click()
  else if (how === 'pick') await pick(page, first, second)
  else if (how === 'word') await desk.getByText(first, { exact: true }).first().click()
  else {
    // the part after the one that was logged opens by itself
    const button = desk.getByRole('button', { name: first }).first()
    if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click()
  }
}

async function bookIn(page: Page, m: Machine): Promise<void> {
  await page.goto('/jobs/new')
  await pick(page, 'Kind of machine', MACHINE_KINDS[m.kind].label)
  await page.getByLabel('Name', { exact: true }).fill('Cobnut Hire')
  await page.getByLabel('Make, model, as on the machine').fill(m.name)
  await page.getByLabel("Complaint, in the owner's words").fill(m.complaint)
  for (const t of m.facts ?? []) await touch(page, t)
  if (m.sheet) await page.getByText('What it should be').click()
  for (const t of m.sheet ?? []) await touch(page, t)
  await page.getByRole('button', { name: /Book it in/ }).click()
  await expect(page.getByRole('heading', { name: m.name })).toBeVisible()
  await expect(page.locator('.sheet[data-ready="true"]')).toBeVisible()
}

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

for (const m of MACHINES)
  test(`${MACHINE_KINDS[m.kind].label}, from nothing: what is read on it is entered, judged, and there after a reload`, async ({
    page,
  }) => {
    test.setTimeout(90_000)
    await bookIn(page, m)
    await page.keyboard.press('Alt+2')
    await makeSafe(page)
    for (const r of m.readings) {
      await page.keyboard.press(`Alt+${r.stage}`)
      if (r.look) await openForm(page, new RegExp(`^${r.look}( |$)`))
      for (const t of r.touches) await touch(page, t)
      await page.getByRole('button', { name: new RegExp(`^${r.log}`) }).click()
      await expect(page.locator('.log')).toContainText(r.says)
      // how it is judged stands by the job, not only by its form
      if (r.judged) await expect(page.locator('.rail')).toContainText(r.judged)
    }
    await page.reload()
    await expect(page.locator('.sheet[data-ready="true"]')).toBeVisible()
    await openLog(page)
    for (const r of m.readings) await expect(page.locator('.log')).toContainText(r.says)
  })
