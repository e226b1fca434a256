import { expect, test } from './shop'
import { atTheBench, chip, freshJob, jobNumbered, logged, makeSafe, openForm, openJob, openLog } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

for (const height of [800, 720])
  test(`a job stands on one screen of 1280 x ${height}: its stop and its next look never leave`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width: 1280, height })
    await openJob(page, `/jobs/${await jobNumbered(request, 207)}`)
    for (let stage = 1; stage <= 9; stage++) {
      await page.keyboard.press(`Alt+${stage}`)
      await expect(page.locator('.spine [aria-current=step]')).toHaveCount(1)
      await page.locator('.desk').evaluate(desk => desk.scrollTo(0, desk.scrollHeight))
      expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBe(height)
      await expect(page.locator('.stop').first()).toBeInViewport({ ratio: 1 })
      await expect(page.locator('[data-test=next] .nexttitle')).toBeInViewport({ ratio: 1 })
      await expect(page.locator('.log li').first()).toBeInViewport()
    }
  })

test('what is begun from the rail is there at once, in view, its first field in hand', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 207)}`)
  await page.keyboard.press('Alt+6')
  await page
    .locator('[data-test=next]')
    .getByRole('button', { name: /Begin this check|Go to it/ })
    .click()
  const field = page.locator('[data-form] :focus')
  await expect(field).toBeInViewport()
})

test('a stage that is opened has the focus, and says its name', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 213)}`)
  await page.keyboard.press('Alt+2')
  await expect(page.locator('.desk [data-heading]')).toBeFocused()
})

test('on a telephone the worst stop and how many there are stay on top', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openJob(page, `/jobs/${await jobNumbered(request, 207)}`)
  await page.evaluate(() => scrollTo(0, document.body.scrollHeight / 2))
  const line = page.locator('.worst')
  await expect(line).toBeInViewport({ ratio: 1 })
  await expect(line).toContainText("Don't start it")
  // the sheet from below has them whole, with the verdict, the findings and the log under them
  await line.getByRole('button', { name: 'and 1 more' }).click()
  await expect(page.locator('.sheetup .stop').first()).toBeInViewport({ ratio: 1 })
  for (const [part, shows] of [
    ['Log', '.log li'],
    ['Findings', '.say .list'],
    ['Verdict', '[data-test=next]'],
  ] as const) {
    await page
      .locator('.parts')
      .getByText(new RegExp(`^${part}`))
      .click()
    await expect(page.locator('.sheetup').locator(shows).first()).toBeVisible()
  }
  await page.getByRole('button', { name: 'Put the verdict down' }).click()
  await expect(line).toBeVisible()
})

test('findings are four counts, and their words a touch away; only a new stop is called out', async ({ page }) => {
  const id = await freshJob(page, 'Noise below', 'noise')
  await openJob(page, `/jobs/${id}`)
  const alert = page.locator('.rail [role=alert]')
  await expect(alert).toHaveText('')
  await logged(page, id, 'plug', { state: 'normal', note: null }, 'by_eye')
  await page.reload()
  const counts = page.getByRole('button', { name: /^What the findings say/ })
  await expect(counts).toHaveAccessibleName(/0 past limit, 0 near, 1 good/)
  await expect(page.locator('.say .list')).toBeHidden()
  await counts.click()
  await expect(page.locator('.say .list')).toContainText('Plug')
  await expect(alert).toHaveText('')
  await page
    .getByRole('button', { name: /First look/ })
    .first()
    .click()
  await openForm(page, /^Oil/)
  await chip(page, 'Read how', 'Nothing shows').click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect(page.locator('.logged')).toBeInViewport()
  await expect(alert).toContainText("Don't start it")
})

test('what was undone is put back as it was, and later an undoing asks why', async ({ page }) => {
  const id = await freshJob(page, 'Noise below', 'noise')
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+2')
  await openForm(page, /^Plug/)
  await makeSafe(page)
  await page.getByRole('button', { name: 'Looks normal' }).click()
  await expect(page.locator('[data-test=last-reading]')).toContainText('light brown')
  await page.locator('.logged').getByRole('button', { name: /^Undo/ }).click()
  const banner = page.locator('.logged')
  await expect(banner).toContainText('Undone.')
  await expect(page.locator('[data-test=last-reading]')).toHaveCount(0)
  await banner.getByRole('button', { name: 'Put it back' }).click()
  await expect(page.locator('[data-test=last-reading]')).toContainText('light brown')
  await page.reload()
  const log = await openLog(page)
  await expect(log.locator('li:not(.gone)').filter({ hasText: 'light brown' })).toHaveCount(1)
  // somebody else's, or an hour old: not without a word
  await page.clock.install({ time: Date.now() + 3_600_000 })
  await page.reload()
  await openLog(page)
  await log.getByRole('button', { name: /^Undo Plug/ }).click()
  const why = page.getByRole('dialog', { name: /Take it back/ })
  await why.getByRole('button', { name: 'Undo it' }).click()
  await expect(why).toContainText('it stays on the log')
  await why.getByLabel('Why it is taken back').fill('the other cylinder')
  await why.getByRole('button', { name: 'Undo it' }).click()
  await expect(log).toContainText('the other cylinder')
  await log.getByRole('button', { name: /^Put back Plug/ }).click()
  await expect(log.locator('li:not(.gone)').filter({ hasText: 'light brown' })).toHaveCount(1)
})
