import { expect, test } from './shop'
import { atTheBench, chip, freshJob, jobNumbered, logged, openJob } from './bench'

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
  await expect(page.getByRole('region', { name: 'First look' })).toBeFocused()
})

test('on a telephone the worst stop and how many there are stay on top', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openJob(page, `/jobs/${await jobNumbered(request, 207)}`)
  await page.evaluate(() => scrollTo(0, document.body.scrollHeight / 2))
  const line = page.locator('.stopline')
  await expect(line).toBeInViewport({ ratio: 1 })
  await expect(line).toContainText("Don't start it")
  await line.getByRole('button', { name: 'and 1 more' }).click()
  await expect(page.locator('.rail .stop').first()).toBeInViewport()
})

test('findings are four counts, and their words a touch away; only a new stop is called out', async ({ page }) => {
  const id = await freshJob(page, 'Noise below', 'noise')
  await openJob(page, `/jobs/${id}`)
  const alert = page.locator('.rail [role=alert]')
  await expect(alert).toHaveText('')
  await logged(page, id, 'plug', { state: 'normal', note: null }, 'by_eye')
  await page.reload()
  const counts = page.getByRole('button', { name: /^What the findings say/ })
  await expect(counts).toHaveAccessibleName(/0 past, 0 near, 1 good/)
  await expect(page.locator('.say .list')).toBeHidden()
  await counts.click()
  await expect(page.locator('.say .list')).toContainText('Plug')
  await expect(alert).toHaveText('')
  await page
    .getByRole('button', { name: /First look/ })
    .first()
    .click()
  await page.locator('.looks').getByRole('button', { name: /^Oil/ }).click()
  await chip(page, 'Read how', 'Nothing shows').click()
  await page.getByRole('button', { name: /Log the oil/ }).click()
  await expect(page.locator('.logged')).toBeInViewport()
  await expect(alert).toContainText("Don't start it")
})
