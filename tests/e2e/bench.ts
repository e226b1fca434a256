import type { APIRequestContext, Page } from '@playwright/test'
import { expect } from '@playwright/test'
import { ulid } from 'ulid'

/** Somebody of the shop stands at the bench, before the first page opens. */
export async function atTheBench(page: Page, request: APIRequestContext, base = ''): Promise<void> {
  const { people } = (await (await request.get(`${base}/api/shop`)).json()) as { people: { id: string }[] }
  await page.addInitScript(id => {
    if (!localStorage.getItem('remedium:at-the-bench')) localStorage.setItem('remedium:at-the-bench', id)
  }, people[0]?.id ?? '')
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
  await expect(page.locator('.sheet[data-ready="true"]')).toBeVisible()
}

/** One answer of a row of chips. */
export const chip = (page: Page, group: string, word: string) =>
  page.getByRole('group', { name: group }).getByText(word, { exact: true })

/** One answer out of a long list, by its word or by its place in the list. */
export async function pick(page: Page, label: string, word: string | number): Promise<void> {
  const list = page.getByRole('combobox', { name: label, exact: true })
  // the whole box is touched: its line lies under what is chosen
  await list.locator('xpath=ancestor::*[contains(@class, "el-select__wrapper")]').click()
  const options = page.getByRole('option').filter({ visible: true })
  await (typeof word === 'number' ? options.nth(word) : options.getByText(word, { exact: true })).click()
}

export const lean = (page: Page) => page.locator('[data-test=lean] .head')

/** A machine of its own, so that no other test finds its look half done. */
export async function freshJob(
  page: Page,
  words: string,
  about = 'smoke',
  facts: object = {},
  spec: object[] = [{ item: 'oil_capacity', value: 550, unit: 'mL', source: 'maker', note: null }],
): Promise<string> {
  const { people } = (await (await page.request.get('/api/shop')).json()) as { people: { id: string }[] }
  const stamp = Date.now()
  const id = (n: number): string => `01K${String(stamp).padStart(13, '0')}${String(n).padStart(10, '0')}`.slice(0, 26)
  const by = people[0]?.id
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
  await expect(page.locator('.safe')).toBeVisible()
  for (const box of await page.locator('.safe input[type=checkbox]').all()) await box.check()
  const tick = page.locator('.safe').getByRole('button', { name: 'Made safe', exact: true })
  if (await tick.count()) await tick.click()
  await expect(page.locator('.safe')).toContainText(/Made safe \d/)
}

/** An entry put on a job by the way that pages use, without a page. */
export async function logged(
  page: Page,
  jobId: string,
  kind: string,
  body: object,
  how: string | null = null,
): Promise<void> {
  const { people } = (await (await page.request.get('/api/shop')).json()) as { people: { id: string }[] }
  const answer = await page.request.post(`/api/jobs/${jobId}/entries`, {
    data: { id: ulid(), kind, at: new Date().toISOString(), by: people[0]?.id, how, body, supersedes: null },
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
