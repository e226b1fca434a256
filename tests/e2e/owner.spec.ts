import AxeBuilder from '@axe-core/playwright'
import { join } from 'node:path'
import { expect, test } from './shop'
import Database from 'better-sqlite3'
import { ulid } from 'ulid'
import { newEntry, oilBody, openShop } from '../api/shop'
import { call, startBuilt } from '../server'
import { atTheBench, decideTab, elsewhere, freshJob, lean, me, openJob } from './bench'

test('the owner answers through the link on a telephone, and the job moves', async ({ page, request, browser }) => {
  await atTheBench(page, request)
  const id = await freshJob(page, 'Smokes blue under load', 'smoke')
  const by = await me(request)
  const log = (kind: string, body: object) =>
    request.post(`/api/jobs/${id}/entries`, {
      data: { id: ulid(), kind, at: new Date().toISOString(), by, how: null, body, supersedes: null },
    })
  await request.post(`/api/jobs/${id}/entries`, { data: newEntry(by, 'oil', oilBody()) })
  await log('terms', {
    useClass: 'private',
    runningValueMinor: 60000,
    asIsValueMinor: 4000,
    capMinor: null,
    deadline: null,
  })
  await log('option', {
    name: 'Rings and hone',
    way: 'rings',
    lines: [
      {
        id: ulid(),
        type: 'part',
        text: 'Ring set',
        why: null,
        low: 3200,
        likely: 3200,
        high: 3200,
        chance: 1,
        priceKind: 'retail',
      },
      {
        id: ulid(),
        type: 'labour',
        text: 'Top end',
        why: null,
        low: 2,
        likely: 3,
        high: 4,
        chance: 1,
        priceKind: null,
      },
    ],
    valueAfterMinor: null,
    successChance: 0.8,
    comebackMinor: 0,
    hoursOk: 200,
    hoursFail: 10,
    ruledOut: null,
  })
  await openJob(page, `/jobs/${id}`)
  await page
    .getByRole('button', { name: /^Decide/ })
    .first()
    .click()
  await decideTab(page, 'Ask the owner')
  await page.getByRole('button', { name: 'Ask the owner by a link' }).click()
  await page.getByLabel('In your own words').fill('The rings are worn. The bore looks sound, it is not measured yet.')
  await page.getByLabel('Link stays open').fill('0')
  await page.getByRole('button', { name: 'Freeze it and ask' }).click()
  await expect(page.locator('.askform')).toContainText('A link stays open for at least a day')
  await page.getByLabel('Link stays open').fill('7')
  const shows = page.locator('.found label').first()
  const found = (await shows.innerText()).split('\n').at(-1)?.trim() ?? ''
  await shows.click()
  await page.getByRole('button', { name: 'Freeze it and ask' }).click()
  const link = await page.getByLabel('Link for the owner').inputValue()
  await expect(page.locator('.head .waits')).toContainText('the owner')
  await expect(page.locator('.ask .sent').first()).toContainText('waiting today')

  // a telephone that knows nothing of the shop
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await phone.goto(new URL(link).pathname)
  await expect(phone.getByRole('heading', { level: 1 })).toContainText('what next?')
  await expect(phone.locator('.way')).toContainText('Rings and hone')
  await expect(phone.getByRole('heading', { name: 'What was found' })).toBeVisible()
  await expect(phone.locator('.q')).toContainText(found)
  await expect(phone.locator('.q')).toContainText('The bore was not measured')
  await expect(phone.getByRole('navigation')).toHaveCount(0)
  expect(await phone.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true)
  expect(
    (await new AxeBuilder({ page: phone }).analyze()).violations.map(v => `${v.id}: ${v.nodes[0]?.target}`),
  ).toEqual([])
  await phone.getByRole('button', { name: 'Ask us' }).click()
  await phone.getByRole('button', { name: 'Send it' }).click()
  await expect(phone.locator('.say')).toContainText('Write your question')
  await phone.getByRole('button', { name: 'Back' }).click()
  await phone.getByRole('group', { name: 'Your answer' }).getByRole('button', { name: 'Rings and hone' }).click()
  await phone.getByLabel('Anything to add').fill('Please before Saturday')
  await phone.getByRole('button', { name: 'Send it' }).click()
  await expect(phone.getByRole('status')).toContainText('The shop has your answer')
  await phone.reload()
  await expect(phone.locator('.answered')).toContainText(
    'Greta Underhill chose ‘Rings and hone’: Please before Saturday',
  )
  await expect(phone.getByRole('button', { name: 'Ask us' })).toHaveCount(0)

  // an altered link is refused, and shows nothing
  await phone.goto(`${new URL(link).pathname.slice(0, -2)}zz`)
  await expect(phone.getByRole('alert')).toContainText('This link is not right')
  await expect(phone.locator('.q')).not.toContainText('Underhill')

  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.head .waits')).toContainText('nobody')
  await expect(page.locator('.log')).toContainText('Greta Underhill agrees to ‘Rings and hone’; Please before Saturday')
  await expect(lean(page)).toBeVisible()
  await page
    .getByRole('button', { name: /^Decide/ })
    .first()
    .click()
  await expect(page.locator('.agreed')).toContainText('by Greta Underhill in writing')
  await decideTab(page, 'Ask the owner')
  const pdf = await request.get((await page.locator('.ask .sent a').first().getAttribute('href')) ?? '')
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
})

test('more than was agreed is asked for anew, and a link that ran out is refused', async ({ page, browser }) => {
  const server = await startBuilt()
  try {
    const shop = await openShop(server.url)
    const log = (kind: string, body: object, more: object = {}) =>
      shop.log(newEntry(shop.by, kind, body, { how: null, ...more }))
    const line = (likely: number) => ({
      id: ulid(),
      type: 'part',
      text: 'Oil pump',
      why: null,
      low: likely,
      likely,
      high: likely,
      chance: 1,
      priceKind: 'retail',
    })
    const option = (lines: object[]) => ({
      name: 'New pump',
      way: 'repair',
      lines,
      valueAfterMinor: 60000,
      successChance: 0.9,
      comebackMinor: 0,
      hoursOk: 200,
      hoursFail: 10,
      ruledOut: null,
    })
    const first = newEntry(shop.by, 'option', option([line(8000)]), { how: null })
    await shop.log(first)
    const ask = async (stage: string): Promise<string> =>
      new URL(
        (
          await call(`${server.url}/api/jobs/${shop.jobId}/quotes`, 'POST', {
            id: ulid(),
            by: shop.by,
            stage,
            feeMinor: null,
            words: null,
            days: 7,
            photoIds: [],
          })
        ).body.link as string,
      ).pathname
    const phone = await (
      await browser.newContext({
        viewport: { width: 390, height: 844 },
        storageState: { cookies: [], origins: [] },
        extraHTTPHeaders: { origin: server.url },
      })
    ).newPage()
    const choose = async (path: string) => {
      await phone.goto(server.url + path)
      await phone.getByRole('group', { name: 'Your answer' }).getByRole('button', { name: 'New pump' }).click()
      await phone.getByRole('button', { name: 'Send it' }).click()
      await expect(phone.getByRole('status')).toContainText('The shop has your answer')
    }
    await choose(await ask('decide'))
    // the pump was the smaller half of it
    await log('option', option([line(8000), { ...line(9500), text: 'Pump drive' }]), { supersedes: first.id })
    await elsewhere(page, server.url)
    await openJob(page, `${server.url}/jobs/${shop.jobId}`)
    await page
      .getByRole('button', { name: /^Decide/ })
      .first()
      .click()
    await expect(page.locator('.changed')).toContainText('The likely cost, €175, has passed the €80 that were agreed')
    const change = await ask('build')
    await phone.goto(server.url + change)
    await expect(phone.getByRole('heading', { level: 1 })).toContainText('more than was agreed')
    await expect(phone.locator('.q')).toContainText('pass the €80 that you agreed to')
    await choose(change)
    await openJob(page, `${server.url}/jobs/${shop.jobId}`)
    await page
      .getByRole('button', { name: /^Decide/ })
      .first()
      .click()
    await expect(page.locator('.changed')).toHaveCount(0)
    await expect(page.locator('.agreed')).toContainText('€175')

    const late = await ask('decide')
    const db = new Database(join(server.data, 'remedium.db'))
    db.prepare('UPDATE quotes SET expires_at = ? WHERE answered_at IS NULL').run('2026-01-01T00:00:00.000Z')
    db.close()
    await phone.goto(server.url + late)
    await expect(phone.getByRole('alert')).toContainText('This link has run out')
    await expect(phone.locator('.way')).toHaveCount(0)
  } finally {
    await server.stop()
  }
})
