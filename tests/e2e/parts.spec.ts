import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, test } from './shop'
import dayjs from 'dayjs'
import { ulid } from 'ulid'
import { atTheBench, chip, decideTab, freshJob, me, openJob, pick, typeDay } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

const give = (page: Page, text: string) =>
  page.locator('input[type=file]').setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
const find = (page: Page, words: string) => page.getByLabel('Find a part by name or number').fill(words)

test('a price list with errors reports each line and changes nothing; a sound one is taken over after a dry run', async ({
  page,
}) => {
  await page.goto('/parts')
  await find(page, 'float needle')
  await expect(page.locator('.prices')).toContainText('€8.40')
  await give(page, 'number;name;price\nTS-1405;Float needle and seat;9,10\nTS-1999;;3\nTS-2000;Valve cap;cheap')
  const report = page.locator('[data-test=report]')
  await expect(report).toContainText('line 2 Supplier is missing')
  await page.getByLabel('Supplier, where the file has no column for it').fill('Tollbrook Spares')
  await page.getByLabel('Supplier, where the file has no column for it').blur()
  await expect(report).toContainText('line 3 Name is missing.')
  await expect(report).toContainText('line 4 Price: type a figure, not words.')
  await expect(report.getByRole('button', { name: 'Take it over' })).toHaveCount(0)
  await page.reload()
  await find(page, 'float needle')
  await expect(page.locator('.prices')).toContainText('€8.40')

  await give(
    page,
    'number;name;price;supplier;lead_days;stock\nTS-1405;Float needle and seat;9,10;Tollbrook Spares;2;9\nTS-2000;Valve cap;1,20;Tollbrook Spares;1;50',
  )
  await expect(report).toContainText('TS-1405 Float needle and seat: €8.40 → €9.10')
  await expect(report).toContainText('TS-2000 Valve cap, €1.20')
  await report.getByRole('button', { name: 'Take it over' }).click()
  await expect(report).toContainText('1 changed')
  await expect(page.locator('.prices')).toContainText('€9.10')
})

test('a part of the list brings its price, its supplier and its day into a way to go', async ({ page }) => {
  await openJob(page, `/jobs/${await freshJob(page, 'Surges at idle', 'no_power')}`)
  await page
    .getByRole('button', { name: /^Decide/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'Part', exact: true }).click()
  const line = page.getByLabel('Line 3', { exact: true })
  await line.fill('diaphragm')
  await expect(page.locator('datalist option')).toHaveCount(1)
  await line.fill('Diaphragm kit (TS-1406)')
  await line.blur()
  await expect(page.getByLabel('likely of line 3', { exact: true })).toHaveValue('14')
  await expect(page.getByLabel('Who the price of line 3 is from', { exact: true })).toHaveValue('Tollbrook Spares')
  await expect(page.getByLabel('Day of the price of line 3', { exact: true })).not.toHaveValue('')
  await page.getByRole('button', { name: /Log this way/ }).click()
  await expect(page.locator('.logged')).toContainText('Repair, 3 lines')
})

test('a needed part is ordered from the list, holds the job, and lets it go when it is here; outwork is measured on return', async ({
  page,
}) => {
  const id = await freshJob(page, 'Knocks', 'noise')
  const by = await me(page.request)
  const money = (type: string, text: string, likely: number) => ({
    id: ulid(),
    type,
    text,
    why: null,
    low: likely,
    likely,
    high: likely,
    chance: 1,
    priceKind: null,
  })
  await page.request.post(`/api/jobs/${id}/entries`, {
    data: {
      id: ulid(),
      kind: 'terms',
      at: new Date().toISOString(),
      by,
      how: null,
      supersedes: null,
      body: { useClass: 'private', runningValueMinor: 90000, asIsValueMinor: 1000, capMinor: null, deadline: null },
    },
  })
  await page.request.post(`/api/jobs/${id}/entries`, {
    data: {
      id: ulid(),
      kind: 'option',
      at: new Date().toISOString(),
      by,
      how: null,
      supersedes: null,
      body: {
        name: 'Rings and hone',
        way: 'repair',
        lines: [
          money('part', 'Ring set 65 mm', 3200),
          money('outwork', 'Hone the bore', 2500),
          money('labour', 'Top end', 3),
        ],
        valueAfterMinor: null,
        successChance: 0.9,
        comebackMinor: 0,
        hoursOk: 200,
        hoursFail: 0,
        ruledOut: null,
      },
    },
  })
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+7')
  await page.getByRole('button', { name: /^Order.*Ring set 65 mm/ }).click()
  await page
    .locator('.order')
    .getByRole('button', { name: /Ring set 65 mm/ })
    .click()
  await expect(page.getByLabel('Supplier')).toHaveValue('Tollbrook Spares')
  await page.getByRole('button', { name: 'Log the order' }).click()
  await expect(page.locator('.head .waits')).toContainText('parts')
  await page.getByRole('button', { name: /^Send out.*Hone the bore/ }).click()
  await page.getByLabel('Which shop').fill('The Grinding Barn')
  await page.getByLabel('Target figure').fill('52.50, cross-hatch')
  await chip(page, 'It is', 'Accepted').click()
  await page.getByRole('button', { name: 'Log the outwork' }).click()
  await expect(page.locator('.order')).toContainText('Say when it came back')
  await typeDay(page, 'Came back', dayjs().format('D MMM YYYY'))
  await page.getByLabel('Measured on return').fill('52,505')
  await page.getByRole('button', { name: 'Log the outwork' }).click()
  await expect(page.locator('.log')).toContainText('measured 52.505 mm, accepted')
  await page.getByRole('button', { name: /^It is here.*Ring set/ }).click()
  await expect(page.locator('.head .waits')).toContainText('nobody')
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+7')
  await expect(page.getByRole('heading', { name: /Parts and outwork/ })).toContainText('all here')
})

test('a scrapped engine onto the shelf, and a part of it into another job', async ({ page }) => {
  const by = await me(page.request)
  const log = async (id: string, kind: string, body: object, how: string | null = null) => {
    const answer = await page.request.post(`/api/jobs/${id}/entries`, {
      data: { id: ulid(), kind, at: new Date().toISOString(), by, how, body, supersedes: null },
    })
    expect(answer.status(), await answer.text()).toBe(201)
  }
  const scrapped = await freshJob(page, 'Rod through the case', 'wont_turn', { engineClass: 'D4' })
  await log(scrapped, 'option', {
    name: 'Part it out',
    way: 'part_out',
    lines: [
      {
        id: ulid(),
        type: 'sale',
        text: 'Parts',
        why: null,
        low: 9000,
        likely: 9000,
        high: 9000,
        chance: 1,
        priceKind: null,
      },
    ],
    valueAfterMinor: null,
    successChance: 1,
    comebackMinor: 0,
    hoursOk: 0,
    hoursFail: 0,
    ruledOut: null,
  })
  await openJob(page, `/jobs/${scrapped}`)
  await page
    .getByRole('button', { name: /^Decide/ })
    .first()
    .click()
  await decideTab(page, 'Before it is chosen')
  await page.getByText(/What to keep of this engine/).click()
  await page.getByRole('button', { name: /^Onto the shelf.*Crank and pin/ }).click()
  await page.getByRole('button', { name: 'Put it there' }).click()
  await expect(page.locator('.put')).toContainText('Place')
  await page.getByLabel('Place').fill('Shelf 3, box 2')
  await page.getByRole('button', { name: 'Put it there' }).click()
  await expect(page.locator('.keep')).toContainText(/● S \d+/)

  const needy = await freshJob(page, 'Knocks', 'noise', { engineClass: 'D4' })
  await log(needy, 'made_safe', { done: ['plug_lead', 'battery', 'fuel', 'free', 'stable'] })
  await log(
    needy,
    'part',
    {
      part: 'crank',
      disposition: 'replace',
      seen: ['scored'],
      oil: 'not_looked',
      role: 'own',
      reason: null,
      orientation: null,
      owed: null,
    },
    'by_eye',
  )
  await openJob(page, `/jobs/${needy}`)
  await page.keyboard.press('Alt+7')
  const offered = page.locator('section').filter({ hasText: 'On the shelf for this job' })
  await expect(offered).toContainText('was never measured')
  await offered.getByRole('button', { name: /^Reserve/ }).click()
  await offered.getByRole('button', { name: /^Fit it/ }).click()
  await expect(offered.locator('.fault')).toContainText('only with its figure')
  // measured on the shelf, then fitted
  await page.goto('/shelf')
  await page.getByRole('button', { name: /Crank and pin/ }).click()
  await page.getByRole('textbox', { name: 'Measured' }).fill('pin 54.98 mm, run-out 0.02')
  await page.getByRole('button', { name: 'Keep it so' }).click()
  await expect(page.locator('.list')).toContainText('● pin 54.98 mm')
  await openJob(page, `/jobs/${needy}`)
  await page.keyboard.press('Alt+7')
  await offered.getByRole('button', { name: /^Fit it/ }).click()
  await expect(page.locator('.built')).toContainText('pin 54.98 mm, run-out 0.02), from a donor')
  await page.goto('/shelf')
  await expect(page.locator('.page')).not.toContainText('Crank and pin')
})

test('a table is sorted and narrowed, keeps its columns, and goes out as it is shown', async ({ page }) => {
  await page.goto('/parts')
  const rows = page.locator('.prices tbody tr')
  await expect(rows.first()).toBeVisible()
  const all = await rows.count()
  await pick(page, 'Only supplier', 'Alder Power')
  await page.keyboard.press('Escape')
  await expect(page.locator('.prices [role=status]')).toContainText(`of ${all}`)
  const left = await rows.count()
  expect(left).toBeLessThan(all)
  await expect(rows.filter({ hasText: 'Tollbrook' })).toHaveCount(0)
  await pick(page, 'Columns of Parts and prices', 'Lead')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('columnheader', { name: /^Lead/ })).toHaveCount(0)
  // by what it costs, not by how that is written
  await page.getByRole('columnheader', { name: /^Price/ }).click({ position: { x: 4, y: 10 } })
  await expect(page.getByRole('columnheader', { name: /^Price/ })).toHaveClass(/ascending/)
  const prices = (await rows.locator('td:nth-child(5)').allTextContents()).map(p => Number(p.replace(/[^\d.]/g, '')))
  expect(prices).toEqual([...prices].sort((a, b) => a - b))
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'CSV', exact: true }).click()
  const [head, ...lines] = readFileSync(await (await download).path(), 'utf8')
    .trim()
    .split(/\r?\n/)
  expect(head).toBe('Part,Number,Supplier,Kind,Price,As of')
  expect(lines).toHaveLength(left)
  await page.reload()
  await expect(rows).toHaveCount(all)
  await expect(page.getByRole('columnheader', { name: /^Lead/ })).toHaveCount(0)
})
