import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, test } from '@playwright/test'
import { atTheBench, jobNumbered } from './bench'

test.beforeEach(async ({ page, request }) => { await atTheBench(page, request) })

interface Screen { name: string, path: string, key?: string, ready: string }
async function screens(page: Page): Promise<Screen[]> {
  const job = `/jobs/${await jobNumbered(page.request, 207)}`
  const stages = ['book in', 'first look', 'narrow down', 'open up', 'measure', 'decide', 'build', 'prove', 'hand back']
  const machines = await (await page.request.get('/api/machines')).json() as { id: string }[]
  return [
    { name: 'today', path: '/', ready: '.line' },
    ...stages.map((name, i) => ({ name, path: job, key: String(i + 1), ready: '.sheet[data-ready="true"]' })),
    { name: 'book in a machine', path: '/jobs/new', ready: 'form' },
    { name: 'mix', path: '/mix', ready: '.pour' },
    { name: 'machines', path: '/machines', ready: '.list a' },
    { name: 'one machine', path: `/machines/${machines[0]?.id}`, ready: 'form' },
    { name: 'shop', path: '/shop', ready: 'form' },
    { name: 'not there', path: '/jobs/01ARZ3NDEKTSV4RRFFQ69G5FAV', ready: '.bar' },
  ]
}

async function show(page: Page, screen: Screen): Promise<void> {
  await page.goto(screen.path)
  await expect(page.locator(screen.ready).first()).toBeVisible()
  if (screen.key) await page.keyboard.press(screen.key)
  await page.waitForTimeout(150)
}

for (const width of [1280, 1024, 768, 390]) {
  test(`no screen scrolls sideways at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 })
    for (const screen of await screens(page)) {
      await show(page, screen)
      const [inner, outer] = await page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.clientWidth])
      expect(inner, screen.name).toBeLessThanOrEqual(outer ?? 0)
    }
  })
}

for (const width of [1280, 390]) {
  test(`axe finds no violation at ${width} px`, async ({ page }) => {
    test.setTimeout(180_000)
    await page.setViewportSize({ width, height: 800 })
    const found: string[] = []
    for (const screen of await screens(page)) {
      await show(page, screen)
      const { violations } = await new AxeBuilder({ page }).analyze()
      found.push(...violations.map(v => `${screen.name}: ${v.id} ${v.nodes.slice(0, 3).map(n => n.target.join(' ')).join(', ')}`))
    }
    expect(found).toEqual([])
  })
}

test('what can be touched is at least 44 px high on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 })
  for (const screen of (await screens(page)).filter(s => ['first look', 'narrow down', 'decide'].includes(s.name))) {
    await show(page, screen)
    const small = await page.locator('.desk button.btn:visible, .desk .chip:visible, .spine button:visible').evaluateAll(all => all.filter(e => e.getBoundingClientRect().height < 43.5).map(e => e.textContent?.trim()))
    expect(small, screen.name).toEqual([])
  }
})
