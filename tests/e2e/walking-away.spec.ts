import { expect, test } from './shop'
import { atTheBench, chip, jobNumbered, lean, makeSafe, openForm, openJob, openLog, pick } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

test('a job left in the middle of a field is found again as it was', async ({ page, request }) => {
  const path = `/jobs/${await jobNumbered(request, 210)}`
  await openJob(page, path)
  await page.getByRole('button', { name: /Narrow down/ }).click()
  await page.getByLabel('Dry', { exact: true }).fill('7')
  await page.getByRole('group', { name: 'Unit of Dry' }).getByRole('button', { name: 'psi' }).click()
  await page.getByRole('link', { name: 'Today', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Your move' })).toBeVisible()
  await openJob(page, path)
  await expect(page.getByLabel('Dry', { exact: true })).toHaveValue('7')
  await expect(page.getByRole('group', { name: 'Unit of Dry' }).getByRole('button', { name: 'psi' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  // a correction puts what was being typed aside, and gives it back
  await openLog(page)
  await page.getByRole('button', { name: 'Correct Compression' }).click()
  await expect(page.getByLabel('Dry', { exact: true })).toHaveValue('74')
  await page.getByRole('button', { name: 'Leave it as it was' }).click()
  await expect(page.getByLabel('Dry', { exact: true })).toHaveValue('7')
  await page.getByRole('button', { name: 'Clear', exact: true }).click()
})

test('a check that was only chosen is found again when the page is read anew', async ({ page, request }) => {
  const path = `/jobs/${await jobNumbered(request, 210)}`
  await openJob(page, path)
  await page.keyboard.press('Alt+3')
  await openForm(page, 'Other checks')
  await pick(page, 'Check', 3)
  await page.getByLabel('Note', { exact: true }).fill('behind the shroud')
  await openJob(page, path)
  await expect(page.getByLabel('Note', { exact: true })).toHaveValue('behind the shroud')
  await page.getByRole('button', { name: 'Clear', exact: true }).click()
})

test('two tabs on one job see each other, and a correction is made only once', async ({ page, context, request }) => {
  const path = `/jobs/${await jobNumbered(request, 217)}`
  const other = await context.newPage()
  await openJob(page, path)
  await openJob(other, path)
  await makeSafe(page)
  await page.getByRole('button', { name: 'Turns over' }).click()
  await chip(page, 'It turns', 'Normal bump').click()
  await chip(page, 'Turned by', 'rope').click()
  await chip(page, 'Plug', 'In').click()
  await page.getByRole('button', { name: /Log how it turns/ }).click()
  await expect(other.locator('.log')).toContainText('normal bump, by rope, plug in')
  await expect(other.locator('.rail')).toContainText('Turns over: normal bump')
  // undone here, it goes there too, and both entries stay
  await page.keyboard.press('u')
  await expect(other.locator('.log li.gone').filter({ hasText: 'normal bump' })).toHaveCount(1)
  await expect(other.locator('.log')).toContainText('Undone')
})

test('when the server is away nothing typed is lost, and pressing again logs it once', async ({
  page,
  request,
  context,
}) => {
  const id = await jobNumbered(request, 218)
  await openJob(page, `/jobs/${id}`)
  await makeSafe(page)
  await page.getByRole('button', { name: 'Turns over' }).click()
  await chip(page, 'It turns', 'Tight spot').click()
  await chip(page, 'Turned by', 'kick').click()
  await chip(page, 'Plug', 'Out').click()
  let lost = 0
  await context.route('**/entries', async route => {
    // the first time the entry arrives but its answer is lost; the second time nothing arrives
    lost++
    if (lost === 1) await route.fetch()
    await route.abort()
  })
  await page.getByRole('button', { name: /Log how it turns/ }).click()
  await expect(page.locator('.desk').getByRole('alert')).toContainText('Not saved: the bench computer did not answer')
  await page.getByRole('button', { name: /Log how it turns/ }).click()
  await context.unroute('**/entries')
  await page.getByRole('button', { name: /Log how it turns/ }).click()
  await expect(page.locator('.logged')).toContainText('tight spot, by kick, plug out')
  const log = (await (await request.get(`/api/jobs/${id}/entries`)).json()) as { kind: string }[]
  expect(log.filter(e => e.kind === 'turn_over')).toHaveLength(1)
})

test('wrong figures are named beside their field and kept', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 216)}`)
  await page.getByRole('button', { name: /Narrow down/ }).click()
  await makeSafe(page)
  for (const [typed, message] of [
    ['-4', "can't be less than nothing"],
    ['abc', 'type a figure'],
    ['1e308', 'more than can be'],
    ['9000', 'more than can be'],
    ['', 'Give the dry reading'],
  ] as const) {
    await page.getByLabel('Dry', { exact: true }).fill(typed)
    await page.getByRole('button', { name: /Log the compression/ }).click()
    await expect(page.locator('.fault').first()).toContainText(message)
    await expect(page.getByLabel('Dry', { exact: true })).toHaveValue(typed)
  }
  await page.getByLabel('Note').fill('x'.repeat(5_000_000))
  await page.getByLabel('Dry', { exact: true }).fill('7,5')
  await page.getByRole('button', { name: /Log the compression/ }).click()
  await expect(page.getByText('Note can hold 20,000 characters; this has 5,000,000.').first()).toBeVisible()
  await page.getByLabel('Note').fill('short')
  await page.getByRole('button', { name: /Log the compression/ }).dblclick()
  await expect(page.locator('.log li').filter({ hasText: 'dry 7.50 bar' })).toHaveCount(1)
})

test('the verdict follows the typing of one dear part, without logging', async ({ page, request }) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 207)}`)
  await page.keyboard.press('Alt+6')
  await expect(lean(page)).toHaveText('New engine in this frame')
  await expect(page.locator('.says')).toContainText('Chance that ‘Crankshaft’ is needed: below 27 %')
  const crank = page
    .locator('.lrow')
    .filter({ has: page.locator('input[placeholder="What"]') })
    .nth(3)
  await crank.getByLabel(/Chance of line/).fill('10')
  await expect(lean(page)).toHaveText('Rebuild, save the crank')
  await expect(page.getByRole('button', { name: 'The owner agrees to this' })).toBeDisabled()
  await crank.getByLabel(/Chance of line/).fill('40')
  await expect(lean(page)).toHaveText('New engine in this frame')
})
