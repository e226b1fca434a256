import type { APIRequestContext, Page } from '@playwright/test'
import { expect } from '@playwright/test'

/** Somebody of the shop stands at the bench, before the first page opens. */
export async function atTheBench(page: Page, request: APIRequestContext, base = ''): Promise<void> {
  const { people } = await (await request.get(`${base}/api/shop`)).json() as { people: { id: string }[] }
  await page.addInitScript((id) => {
    if (!localStorage.getItem('remedium:at-the-bench')) localStorage.setItem('remedium:at-the-bench', id)
  }, people[0]?.id ?? '')
}

export async function jobNumbered(request: APIRequestContext, number: number): Promise<string> {
  const lines = await (await request.get('/api/jobs')).json() as { id: string, number: number }[]
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
export const chip = (page: Page, group: string, word: string) => page.getByRole('group', { name: group }).getByText(word, { exact: true })

export const lean = (page: Page) => page.locator('[data-test=lean] .head')
