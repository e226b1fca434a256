import type { APIRequestContext, Locator, Page } from '@playwright/test'
import { expect } from '@playwright/test'
import { ulid } from 'ulid'
import { TEST_PIN } from '../server'
import { stateOf } from './shop'

interface Session {
  person: { id: string; name: string } | null
  people: { id: string; name: string }[]
}
const session = async (request: APIRequestContext): Promise<Session> =>
  (await (await request.get('/api/session')).json()) as Session

/** Who is at the bench. */
export const me = async (request: APIRequestContext): Promise<string> => (await session(request)).person?.id ?? ''

/** The keeper of the demo stands at the bench before the first page opens, whoever was there last. */
export async function atTheBench(_page: Page, request: APIRequestContext, name = 'Mira Voss'): Promise<void> {
  const { person, people } = await session(request)
  if (person?.name === name) return
  const personId = people.find(p => p.name === name)?.id
  const come = await request.post('/api/session/person', { data: { personId, pin: TEST_PIN } })
  expect(come.ok(), await come.text()).toBe(true)
}

/** The page goes to another shop that this test has come into. */
export async function elsewhere(page: Page, url: string): Promise<void> {
  await page.context().addCookies(stateOf(url).cookies)
  await page.setExtraHTTPHeaders({ origin: url })
}

export async function jobNumbered(request: APIRequestContext, number: number): Promise<string> {
  const lines = (await (await request.get('/api/jobs')).json()) as { id: string; number: number }[]
  const found = lines.find(l => l.number === number)
  if (!found) throw new Error(`The demo shop has no job T ${number}.`)
  return found.id
}

/** The job sheet with its first judgement on it. */
export async function openJob(page: Page, path: string): Promise<void> {
  await page.goto(path)
  // judged on a thread of its own: on a machine that does much else besides it comes late, and everything after waits for it
  await expect(page.locator('.sheet[data-ready="true"]')).toBeVisible({ timeout: 30_000 })
}

/** One answer of a row of chips. */
export const chip = (page: Page, group: string, word: string) =>
  page.getByRole('group', { name: group }).getByText(word, { exact: true })

/** A day, with its hour where one is asked, as it is typed: 5 Jan 2026 18:20. */
export async function typeDay(page: Page, label: string, day: string): Promise<void> {
  const field = page.getByLabel(label)
  await field.fill(day)
  await field.press('Tab')
  await expect(field).toHaveValue(day)
}

/** The button that asks for files, given some. */
export const giveFiles = (page: Page, button: string, files: Parameters<Locator['setInputFiles']>[0]) =>
  page.getByRole('button', { name: button }).locator('input').setInputFiles(files)

/** One answer out of a long list, by its word or by its place in the list. */
export async function pick(page: Page, label: string, word: string | number): Promise<void> {
  const list = page.getByRole('combobox', { name: label, exact: true })
  // the whole box is touched: its line lies under what is chosen
  const box = list.locator('xpath=ancestor::*[contains(@class, "el-select__wrapper")]')
  // a stage that has just come up takes the focus to its heading, and a list that was open closes: then it is opened again
  await expect(async () => {
    if ((await list.getAttribute('aria-expanded')) !== 'true') await box.click({ timeout: 5000 })
    const options = page.locator(`#${await list.getAttribute('aria-controls')}`).getByRole('option')
    const option = typeof word === 'number' ? options.nth(word) : options.getByText(word, { exact: true })
    await option.click({ timeout: 5000 })
  }).toPass()
}

/** One form of the stage that is open: in its list, in its row of tabs, or on the line where it is chosen. */
export async function openForm(page: Page, name: string | RegExp): Promise<void> {
  const looks = page.locator('.looks').filter({ visible: true })
  const beside = looks.getByRole('button', { name }).or(looks.getByRole('tab', { name }))
  const line = page.getByRole('combobox', { name: /^Check of/ }).filter({ visible: true })
  await expect(beside.or(line).first()).toBeVisible()
  if (await beside.count()) return await beside.first().click()
  await line.locator('xpath=ancestor::*[contains(@class, "el-select__wrapper")]').click()
  await page.getByRole('option', { name }).filter({ visible: true }).first().click()
  await expect(page.getByRole('option').filter({ visible: true })).toHaveCount(0)
}

/** All of the log, each line with what can be done with it. */
export async function openLog(page: Page): Promise<Locator> {
  await expect(page.locator('.log').first()).toBeVisible()
  const all = page.locator('.log').getByRole('button', { name: /^All \d+ lines?/ })
  if (await all.count()) await all.click()
  return page.locator('.log')
}

/** One group of what is asked when a machine comes in. */
export const group = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Booked in' }).getByRole('button', { name }).click()

/** A way's own lines, or what is asked and shown beside them on Decide. */
export const decideTab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click()

/** Another way begun on Decide. */
export async function addWay(page: Page, word: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a way' }).click()
  await page.getByRole('menuitem', { name: word, exact: true }).click()
}

/** What is seldom used stands behind three dots in the head of a job. */
export async function more(page: Page, item: string): Promise<void> {
  await page.getByRole('button', { name: 'More of this job' }).click()
  await page.getByRole('menuitem', { name: item }).click()
}

/** What the findings say, each in its words: a touch behind the four counts. */
export async function findings(page: Page): Promise<Locator> {
  const counts = page.getByRole('button', { name: /^What the findings say/ })
  if ((await counts.getAttribute('aria-expanded')) === 'false') await counts.click()
  return page.locator('.say .list')
}

/** A box that is ticked, by its words. */
export const box = (page: Page, words: string) => page.locator('.el-checkbox').filter({ hasText: words })

/** What stands first to look at next. */
export const nextIs = (page: Page, title: string) =>
  expect(page.locator('[data-test=next] .nexttitle')).toContainText(title)

export const lean = (page: Page) => page.locator('[data-test=lean] .head')

/** A machine of its own, so that no other test finds its look half done. */
export async function freshJob(
  page: Page,
  words: string,
  about = 'smoke',
  facts: object = {},
  spec: object[] = [{ item: 'oil_capacity', value: 550, unit: 'mL', source: 'maker', note: null }],
): Promise<string> {
  const by = await me(page.request)
  const stamp = Date.now()
  const id = (n: number): string => `01K${String(stamp).padStart(13, '0')}${String(n).padStart(10, '0')}`.slice(0, 26)
  await page.request.post('/api/jobs', {
    data: {
      id: id(1),
      customer: { name: 'Greta Underhill', contact: null },
      machine: {
        kind: 'walk_behind_mower',
        name: 'Thistledown 41',
        serial: null,
        meterReading: null,
        meterUnit: 'h',
        meterSource: 'claimed',
      },
      facts: {
        engineClass: 'S4',
        cycle: 'four',
        displacementCc: 140,
        cylinders: 1,
        oiling: 'splash',
        oilShows: 'stick_screwed',
        release: 'automatic',
        bore: 'bare',
        fuelFeed: 'float',
        cooling: 'air',
        mixRatio: null,
        ...facts,
      },
      spec,
      sheetId: null,
      entries: [
        {
          id: id(2),
          kind: 'complaint',
          at: new Date().toISOString(),
          by,
          how: 'claimed',
          supersedes: null,
          body: { words, since: null, about },
        },
      ],
    },
  })
  return id(1)
}

/** Every make-safe step ticked, as it must be before anything is turned; it may stand so already. */
export async function makeSafe(page: Page): Promise<void> {
  const badge = page.locator('.spine').getByRole('button', { name: /Made safe/ })
  await expect(page.locator('.safe').or(badge).first()).toBeVisible()
  for (const tick of await page.locator('.safe .el-checkbox').all())
    if (!(await tick.getByRole('checkbox').isChecked())) await tick.click()
  await expect(badge).toBeVisible()
}

/** An entry put on a job by the way that pages use, without a page. */
export async function logged(
  page: Page,
  jobId: string,
  kind: string,
  body: object,
  how: string | null = null,
): Promise<void> {
  const by = await me(page.request)
  const answer = await page.request.post(`/api/jobs/${jobId}/entries`, {
    data: { id: ulid(), kind, at: new Date().toISOString(), by, how, body, supersedes: null },
  })
  expect(answer.status(), await answer.text()).toBe(201)
}

/** One line of a way, sure, at one figure; the parts that it is for where they are picked. */
export const sureLine = (id: string, type: string, text: string, likely: number, parts?: string[]): object => ({
  ...{ id, type, text, why: null, low: likely, likely, high: likely, chance: 1, priceKind: null, cures: false },
  ...{ source: null, pricedOn: null, lookMin: null, ...(parts && { parts }) },
})

/** A way to go as it stands on the log. */
export const wayOf = (name: string, way: string, lines: object[], more: object = {}): object => ({
  ...{ name, way, lines, valueAfterMinor: null, successChance: 0.9, comebackMinor: 0, hoursOk: 100, hoursFail: 0 },
  ...{ daysDown: 0, ruledOut: null },
  ...more,
})

/** Changes rules of the shop as they stand now; gives back what they were. */
export async function rules(request: APIRequestContext, change: object): Promise<object> {
  const { policy, version } = (await (await request.get('/api/shop')).json()) as { policy: object; version: string }
  const kept = await request.put('/api/shop/policy', { data: { ...policy, ...change, version } })
  expect(kept.ok()).toBe(true)
  return policy
}
