import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, test } from './shop'
import { atTheBench, jobNumbered, openForm, rules } from './bench'

test.describe.configure({ mode: 'parallel' })

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

interface Screen {
  name: string
  path: string
  key?: string
  tab?: string
  ready: string
}
async function screens(page: Page): Promise<Screen[]> {
  const job = `/jobs/${await jobNumbered(page.request, 207)}`
  const stages = ['book in', 'first look', 'narrow down', 'open up', 'measure', 'decide', 'build', 'prove', 'hand back']
  const machines = (await (await page.request.get('/api/machines')).json()) as { id: string }[]
  const sheets = (await (await page.request.get('/api/specs')).json()) as { id: string; name: string }[]
  const look = `/jobs/${await jobNumbered(page.request, 213)}`
  return [
    { name: 'today', path: '/', ready: '.line' },
    ...stages.map((name, i) => ({ name, path: job, key: String(i + 1), ready: '.sheet[data-ready="true"]' })),
    { name: 'book in a machine', path: '/jobs/new', ready: 'form' },
    ...['Leaks', 'Smoke', 'Outside', 'Uses oil', 'Kind of oil'].map(tab => ({
      name: `first look, ${tab}`,
      path: look,
      key: '2',
      tab,
      ready: '.sheet[data-ready="true"]',
    })),
    { name: 'lash', path: look, key: '3', tab: 'Lash', ready: '.sheet[data-ready="true"]' },
    ...['Oil map', 'Fasteners', 'First cause', 'Bad batch'].map(tab => ({
      name: `open up, ${tab}`,
      path: look,
      key: '4',
      tab,
      ready: '.sheet[data-ready="true"]',
    })),
    ...['Other sizes', 'Valve leak test'].map(tab => ({
      name: `measure, ${tab}`,
      path: look,
      key: '5',
      tab,
      ready: '.sheet[data-ready="true"]',
    })),
    { name: 'evidence', path: look, key: '4', tab: 'Evidence', ready: '.sheet[data-ready="true"]' },
    { name: 'oil', path: '/oil', ready: '.oil' },
    { name: 'mix', path: '/mix', ready: '.pour' },
    { name: 'bench tools', path: '/tools', ready: '.inputs' },
    { name: 'causes', path: '/causes', ready: '.folded' },
    ...['Compression', 'Leak-down', 'Other checks', 'Theories'].map(tab => ({
      name: `narrow down, ${tab}`,
      path: look,
      key: '3',
      tab,
      ready: '.sheet[data-ready="true"]',
    })),
    { name: 'spec sheets', path: '/specs', ready: '.list a' },
    { name: 'one sheet', path: `/specs/${sheets.find(sheet => sheet.name.startsWith('Corrie'))?.id}`, ready: 'form' },
    { name: 'import a sheet', path: '/specs/import', ready: '.top' },
    { name: 'machines', path: '/machines', ready: '.list a' },
    { name: 'one machine', path: `/machines/${machines[0]?.id}`, ready: 'form' },
    { name: 'shelf', path: '/shelf', ready: 'h1' },
    { name: 'parts and prices', path: '/parts', ready: '.prices' },
    { name: 'shop', path: '/shop', ready: 'form' },
    { name: 'not there', path: '/jobs/01ARZ3NDEKTSV4RRFFQ69G5FAV', ready: '.bar' },
  ]
}

async function show(page: Page, screen: Screen): Promise<void> {
  // one load a sheet: its stages and tabs are gone through as a technician does
  if (new URL(page.url()).pathname !== screen.path) await page.goto(screen.path)
  await expect(page.locator(screen.ready).first()).toBeVisible()
  if (screen.key) await page.keyboard.press(/\d/.test(screen.key) ? `Alt+${screen.key}` : screen.key)
  if (screen.tab) await openForm(page, screen.tab)
  await page.waitForTimeout(150)
}

/** Pixels by which a page is wider than its window. */
const tooWide = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>(done =>
        requestAnimationFrame(() =>
          requestAnimationFrame(() =>
            done(document.documentElement.scrollWidth - document.documentElement.clientWidth),
          ),
        ),
      ),
  )

for (const [width, theme, also, language] of [
  [1280, 'light', [1024, 768], { pressureUnit: 'bar', volumeUnit: 'mL' }],
  [390, 'dark', [], { pressureUnit: 'psi', volumeUnit: 'US_floz' }],
] as const) {
  test(`nothing scrolls sideways, and axe finds no violation, at ${width} px, ${theme}, in ${language.pressureUnit} and ${language.volumeUnit}`, async ({
    page,
  }) => {
    test.setTimeout(600_000)
    const policy = await rules(page.request, language)
    try {
      await page.setViewportSize({ width, height: 800 })
      // colours are the same at every width: each theme is measured once
      await page.emulateMedia({ colorScheme: theme })
      const found: string[] = []
      for (const screen of await screens(page)) {
        await show(page, screen)
        const { violations } = await new AxeBuilder({ page }).analyze()
        for (const w of [width, ...also]) {
          await page.setViewportSize({ width: w, height: 800 })
          const wide = await tooWide(page)
          if (wide > 0) found.push(`${screen.name}: ${wide} px too wide at ${w} px`)
        }
        await page.setViewportSize({ width, height: 800 })
        found.push(
          ...violations.map(
            v =>
              `${screen.name}: ${v.id} ${v.nodes
                .slice(0, 3)
                .map(n => n.target.join(' '))
                .join(', ')}`,
          ),
        )
      }
      expect(found).toEqual([])
    } finally {
      await rules(page.request, policy)
    }
  })
}

test('what can be touched is at least 44 px high on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 })
  for (const screen of (await screens(page)).filter(s => ['first look', 'narrow down', 'decide'].includes(s.name))) {
    await show(page, screen)
    const small = await page
      .locator('.desk button.btn:visible, .desk .chip:visible, .spine button:visible')
      .evaluateAll(all => all.filter(e => e.getBoundingClientRect().height < 43.5).map(e => e.textContent?.trim()))
    expect(small, screen.name).toEqual([])
  }
})
