import { expect, test } from './shop'
import { deviceCookie, startBuilt } from '../server'
import { openShop } from '../api/shop'
import { atTheBench, elsewhere, jobNumbered, openJob } from './bench'

test('after the time that the shop sets it asks who is there, and what was typed stays', async ({ page, request }) => {
  await atTheBench(page, request)
  await page.clock.install()
  await openJob(page, `/jobs/${await jobNumbered(request, 217)}`)
  await page.getByRole('button', { name: /Narrow down/ }).click()
  await page.getByLabel('Dry', { exact: true }).fill('7')
  await page.clock.runFor(14 * 60_000)
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.clock.runFor(2 * 60_000)
  const who = page.getByRole('dialog')
  await expect(who).toContainText('What was typed is still there')
  await expect.poll(async () => (await request.get('/api/jobs')).status()).toBe(401)
  await page.keyboard.press('Escape')
  await expect(who).toBeVisible()
  await who.getByRole('button', { name: /Mira Voss/ }).click()
  await who.getByLabel('PIN of Mira Voss').fill('2580')
  await who.getByRole('button', { name: 'Come in' }).click()
  await expect(who).toBeHidden()
  await expect(page.getByLabel('Dry', { exact: true })).toHaveValue('7')
})

test('what a role may not do is not shown', async ({ page, request }) => {
  const id = await jobNumbered(request, 217)
  await atTheBench(page, request, 'June Abara')
  await openJob(page, `/jobs/${id}`)
  await page.getByRole('button', { name: /First look/ }).click()
  await expect(page.locator('.safe')).toHaveCount(0)
  await expect(page.getByText('Nothing of this stage is logged by the counter')).toBeVisible()
  await expect(page.getByRole('button', { name: /^Log the/ })).toHaveCount(0)
  await expect(page.getByRole('heading', { name: 'Look at next' })).toBeVisible()
  await expect(page.getByRole('button', { name: /Begin this check|Go to it/ })).toHaveCount(0)
  await page
    .getByRole('button', { name: /^Decide/ })
    .first()
    .click()
  await expect(page.getByRole('button', { name: /Log this way/ })).toHaveCount(0)
  await page.goto('/')
  await expect(page.getByRole('link', { name: /Book in a machine/ })).toBeVisible()
  await page.goto('/specs')
  await expect(page.getByRole('button', { name: 'New sheet' })).toHaveCount(0)
  await page.goto('/shop')
  await expect(page.getByText('June Abara works as counter')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Devices' })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Keep these rules' })).toHaveCount(0)
  await expect(page.getByRole('heading', { name: /Outbox/ })).toBeVisible()

  await atTheBench(page, request, 'Teo Lindqvist')
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Your move' })).toBeVisible()
  await expect(page.getByRole('link', { name: /Book in a machine/ })).toHaveCount(0)
  await openJob(page, `/jobs/${id}`)
  await page.getByRole('button', { name: /Hand back/ }).click()
  await expect(page.getByRole('link', { name: 'Print the record, PDF' })).toHaveCount(0)
  await page.goto('/parts')
  await expect(page.getByRole('heading', { name: 'Read a price list' })).toHaveCount(0)
  await atTheBench(page, request)
})

test('a keeper lets a device in by a code and takes it back; it is emptied at its next contact', async ({
  page,
  browser,
}) => {
  const server = await startBuilt()
  try {
    await openShop(server.url)
    await elsewhere(page, server.url)
    await page.goto(`${server.url}/shop`)
    await page.getByLabel('Name of a device that is to come in').fill('Tablet at bench 2')
    await page.getByRole('button', { name: 'Make a code' }).click()
    const code = (await page.locator('.code .figures').innerText()).replace(/\s/g, '')
    expect(code).toMatch(/^[2-9A-Z]{8}$/)
    const fresh = { storageState: { cookies: [], origins: [] }, extraHTTPHeaders: { origin: server.url } }
    const tablet = await (await browser.newContext({ ...fresh, viewport: { width: 390, height: 844 } })).newPage()
    await tablet.goto(`${server.url}/let-in#${code}`)
    await expect(tablet.getByLabel('Name of this device')).toHaveValue('Tablet at bench 2')
    await tablet.getByRole('button', { name: 'Let it in' }).click()
    const who = tablet.getByRole('dialog')
    await who.getByRole('button', { name: /Ada Quill/ }).click()
    await who.getByLabel('PIN of Ada Quill').fill('2580')
    await who.getByLabel('PIN of Ada Quill').press('Enter')
    await expect(tablet.getByRole('heading', { name: /at the bench$/ })).toBeVisible()
    await tablet.goto(`${server.url}/jobs/new`)
    await tablet.getByLabel('Name', { exact: true }).fill('Nell Brack')
    await expect.poll(() => tablet.evaluate(() => JSON.stringify(localStorage))).toContain('Nell Brack')
    // a second device can't come in by the same code
    expect(await deviceCookie(server.url, code)).toBe('')

    await page.reload()
    const line = page.locator('#devices li').filter({ hasText: 'Tablet at bench 2' })
    await line.getByRole('button', { name: /Take back/ }).click()
    await page.getByRole('button', { name: 'Take it back' }).click()
    await expect(line).toContainText('taken back')
    await tablet.getByRole('link', { name: 'Machines' }).click()
    await expect(tablet.getByText('This device was taken back by the shop')).toBeVisible({ timeout: 15_000 })
    await expect.poll(() => tablet.evaluate(() => localStorage.length).catch(() => -1)).toBe(0)
    await page.reload()
    await expect(line).toContainText('taken back', { timeout: 10_000 })
    await expect(line).toContainText(', emptied')
  } finally {
    await server.stop()
  }
})
