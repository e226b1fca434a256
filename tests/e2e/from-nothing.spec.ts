import { expect, test } from './shop'
import type { Running } from '../server'
import { browserAt, startBuilt } from '../server'
import { addWay, chip, lean, makeSafe, openForm, openJob, openLog, pick } from './bench'

let server: Running
test.beforeAll(async () => {
  server = await startBuilt()
})
test.afterAll(async () => {
  await server.stop()
})

test('a machine from booking in to the printed, agreed verdict, in a shop that starts empty', async ({ page }) => {
  test.setTimeout(240_000)
  await page.context().clearCookies()
  await page.setExtraHTTPHeaders({ origin: server.url })
  // nobody keeps it: without the link that was printed at its start, nothing is shown
  await page.goto(server.url)
  await expect(page.getByRole('heading', { name: 'Let this device in' })).toBeVisible()
  await page.getByLabel('Code').fill('ABCD EFGH')
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(page.getByText('Ask a keeper for a new code')).toBeVisible()
  await page.goto(`${server.url}/let-in#${browserAt(server.url).first}`)
  await page.getByLabel('Name of the shop').fill('Quill & Daughter')
  await page.getByLabel('Your name').fill('Ada Quill')
  await page.getByLabel('Initials').fill('AQ')
  await page.getByLabel('PIN, 4 to 8 figures').fill('1234')
  await page.getByLabel('The same PIN again').fill('1234')
  await page.getByRole('button', { name: 'Open the shop' }).click()
  await expect(page.getByText('This PIN is guessed first').first()).toBeVisible()
  await page.getByLabel('PIN, 4 to 8 figures').fill('7402')
  await page.getByLabel('The same PIN again').fill('7402')
  await page.getByRole('button', { name: 'Open the shop' }).click()
  await expect(page.getByText('Nothing in the shop yet')).toBeVisible()

  await page.getByRole('link', { name: 'Name the shop, its rate and its people' }).click()
  await expect(page.locator('.people')).toContainText('Ada Quill')
  await page.getByLabel('Labour, an hour').fill('lots')
  await page.getByRole('button', { name: 'Keep these rules' }).click()
  await expect(page.getByText('Labour rate: type an amount for an hour.').first()).toBeVisible()
  await page.getByLabel('Labour, an hour').fill('50')
  await page.getByRole('button', { name: 'Keep these rules' }).click()
  await expect(page.getByText('Kept. Every open job')).toBeVisible()

  // book in: a first try with things missing keeps what was typed and names them
  await page.getByRole('link', { name: 'Today', exact: true }).click()
  await page.getByRole('link', { name: /Book in a machine/ }).click()
  await pick(page, 'Kind of machine', 'Generator')
  await page.getByLabel('Make, model, as on the machine').fill('Lamplight 2200 🔦')
  await page.getByLabel('Reads', { exact: true }).fill('six hundred')
  await page.getByRole('button', { name: /Book it in/ }).click()
  await expect(page.getByText('Complaint is missing.')).toBeVisible()
  await expect(page.getByText('Running time: type a figure.')).toBeVisible()
  await expect(page.getByLabel('Make, model, as on the machine')).toHaveValue('Lamplight 2200 🔦')
  await page.getByLabel('Reads', { exact: true }).fill('640')
  await page.getByLabel('Name', { exact: true }).fill('Cobnut Hire')
  await chip(page, 'Oiling', 'splash').click()
  await chip(page, 'Release', 'none').click()
  await page.getByText('What it should be').click()
  await page.getByLabel('Whole oil fill', { exact: true }).fill('600')
  await page.getByLabel("Complaint, in the owner's words").fill('Bang, then nothing.')
  await page.getByLabel('Claim 1').fill('Low-oil switch was unplugged')
  await page.getByLabel('Worth when running').fill('420')
  await page.getByLabel('Worth as it is').fill('35')
  await page.getByLabel("Owner's spending cap").fill('400')
  await page.getByRole('button', { name: /Book it in/ }).click()
  await expect(page.getByRole('heading', { name: 'Lamplight 2200 🔦' })).toBeVisible()
  const path = new URL(page.url()).pathname

  // first look
  await chip(page, 'Read how', 'Nothing shows').click()
  await chip(page, 'Colour', 'Silvery').click()
  await expect(page.locator('.stop')).toContainText("Don't start it")
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect(page.locator('.logged')).toContainText('dry, nothing shows, silvery')
  await makeSafe(page)
  await page.getByRole('button', { name: 'Turns over' }).click()
  await chip(page, 'It turns', 'Spins free').click()
  await chip(page, 'Turned by', 'rope').click()
  await chip(page, 'Plug', 'In').click()
  await page.getByRole('button', { name: /Log how it turns/ }).click()
  await expect(page.locator('.log')).toContainText('spins free, by rope, plug in')

  // narrow down: nothing, dry and wet
  await page.getByRole('button', { name: /Narrow down/ }).click()
  await page.getByLabel('Dry', { exact: true }).fill('0')
  await page.getByLabel('Wet, a little oil in', { exact: true }).fill('0')
  await expect(page.locator('.rail')).toContainText('No compression')
  await page.getByRole('button', { name: /Log the compression/ }).click()
  await expect(page.locator('.log')).toContainText('dry 0.00 bar, wet 0.00 bar')

  // open up: bright flakes in the sump
  await page
    .getByRole('button', { name: /Open up/ })
    .first()
    .click()
  await openForm(page, 'Debris')
  await chip(page, 'Found in', 'Sump').click()
  await pick(page, 'Made of', 'Aluminium flakes')
  await pick(page, 'How much', 'Magnet or pleat full')
  await page.getByLabel('Largest').fill('3')
  await expect(page.getByText(/Sump: debris (that stops it|to follow up)/).first()).toBeVisible()
  await page.getByRole('button', { name: /Log the debris/ }).click()
  await expect(page.locator('.log')).toContainText('aluminium flakes, magnet or pleat full, largest 3 mm')

  // decide: two ways with uncertain lines; the verdict moves while typing, before anything is logged
  await page
    .getByRole('button', { name: /Decide/ })
    .first()
    .click()
  await addWay(page, 'Rebuild')
  await page.getByLabel('likely of line 1', { exact: true }).fill('2')
  await page.getByLabel('low of line 1', { exact: true }).fill('1.5')
  await page.getByLabel('high of line 1', { exact: true }).fill('3')
  await page.getByLabel('likely of line 3', { exact: true }).fill('60')
  await expect(lean(page)).toHaveText('Rebuild')
  await expect(page.locator('.typing')).toBeVisible()
  await page.getByRole('button', { name: /Log this way/ }).click()
  await expect(page.locator('.typing')).toBeHidden()
  await addWay(page, 'New engine')
  await page.getByLabel('Hours it will run').fill('800')
  await page.getByLabel('likely of line 1', { exact: true }).fill('350')
  await expect(page.getByRole('heading', { name: '2 ways to go' })).toBeVisible()
  await expect(lean(page)).toHaveText('Rebuild')
  await page.getByLabel('likely of line 1', { exact: true }).fill('40')
  await expect(lean(page)).toHaveText('New engine in this frame')
  await page.getByLabel('likely of line 1', { exact: true }).fill('60')
  await page.getByRole('button', { name: /Log this way/ }).click()
  await expect(lean(page)).toHaveText('New engine in this frame')
  await expect(page.locator('.says')).toContainText('What would change it')
  const shown = await page.locator('.says').innerText()

  // agree, print
  await page.getByRole('button', { name: 'The owner agrees to this' }).click()
  await expect(page.getByLabel('Who agreed')).toHaveValue('Cobnut Hire')
  await page.getByRole('button', { name: 'Freeze it as agreed' }).click()
  await expect(page.locator('.agreed')).toContainText('New engine in this frame')
  await page
    .getByRole('button', { name: /Hand back/ })
    .first()
    .click()
  const href = await page.getByRole('link', { name: 'Print the record, PDF' }).getAttribute('href')
  const pdf = await page.request.get(`${server.url}${href}`)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')

  // reload: all of it is there
  await openJob(page, `${server.url}${path}`)
  await page
    .getByRole('button', { name: /Decide/ })
    .first()
    .click()
  await expect(page.locator('.agreed')).toContainText('by Cobnut Hire in person')
  expect((await page.locator('.says').innerText()).replace(/\s+/g, ' ')).toContain(shown.split('\n')[1])

  // correct one reading: both stay in the log
  await openLog(page)
  await page.getByRole('button', { name: 'Correct Compression' }).click()
  await expect(page.getByLabel('Dry', { exact: true })).toHaveValue('0')
  await page.getByLabel('Dry', { exact: true }).fill('0.4')
  await page.getByRole('button', { name: /Log the correction/ }).click()
  await openLog(page)
  await expect(page.locator('.log li.gone').filter({ hasText: 'dry 0.00 bar' })).toHaveCount(1)
  await expect(page.locator('.log')).toContainText('dry 0.40 bar')
  await expect(page.locator('.log')).toContainText('correction')
})
