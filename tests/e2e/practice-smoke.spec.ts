import type { Page } from '@playwright/test'
import { expect, test } from './shop'
import { atTheBench, chip, freshJob, makeSafe, nextIs, openJob, openForm, typeDay } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

const sheet = (...figures: [item: string, ml: number][]): object[] =>
  figures.map(([item, value]) => ({ item, value, unit: 'mL', source: 'maker', note: 'practice sheet' }))
const look = async (page: Page, tab: string | RegExp): Promise<void> => {
  await page.keyboard.press('Alt+2')
  await openForm(page, tab)
}
/** What came out of it, in mL, and how it smelt. */
const cameOut = async (page: Page, ml: string, smell: string): Promise<void> => {
  await chip(page, 'Read how', 'Drained').click()
  await page.getByLabel('Came out', { exact: true }).fill(ml)
  await chip(page, 'Smell', smell).click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
}
const readStick = async (page: Page, level: string): Promise<void> => {
  await page.getByRole('button', { name: 'Read the oil and smell it' }).click()
  await chip(page, 'Read how', 'On the stick').click()
  await page.getByLabel('Level, 0 at low and 100 at full').fill(level)
  await chip(page, 'Smell', 'Plain').click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
}

test('a mower that got the whole bottle: plug out before the rope, the surplus drawn off, no repair', async ({
  page,
}) => {
  const id = await freshJob(
    page,
    'White-blue smoke since the oil was changed',
    'smoke',
    {},
    sheet(['oil_capacity', 500], ['oil_full_mark', 520], ['oil_low_mark', 450]),
  )
  await openJob(page, `/jobs/${id}`)
  // what the owner poured in is a claim, and adds up
  await look(page, 'Poured in, let out')
  await chip(page, 'Oil', 'Poured in by the owner').click()
  await page.getByLabel('How much', { exact: true }).fill('950')
  await chip(page, 'Poured', 'Into it, drained').click()
  await expect(page.locator('.desk')).toContainText('90 % over')
  await page.getByRole('button', { name: /^Log it/ }).click()
  await expect(page.locator('.stop')).toHaveCount(0)
  await look(page, /^Oil/)
  await chip(page, 'Read how', 'On the stick').click()
  await page.getByLabel('Level, 0 at low and 100 at full').fill('300')
  await chip(page, 'Smell', 'Plain').click()
  await chip(page, 'What oil is it?', 'Known, and when it went in').click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect(page.locator('.rail')).toContainText('950 mL, 190 % of the fill, 90 % over')
  await expect(page.locator('.rail')).toContainText('Overfilled with oil')
  await expect(page.locator('.stop')).toContainText("Don't turn it with the plug in")
  await nextIs(page, 'Look at the air filter and the breather')
  await look(page, 'Air filter')
  await chip(page, 'Air filter', 'Soaked').click()
  await page.getByRole('button', { name: /Log the air filter/ }).click()
  await nextIs(page, 'Draw the surplus off')
  // the surplus is drawn off: 0.95 − 0.43 is in its band
  await makeSafe(page)
  await look(page, 'Poured in, let out')
  await chip(page, 'Oil', 'Drawn off, a part of it').click()
  await page.getByLabel('How much', { exact: true }).fill('430')
  await page.getByRole('button', { name: /^Log it/ }).click()
  await expect(page.locator('.log')).toContainText('between the marks with 520 mL in it')
  await look(page, /^Oil/)
  await chip(page, 'Read how', 'On the stick').click()
  await page.getByLabel('Level, 0 at low and 100 at full').fill('102')
  await chip(page, 'Smell', 'Plain').click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect(page.locator('.stop')).toHaveCount(0)
  // the card that goes home says what it takes
  await page.keyboard.press('Alt+9')
  await expect(page.locator('.care')).toContainText('500 mL')
})

test('a washer carried on its side: not run and not filled before the second night is dry', async ({ page }) => {
  const id = await freshJob(page, 'Carried on its side in a van', 'smoke', {}, sheet(['oil_capacity', 600]))
  await openJob(page, `/jobs/${id}`)
  await look(page, /^Oil/)
  await cameOut(page, '1050', 'Petrol')
  await expect(page.locator('.rail')).toContainText('450 mL of it is fuel, 43 %')
  await expect(page.locator('.stop')).toContainText("Don't start it, don't refill yet")
  await nextIs(page, 'Cure the way the fuel came')
  await page.locator('.rail').getByRole('button', { name: 'Go to it' }).click()
  await expect(page.locator('.desk')).toContainText(/needle/i)
  const refill = async (ml: string): Promise<void> => {
    await page.getByLabel('Poured in', { exact: true }).fill(ml)
    await page.getByRole('button', { name: 'Log the refill' }).click()
  }
  const cured = async (): Promise<void> => {
    await chip(page, 'It came by', 'Needle, seat or float').click()
    await page.getByRole('button', { name: 'Log the cure' }).click()
  }
  const stood = async (from: string, to: string, paper: string): Promise<void> => {
    await typeDay(page, 'Started, empty for now', from)
    await page.getByRole('button', { name: /Start (the clock|another test)/ }).click()
    await typeDay(page, 'Ended, empty for now', to)
    await chip(page, 'The paper is', paper).click()
    await page.getByRole('button', { name: 'End the test' }).click()
  }
  await cured()
  await stood('5 Jan 2026 17:10', '6 Jan 2026 08:10', 'Liquid')
  await expect(page.locator('.stop')).toContainText('The last test leaked')
  await nextIs(page, 'Cure the way the fuel came')
  await expect(page.getByText('Waits for the stand test.')).toBeVisible()
  // never a refill before a test has passed, whichever door it comes in by
  await page.keyboard.press('Alt+7')
  await page.getByLabel('Filled', { exact: true }).fill('600')
  await page.getByRole('button', { name: /Log the oil change/ }).click()
  await expect(page.locator('.desk')).toContainText('No refill yet')
  await expect(page.getByLabel('Filled', { exact: true })).toHaveValue('600')
  await look(page, 'Fuel in the oil')
  await cured()
  await stood('6 Jan 2026 09:30', '6 Jan 2026 21:45', 'Dry')
  await expect(page.locator('.log')).toContainText('passed after 12 h 15')
  await nextIs(page, 'Refill with fresh oil')
  await refill('600')
  await readStick(page, '100')
  await expect(page.locator('.stop')).toHaveCount(0)
  // read again it stands as it stood
  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.stop')).toHaveCount(0)
})

test('a trimmer filled head up is 62.5 % over', async ({ page }) => {
  const id = await freshJob(page, 'Filled head up', 'smoke', { displacementCc: 25 }, sheet(['oil_capacity', 80]))
  await openJob(page, `/jobs/${id}`)
  await look(page, /^Oil/)
  await cameOut(page, '130', 'Plain')
  await expect(page.locator('.rail')).toContainText('62.5 % over')
  await nextIs(page, 'Fill it level, to its own mark')
})

test('a can mixed twice too rich: no stop, and the least that is poured off', async ({ page }) => {
  const id = await freshJob(
    page,
    'Smokes, plug black',
    'smoke',
    { engineClass: 'H2', cycle: 'two', oiling: 'premix', oilShows: 'none', fuelFeed: 'diaphragm', mixRatio: 50 },
    [],
  )
  await openJob(page, `/jobs/${id}`)
  await look(page, /^Mix/)
  await page.getByLabel('Fuel in the can', { exact: true }).fill('5')
  await page.getByLabel('Oil in it', { exact: true }).fill('200')
  await page.getByLabel('Maker asks, fuel to 1 of oil').fill('50')
  await page.getByRole('button', { name: /Log the mix/ }).click()
  await expect(page.locator('.log')).toContainText('25 : 1')
  await nextIs(page, 'Read the plug')
  await expect(page.locator('.stop')).toHaveCount(0)
  // put right in its own room: 10 L will not go in, so the least is poured off that makes a full can right
  await page.goto('/mix')
  await chip(page, 'Task', 'Put one right').click()
  await page.getByLabel('Maker asks, fuel to 1 of oil').fill('50')
  await page.getByLabel('Fuel in the can', { exact: true }).fill('5')
  await page.getByLabel('Oil in it', { exact: true }).fill('200')
  await page.getByLabel('The can holds', { exact: true }).fill('8')
  await expect(page.locator('ol')).toContainText(/pour 1\.12 L off/)
  await expect(page.locator('.pour')).toContainText('3.92 L')
  await expect(page.locator('ol')).toContainText('It is now 50 : 1, 8.00 L')
})
