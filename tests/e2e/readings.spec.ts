import { readFileSync } from 'node:fs'
import { expect, test } from './shop'
import { atTheBench, chip, freshJob, group, makeSafe, openForm, openJob, openLog, pick } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

test('what a bench reads has a place: pressure, drain-down, laboratory, another shop, and a picture beside its finding', async ({
  page,
}) => {
  test.setTimeout(90_000)
  const id = await freshJob(page, 'Oil light at idle', 'noise', {
    engineClass: 'M4',
    oiling: 'pump_dry',
    bearings: 'plain_shells',
  })
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+1')
  await group(page, "Owner's claims")
  await page.getByLabel('Another claim').fill('The pump is gone')
  await chip(page, 'Who says so', 'Another shop').click()
  await page.getByRole('button', { name: /Log the claim/ }).click()
  await expect(page.locator('.claims')).toContainText('Another shop: The pump is gone')
  // oil in a tank of its own: run first, then read
  await page.keyboard.press('Alt+2')
  await makeSafe(page)
  await openForm(page, /^Oil/)
  await chip(page, 'Read how', 'Nothing shows').click()
  await chip(page, 'Read when? Run it first, then read', 'After standing').click()
  await expect(page.locator('.desk')).toContainText('run it first')
  // a picture taken in the form is logged with it, and stands beside it
  await page
    .locator('[data-form=oil] input[type=file]')
    .setInputFiles({ name: 'stick.png', mimeType: 'image/png', buffer: readFileSync('docs/screenshots/today.png') })
  await expect(page.getByRole('img', { name: 'Taken now' })).toBeVisible()
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect((await openLog(page)).getByRole('img', { name: 'Photo of it' }).first()).toBeVisible()
  await page.locator('.log').getByRole('button', { name: 'Close' }).click()
  await expect(page.locator('.stop')).toHaveCount(0)
  // pressure warm under a rule of thumb: looked at first, and heard by the diagnosis
  await page.keyboard.press('Alt+3')
  await openForm(page, 'Oil pressure')
  await page.getByLabel('Cold, idling', { exact: true }).fill('3')
  await page.getByLabel('Warm, idling', { exact: true }).fill('0.3')
  await page.getByRole('button', { name: /Log the pressure/ }).click()
  await expect(page.locator('.log')).toContainText('cold idling 3.00 bar, warm idling 0.30 bar')
  await expect(page.locator('.rail')).toContainText(/Oil pump worn|big end|bearing/i)
  await page.keyboard.press('Alt+5')
  await openForm(page, 'Drain-down')
  await page.getByLabel('Ran down into the sump', { exact: true }).fill('120')
  await page.getByLabel('It stood').fill('12')
  await expect(page.locator('.desk')).toContainText('22 % of the fill')
  await page.getByRole('button', { name: /Log the drain-down/ }).click()
  // a sample goes away, and comes back as figures with limits of the laboratory's own
  await page.keyboard.press('Alt+4')
  await openForm(page, 'Laboratory')
  await chip(page, 'Taken from', 'Sump').click()
  await page.getByRole('textbox', { name: 'Laboratory', exact: true }).fill('Quay laboratory')
  await page.getByRole('button', { name: 'Another figure' }).click()
  await page.getByLabel('What', { exact: true }).fill('Iron')
  await page.getByLabel('Figure', { exact: true }).fill('120')
  await page.getByLabel('Its limit', { exact: true }).fill('60')
  await page.getByRole('button', { name: /Log the sample/ }).click()
  await expect(page.locator('.fault:visible').first()).toContainText('Unit is missing')
  await page.getByLabel('Unit', { exact: true }).fill('mg/kg')
  await page.getByRole('button', { name: /Log the sample/ }).click()
  await expect(page.locator('.log')).toContainText('Iron 120 mg/kg of 60')
  // a bolt as it was when it was undone
  await openForm(page, 'Fasteners')
  await page.getByLabel('Cover or joint').fill('Rod cap')
  await page.getByLabel(/Size, length or shoulder/).fill('two M6')
  await page.getByLabel('Came out').fill('2')
  await page.getByRole('button', { name: 'A bolt, as it was found' }).click()
  await page.getByLabel('Which one', { exact: true }).fill('front bolt')
  await pick(page, 'It was', 'Loose')
  await page.getByLabel('Came loose at', { exact: true }).fill('4')
  await page.getByRole('button', { name: /Log the fasteners/ }).click()
  await expect(page.locator('.log')).toContainText('front bolt loose at 4.00 N·m')
  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.log').getByRole('button', { name: /^All \d+ lines?/ })).toBeVisible()
})

test('what is looked at again stands on the card and on Today when it is due, and is closed by what answers it', async ({
  page,
}) => {
  const id = await freshJob(page, 'Strings of sealant in the strainer', 'noise')
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+9')
  await page.getByLabel('Look again at').fill('Strainer, for sealant')
  await page.getByRole('button', { name: 'Watch it' }).click()
  await expect(page.locator('.fault:visible').first()).toContainText('Say when')
  await page.getByLabel('Or on', { exact: true }).fill('2026-01-15')
  await page.getByRole('button', { name: 'Watch it' }).click()
  await expect(page.locator('.watches').first()).toContainText('Strainer, for sealant: on 2026-01-15')
  await page.goto('/')
  const due = page.locator('section').filter({ has: page.getByRole('heading', { name: /Due to be looked at again/ }) })
  await expect(due).toContainText('Strainer, for sealant')
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+1')
  await group(page, 'Owner, machine')
  await page.getByRole('button', { name: 'As it should be: Strainer, for sealant', exact: true }).click()
  await expect(page.locator('.log')).toContainText('Looked at again: as it should be')
  await page.goto('/')
  await expect(page.locator('h1')).toBeVisible()
  await expect(page.getByText('Strainer, for sealant')).toHaveCount(0)
})

test('a shop holds its schools, a job another one with a reason, and both are said where they act', async ({
  page,
  request,
}) => {
  await page.goto('/shop')
  const seals = page.getByRole('group', { name: 'Seals whose age nobody knows' })
  await expect(seals).toBeVisible()
  await expect(page.locator('.schools')).toContainText('The default: The labour to reach them is the dear part.')
  const id = await freshJob(page, 'Smokes', 'smoke')
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+1')
  await group(page, 'Changes, pieces')
  await page.getByRole('button', { name: 'Another rule on this job' }).click()
  await pick(page, 'Which rule', 'How full')
  await chip(page, 'Here', 'Middle').click()
  await page.getByRole('button', { name: /Hold it so here/ }).click()
  await expect(page.locator('.fault:visible').first()).toContainText('Why on this job is missing')
  await page.getByLabel('Why on this job').fill('it leaks at the top')
  await page.getByRole('button', { name: /Hold it so here/ }).click()
  await expect(page.locator('.log')).toContainText('Another rule here: How full: middle. it leaks at the top')
  await page.keyboard.press('Alt+2')
  await openForm(page, /^Oil/)
  await chip(page, 'Read how', 'On the stick').click()
  await page.getByLabel('Level, 0 at low and 100 at full').fill('-40')
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect(page.locator('.log')).toContainText('40 % of the mark gap below low')
  const { judgements } = (await (await request.get(`/api/jobs/${id}/assessment`)).json()) as {
    judgements: { details: string[] }[]
  }
  expect(judgements.flatMap(j => j.details).join(' ')).toContain(
    'short of the middle (on this job: it leaks at the top)',
  )
})
