import { expect, test } from './shop'
import { atTheBench, box, chip, freshJob, jobNumbered, makeSafe, openForm, openJob, pick, typeDay } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

test('a wrong can is put right within its room, a leaner one refused, and its label printed', async ({
  page,
  request,
}) => {
  await page.goto('/mix')
  await chip(page, 'Task', 'Put one right').click()
  await page.getByLabel('Maker asks, fuel to 1 of oil').fill('40')
  await page.getByLabel('Fuel in the can', { exact: true }).fill('3')
  await page.getByLabel('Oil in it', { exact: true }).fill('50')
  await page.getByLabel('The can holds', { exact: true }).fill('3,05')
  await expect(page.locator('.verdict')).toContainText('Too lean in oil: 60 : 1')
  await expect(page.locator('.pour')).toContainText('25 mL')
  await expect(page.locator('ol')).toContainText('pour 25 mL off into a can of its own')
  await page.getByLabel('The can holds', { exact: true }).fill('3.7')
  await expect(page.locator('ol')).not.toContainText('into a can of its own')
  await expect(page.locator('ol')).toContainText('It is now 40 : 1, 3.08 L')
  await page.getByLabel('Or mix it to').fill('50')
  await expect(page.locator('.fault').first()).toContainText("has less oil than the maker's 40 : 1")
  await page.getByLabel('Or mix it to').fill('')
  // the can as it is becomes a finding of a job, and a lean one stops the machine
  const job = await freshJob(
    page,
    'Seized at full throttle',
    'dies',
    {
      cycle: 'two',
      engineClass: 'H2',
      oiling: 'premix',
      oilShows: 'none',
      release: 'none',
      fuelFeed: 'diaphragm',
      mixRatio: 40,
    },
    [],
  )
  await page.reload()
  await pick(page, 'Send it to a job', 1)
  await page.getByRole('button', { name: 'Log this can' }).click()
  await expect(page.locator('.sendto')).toContainText('On the log of')
  expect(await (await request.get(`/api/jobs/${job}/assessment`)).text()).toContain('60 : 1')
  await box(page, 'hard use').click()
  await expect(page.locator('.reasons')).toContainText('A step richer: 32 : 1')
  // what was typed is found again, and the label can be printed
  await page.reload()
  await expect(page.getByLabel('Fuel in the can', { exact: true })).toHaveValue('3')
  const href = await page.getByRole('link', { name: 'Print a label, PDF' }).getAttribute('href')
  expect((await (await request.get(href ?? '')).body()).subarray(0, 5).toString()).toBe('%PDF-')
  await page.getByLabel('Oil used').fill('0')
  await page.getByLabel('Fuel used').fill('4')
  await expect(page.getByText('no oil used at all')).toBeVisible()
})

test('fuel in the oil goes its compulsory way, the clock running while the page is closed', async ({
  page,
  request,
}) => {
  const id = await jobNumbered(request, 217)
  await openJob(page, `/jobs/${id}`)
  await page.getByRole('button', { name: /First look/ }).click()
  await openForm(page, /^Oil/)
  await chip(page, 'Read how', 'Drained').click()
  await page.getByLabel('Came out', { exact: true }).fill('720')
  await chip(page, 'Smell', 'Petrol').click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect(page.locator('.stop')).toContainText("Don't start it, don't refill yet")
  await page.locator('.rail').getByRole('button', { name: 'Go to it' }).click()
  await expect(page.getByText('Waits for the stand test.')).toBeVisible()
  await chip(page, 'It came by', 'Needle, seat or float').click()
  await page.getByRole('button', { name: 'Log the cure' }).click()
  await typeDay(page, 'Started, empty for now', '5 Jan 2026 18:20')
  await page.getByRole('button', { name: 'Start the clock' }).click()
  await expect(page.locator('.clock')).toContainText('long enough: look at the paper')
  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.clock')).toContainText('of 12 h')
  await typeDay(page, 'Ended, empty for now', '6 Jan 2026 07:05')
  await page.getByRole('button', { name: 'End the test' }).click()
  await expect(page.locator('.fault').first()).toContainText('Say what was seen on the paper')
  await chip(page, 'The paper is', 'Dry').click()
  await page.getByRole('button', { name: 'End the test' }).click()
  await expect(page.locator('.log')).toContainText('passed after 12 h 45')
  await page.getByLabel('Poured in', { exact: true }).fill('600')
  await page.getByRole('button', { name: 'Log the refill' }).click()
  // it is held until a plain smell says that no fuel came again
  await expect(page.locator('.stop')).toHaveCount(1)
  await expect(page.locator('.stop')).toContainText("Don't hand it over yet")
  await page.getByRole('button', { name: 'Read the oil and smell it' }).click()
  await chip(page, 'Read how', 'On the stick').click()
  await page.getByLabel('Level, 0 at low and 100 at full').fill('100')
  await chip(page, 'Smell', 'Plain').click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await page.getByRole('button', { name: 'Fuel in the oil' }).click()
  await expect(page.getByText('Smells plain: closed.')).toBeVisible()
  await expect(page.locator('.stop')).toHaveCount(0)
})

test('air is heard at the exhaust, and both ways of a crankcase are logged', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 208)}`)
  await page.getByRole('button', { name: /Narrow down/ }).click()
  await makeSafe(page)
  await openForm(page, 'Leak-down')
  await page.getByLabel('Regulator', { exact: true }).fill('7')
  await page.getByLabel('Cylinder holds', { exact: true }).fill('8')
  await page.getByRole('button', { name: /Log the leak-down/ }).click()
  await expect(page.locator('.fault').first()).toContainText("can't read more than the regulator")
  await page.getByLabel('Cylinder holds', { exact: true }).fill('1.4')
  await chip(page, 'Heard at', 'Exhaust').click()
  await expect(page.locator('.rail')).toContainText('Leak-down 80 %, bad: the exhaust valve')
  await page.getByRole('button', { name: /Log the leak-down/ }).click()
  await expect(page.locator('.log')).toContainText('1.40 bar of 7.00 bar, 1 mm orifice; heard at exhaust')
  await openJob(page, `/jobs/${await jobNumbered(request, 210)}`)
  await page.getByRole('button', { name: /Narrow down/ }).click()
  await makeSafe(page)
  await openForm(page, 'Crankcase')
  await page.getByLabel('Pumped to', { exact: true }).fill('-40')
  await page.getByLabel('Then reads', { exact: true }).fill('-38')
  await page.getByRole('button', { name: /Log the crankcase/ }).click()
  await expect(page.locator('.rail')).toContainText('Crankcase vacuum: holds')
})

test('plug and air filter are looked at in one touch each', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 216)}`)
  await page.keyboard.press('Alt+2')
  await openForm(page, 'Plug')
  await page.getByRole('button', { name: /Looks normal/ }).click()
  await expect(page.locator('.rail')).toContainText('Plug: light brown')
  await openForm(page, 'Air filter')
  await chip(page, 'Air filter', 'Soaked').click()
  await expect(page.locator('.rail')).toContainText('Air filter: soaked')
  await page.getByRole('button', { name: /Log the air filter/ }).click()
  await expect(page.locator('.log')).toContainText('Air filter: soaked')
})

test('what is made safe is ticked whole, and asked for again after a connection', async ({ page }) => {
  await openJob(page, `/jobs/${await freshJob(page, 'Hard to pull')}`)
  await page.keyboard.press('Alt+2')
  const safe = page.locator('.safe')
  const badge = page.locator('.spine').getByRole('button', { name: /Made safe/ })
  await box(page, 'Lead off').click()
  for (const word of ['Battery off', 'Fuel shut', 'Blade free', 'Stable, cool']) await box(page, word).click()
  // the fifth tick logs them: the strip makes way for a badge, which brings it back
  await expect(badge).toContainText('all five')
  await expect(safe).toBeHidden()
  await badge.click()
  await safe.getByRole('button', { name: 'Something was connected again' }).click()
  // held down, each is ticked in its turn; let go too early, they are not all
  const all = safe.getByRole('button', { name: 'Hold for all five' })
  await all.hover()
  await page.mouse.down()
  await expect(box(page, 'Battery off').getByRole('checkbox')).toBeChecked()
  await page.mouse.up()
  await expect(badge).toBeHidden()
  await page.mouse.down()
  await expect(badge).toContainText('all five')
  await page.mouse.up()
})

test('a compression reading is logged in at most six touches', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 218)}`)
  await page.keyboard.press('Alt+2')
  await makeSafe(page)
  let touches = 0
  const touch = async (act: () => Promise<void>): Promise<void> => {
    touches++
    await act()
  }
  await touch(() => page.getByRole('button', { name: /Narrow down/ }).click())
  await touch(() => page.getByLabel('Dry', { exact: true }).click())
  await page.keyboard.type('11.2')
  await touch(() => page.getByRole('button', { name: /Log the compression/ }).click())
  await expect(page.locator('.log')).toContainText('dry 11.20 bar')
  expect(touches).toBeLessThanOrEqual(6)
})
