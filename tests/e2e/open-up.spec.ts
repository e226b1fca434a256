import type { Page } from '@playwright/test'
import { expect, test } from './shop'
import {
  addWay,
  atTheBench,
  box,
  chip,
  freshJob,
  jobNumbered,
  lean,
  logged,
  makeSafe,
  openForm,
  openJob,
} from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

const TWO_STROKE = {
  engineClass: 'V2',
  cycle: 'two',
  displacementCc: 106,
  oiling: 'premix',
  oilShows: 'none',
  release: 'none',
  bore: 'iron',
  fuelFeed: 'float',
  mixRatio: 40,
}
const PUMPED = {
  engineClass: 'M4',
  displacementCc: 125,
  oiling: 'pump_wet',
  oilShows: 'window',
  release: 'none',
  bore: 'iron',
  valves: 'overhead_cam',
  clutch: 'wet',
}
const part = (page: Page, name: string) => page.locator('.parts').getByRole('button', { name })

test('a two-stroke top end, from the piston to “first oversize is not enough, second is”', async ({ page }) => {
  const id = await freshJob(page, 'Squeaked and stopped', 'wont_turn', TWO_STROKE, [
    { item: 'bore', value: 52, unit: 'mm', source: 'maker', note: null },
    { item: 'bore_wear_max', value: 0.1, unit: 'mm', source: 'maker', note: null },
  ])
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+4')
  await page.getByText(/Before it comes apart/).click()
  const traps = page.getByRole('dialog', { name: 'Before it comes apart' })
  await expect(traps).toContainText('Two-stroke rings')
  await page.keyboard.press('Escape')
  await expect(traps).toBeHidden()
  await makeSafe(page)
  await part(page, 'Piston').first().click()
  await page.getByText('Scored on four sides').click()
  await chip(page, 'What becomes of it', 'Replace').click()
  await chip(page, 'Cause or consequence', 'Taken with it').click()
  await page.getByRole('button', { name: /Log this part/ }).click()
  // the next part opens by itself, and is sound in one touch
  await page.getByRole('button', { name: 'Sound, use again' }).click()
  await expect(page.locator('.owed')).toContainText('Rings: kept on a look, top ring, end gap not measured')
  await expect(page.locator('.stop').filter({ hasText: "Don't build it yet" })).toContainText('piston')

  // six readings and the piston in one go, no mouse
  await page.keyboard.press('Alt+5')
  await expect(page.getByLabel('Top, along')).toBeFocused()
  for (const reading of ['52.12', '52.17', '52.06', '52.08', '52.02', '52.02', '51.93']) {
    await page.keyboard.type(reading)
    await page.keyboard.press('Enter')
  }
  await expect(page.locator('.logged')).toContainText('52.12 × 52.17, 52.06 × 52.08, 52.02 × 52.02 mm on 52.000 mm')
  await expect(page.locator('.bore')).toContainText('First oversize +0.25 is not enough: it needs 52.270 mm')
  await expect(page.locator('.bore')).toContainText('+0.5 cleans up: bore to 52.450 mm, hone to 52.500 mm')
  await openForm(page, 'Other sizes')
  await page.getByRole('group', { name: 'What is measured' }).getByText('Top ring, end gap').click()
  await page.getByLabel('Gap', { exact: true }).fill('0,9')
  await page.getByRole('button', { name: /Log the size/ }).click()
  await expect(page.locator('.measure .done')).toContainText('past a rule of thumb, which condemns nothing')
  await openJob(page, `/jobs/${id}`)
  await page
    .getByRole('button', { name: /Open up/ })
    .first()
    .click()
  await openForm(page, 'Parts')
  await expect(part(page, 'Piston').first()).toContainText('Scored on four sides')
  await expect(page.locator('.rail')).toContainText('Bore as found: wear 0.170 mm')
})

test('a reading with a slipped decimal is named and kept', async ({ page }) => {
  await openJob(page, `/jobs/${await freshJob(page, 'Uses oil', 'uses_oil', { bore: 'iron' }, [])}`)
  await page.keyboard.press('Alt+5')
  await makeSafe(page)
  await page.getByLabel('Standard bore').fill('65')
  await page.getByLabel('Top, along').fill('65,1')
  await page.getByLabel('Top, across').fill('6.51')
  await page.getByRole('button', { name: /Log the bore/ }).click()
  await expect(page.locator('.bore .fault').first()).toContainText('6.51 mm is no size near 65 mm')
  await expect(page.getByLabel('Top, across')).toHaveValue('6.51')
})

test('a seized four-stroke from a dry head to a blocked jet: the gate refuses, and then passes', async ({ page }) => {
  const id = await freshJob(page, 'Squealed and locked', 'wont_turn', PUMPED)
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+4')
  await makeSafe(page)
  const log = async (name: string, seen: string, becomes: string, oil: string) => {
    await part(page, name).first().click()
    if (seen) await page.locator('.part').getByText(seen).click()
    await chip(page, 'What becomes of it', becomes).click()
    await chip(page, 'Oil', oil).click()
    await page.getByRole('button', { name: /Log this part/ }).click()
    await expect(page.locator('.logged')).toContainText(`${name}: ${becomes.toLowerCase()}`)
  }
  await log('Cam and its bearings', 'Bearing scored', 'Replace', 'Hurt by want of oil')
  await log('Rod and big end', '', 'Use again', 'Oiled, sound')
  await openForm(page, 'Oil map')
  await expect(page.locator('.map')).toContainText('Oil jet or passage to the head look here')
  await expect(page.locator('.map')).toContainText('Main gallery oil came through')

  // a way to go that only renews what was killed
  await page.keyboard.press('Alt+6')
  await addWay(page, 'Rebuild')
  // what is condemned is on it already, with its pair
  await expect(page.getByLabel('Line 1', { exact: true })).toHaveValue('Cam and its bearings')
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('Followers, with the cam')
  for (const [n, price] of [
    [1, '80'],
    [2, '30'],
  ])
    await page.getByLabel(`likely of line ${n}`, { exact: true }).fill(String(price))
  await page.getByLabel('Worth afterwards').fill('900')
  await page.getByRole('button', { name: /Log this way/ }).click()
  await expect(lean(page)).toHaveText('Rebuild')
  await page.getByRole('button', { name: 'The owner agrees to this' }).click()
  await page.getByRole('button', { name: 'Freeze it as agreed' }).click()
  await expect(page.getByText(/Don't build it yet: cam and its bearings/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Not yet' }).click()

  // the cause named, and the line that cures it
  await page
    .getByRole('button', { name: /Open up/ })
    .first()
    .click()
  await openForm(page, 'First cause')
  await page.getByLabel('In words').fill('Jet to the head blocked by sealant')
  await chip(page, 'How sure', 'Probable').click()
  await page.getByLabel(/From the first cause down/).fill('Sealant in the jet\nNo oil at the cam\nCam seized')
  await page.getByRole('button', { name: /Log what it was/ }).click()
  await expect(page.locator('.log')).toContainText('Sealant in the jet → No oil at the cam → Cam seized')
  await page
    .getByRole('button', { name: /Decide/ })
    .first()
    .click()
  await page.getByLabel('Line 2', { exact: true }).click()
  await box(page, 'cures the first cause').click()
  await page.getByRole('button', { name: /Log the change/ }).click()
  await expect(page.locator('.stop').filter({ hasText: "Don't build it yet" })).toHaveCount(0)
  await page.getByRole('button', { name: 'The owner agrees to this' }).click()
  await page.getByRole('button', { name: 'Freeze it as agreed' }).click()
  await expect(page.locator('.agreed')).toContainText('Rebuild')
})

test('fasteners are counted out and in, and a bad batch names who else carries it', async ({ page }) => {
  const other = await freshJob(page, 'Service', 'other')
  await openJob(page, `/jobs/${other}`)
  await page.keyboard.press('Alt+7')
  await page.getByLabel('Part', { exact: true }).fill('Oil filter')
  await page.getByLabel('Batch or lot on its label').fill('QZ 71')
  await page.getByRole('button', { name: /Log what was fitted/ }).click()
  await expect(page.locator('.log')).toContainText("Oil filter, maker's part, batch QZ 71")
  await openJob(page, `/jobs/${await freshJob(page, 'No oil at the head', 'noise', PUMPED)}`)
  await page.keyboard.press('Alt+4')
  await makeSafe(page)
  await openForm(page, 'Fasteners')
  await page.getByLabel('Cover or joint').fill('Valve cover')
  await page.getByLabel(/Size, length or shoulder/).fill('six M6 × 30')
  await page.getByLabel('Came out').fill('6')
  await page.getByText('Soaked', { exact: true }).click()
  await page.getByLabel('It took').fill('25')
  await page.getByRole('button', { name: /Log the fasteners/ }).click()
  await expect(page.locator('.log')).toContainText('6 out: six M6 × 30; stuck: soaked, 25 min')
  await openForm(page, 'Parts')
  await expect(page.locator('.owed')).toContainText('Valve cover: 6 fasteners out, none back yet')
  await openForm(page, 'Bad batch')
  await page.getByLabel('Part', { exact: true }).fill('Oil filter')
  await page.getByLabel('Batch or lot').fill('qz71')
  await page.getByLabel('What proves it').fill('Its pleats came loose.')
  await page.getByRole('button', { name: /Quarantine the batch/ }).click()
  await expect(page.locator('.carriers')).toContainText('Thistledown 41, Greta Underhill: Oil filter')
  await page.getByRole('link', { name: 'outbox' }).click()
  await expect(page.locator('#outbox')).toContainText("Please don't run it until we have looked at it")
})

test('a demo engine shows where its oil stopped', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 207)}`)
  await page.keyboard.press('Alt+4')
  await openForm(page, 'Oil map')
  await expect(page.locator('.map')).toContainText('Oil in the sump look here')
  await page
    .locator('.map')
    .getByRole('button', { name: /^Rod and big end/ })
    .click()
  await expect(page.locator('.parts')).toContainText('Smeared')
})

test('a knock stands until the rod is renewed and its play measured good, not only listened to', async ({ page }) => {
  const id = await freshJob(page, 'Knocks under load')
  const heard = (found: string[], absent: string[]) =>
    logged(page, id, 'check', { check: 'listen', found, absent, skipped: null, note: null }, 'by_eye')
  await heard(['knock_load'], [])
  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.stop')).toContainText('Nobody can sign this away')
  await expect(page.locator('.rail')).not.toContainText('Listen')
  await page.keyboard.press('Alt+7')
  await makeSafe(page)
  const form = page.locator('section').filter({ has: page.getByRole('heading', { name: 'Work done' }) })
  await chip(page, 'What was done', 'Renewed').click()
  await form.getByRole('button', { name: /Log the work/ }).click()
  await expect(form.locator('.fault:visible')).toContainText('Say what it was done to.')
  await form.locator('.el-select').first().click()
  await page.getByRole('option', { name: /^Rod/ }).first().click()
  await page.keyboard.press('Escape')
  await form.getByRole('button', { name: /Log the work/ }).click()
  await expect(page.locator('.log')).toContainText('Renewed')
  await expect(page.locator('.stop')).toContainText('Mended; being proved.')
  await heard([], ['knock_load'])
  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.stop')).toHaveCount(1)
  const play = { item: 'rod_play', place: null, when: 'after', tool: 'dial', note: null, soldMm: [] }
  await logged(page, id, 'measure', { ...play, reads: [{ value: 0.02, unit: 'mm' }] }, 'measured')
  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.sheet[data-ready="true"]')).toBeVisible()
  await expect(page.locator('.stop')).toHaveCount(0)
})
