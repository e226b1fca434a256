import { cpSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { call, newFolder, startBuilt } from '../server'
import { SEEDED } from './seed'
import { expect, test } from './shop'
import { atTheBench, elsewhere, me, openLog, pick } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

async function fillBooking(page: Page, owner: string, machine: string): Promise<void> {
  await page.goto('/jobs/new')
  await pick(page, 'Kind of machine', 'Generator')
  await page.getByLabel('Make, model, as on the machine').fill(machine)
  await page.getByLabel('Name', { exact: true }).fill(owner)
  await page.getByLabel("Complaint, in the owner's words").fill('Bang, then nothing.')
  await page.getByLabel('Worth when running').fill('420')
}

test('a booking whose answer was lost: pressed again it is one; changed since, it says as what and takes the change', async ({
  page,
  request,
}) => {
  let lost = 1
  await page.route('**/api/jobs', async route => {
    if (route.request().method() !== 'POST' || lost-- <= 0) return route.fallback()
    // it reaches the server, and the answer never comes back
    await route.fetch()
    await route.abort()
  })
  await fillBooking(page, 'Cobnut Hire', 'Tern 1800')
  await page.getByRole('button', { name: /Book it in/ }).click()
  await expect(page.getByText('the bench computer did not answer')).toBeVisible()
  await page.getByLabel("Complaint, in the owner's words").fill('Bang, then nothing. Oil on the floor.')
  await page.getByRole('button', { name: /Book it in/ }).click()
  await expect(page.getByText(/It was booked in as T \d+ already/)).toBeVisible()
  await expect(page.getByRole('link', { name: /^Open T \d+/ })).toBeVisible()
  await page.getByRole('button', { name: 'Put the changes on its log, as corrections' }).click()
  await expect(page.getByRole('heading', { name: 'Tern 1800' })).toBeVisible()
  await expect(page.locator('.log')).toContainText('Oil on the floor')
  await openLog(page)
  await expect(page.locator('.log li.gone')).toHaveCount(1)
  const jobs = (await (await request.get('/api/jobs')).json()) as { machineName: string }[]
  expect(jobs.filter(j => j.machineName === 'Tern 1800')).toHaveLength(1)
})

test('two tabs book in two machines, and what each typed is kept for itself', async ({ page, context, request }) => {
  await fillBooking(page, 'Nan Sedge', 'Reedling 30')
  const other = await context.newPage()
  await other.goto('/jobs/new')
  await expect(other.getByLabel('Name', { exact: true })).toHaveValue('')
  await fillBooking(other, 'Pit Alder', 'Corncrake 8')
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Nan Sedge')
  for (const one of [other, page]) {
    await one.getByRole('button', { name: /Book it in/ }).click()
    await expect(one.locator('.log')).toContainText('Bang, then nothing.')
  }
  const jobs = (await (await request.get('/api/jobs')).json()) as { machineName: string }[]
  expect(jobs.map(j => j.machineName)).toEqual(expect.arrayContaining(['Reedling 30', 'Corncrake 8']))
})

test("somebody else's change stands beside one's own before it is saved over", async ({ page, request }) => {
  const [machine] = (await (await request.get('/api/machines')).json()) as { id: string }[]
  await page.goto(`/machines/${machine?.id}`)
  await expect(page.getByLabel('Telephone or address')).toBeVisible()
  const view = await (await request.get(`/api/machines/${machine?.id}`)).json()
  const { id: _, customerId: __, ...fields } = view.machine
  const theirs = { name: view.customer.name, contact: 'Rings twice' }
  await atTheBench(page, request, 'June Abara')
  await request.put(`/api/machines/${machine?.id}`, {
    data: {
      machine: fields,
      facts: view.facts,
      spec: view.spec,
      customer: theirs,
      by: await me(request),
      version: view.version,
    },
  })
  await atTheBench(page, request)
  await page.getByLabel('Telephone or address').fill('Back door')
  await page.getByRole('button', { name: 'Keep these facts' }).click()
  await expect(page.getByText(`June Abara changed this while it was open here`)).toBeVisible()
  await expect(page.getByText('It says ‘Rings twice’ now; you have ‘Back door’.').first()).toBeVisible()
  await page.getByRole('button', { name: 'Keep these facts' }).click()
  await expect(page.getByRole('status')).toContainText('Kept.')
  await page.reload()
  await expect(page.getByLabel('Telephone or address')).toHaveValue('Back door')
})

test('a shop without a backup is told so, makes one, and can take it along', async ({ page }) => {
  // one of its own, just started: the first nightly one has not come yet
  const folder = newFolder()
  cpSync(SEEDED, folder, { recursive: true })
  const server = await startBuilt(folder, { NUXT_DEMO: 'true' })
  await call(`${server.url}/api/session`)
  await elsewhere(page, server.url)
  await page.goto(server.url)
  await expect(page.getByText('No backup was made yet.')).toBeVisible()
  await page.getByRole('link', { name: 'Make one now' }).click()
  await page.getByRole('button', { name: 'Make a backup now' }).click()
  await expect(page.locator('#backups')).toContainText(/● Last one/)
  const download = page.waitForEvent('download')
  await page
    .getByRole('link', { name: /^Download remedium-/ })
    .first()
    .click()
  expect((await download).suggestedFilename()).toMatch(/^remedium-\d{8}T\d{6}Z-asked\.tar\.gz$/)
  await page.goto(server.url)
  await expect(page.getByRole('heading', { name: 'Your move' })).toBeVisible()
  await expect(page.getByText('No backup was made yet.')).toHaveCount(0)
  await server.stop()
})
