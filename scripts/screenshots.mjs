// One current picture of each main view, from the demo data, for the README.
import { ulid } from 'ulid'
import { mkdirSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { spawnSync } from 'node:child_process'
import { bundle, ensureBuilt, ensureChromium, ensureInstalled, root, say, startServer } from './lib.mjs'

ensureInstalled()
ensureChromium()
ensureBuilt()
const { chromium } = await import('@playwright/test')
const data = mkdtempSync(join(tmpdir(), 'remedium-shots-'))
const seed = await bundle('demo/main.ts', ['demo', 'core', 'shared', 'server'])
if (spawnSync(process.execPath, [seed, data], { stdio: 'inherit' }).status !== 0) process.exit(1)
const { child, url, ended } = await startServer(
  { port: Number(process.env.SHOT_PORT || 4323), host: '127.0.0.1', data, demo: true },
  { quiet: true },
)
const folder = join(root, 'docs/screenshots')
mkdirSync(folder, { recursive: true })

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM || '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})
// the demo lets it in by itself
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
const get = async path => (await context.request.get(url + path)).json()
const { person } = await get('/api/session')
const jobs = Object.fromEntries((await get('/api/jobs')).map(j => [j.number, j]))
const sheets = await get('/api/specs')
const press =
  (...keys) =>
  async page => {
    for (const key of keys) await page.keyboard.press(key)
  }
const sheet = number => `/jobs/${jobs[number].id}`

const SHOTS = [
  ['today', '/'],
  [
    'book-in',
    '/jobs/new',
    async page => {
      await page.getByRole('combobox', { name: 'Kind of machine' }).click()
      await page.getByRole('option', { name: 'Walk-behind mower' }).click()
      await page.getByLabel('Make, model, as on the machine').fill('Thistledown 53')
    },
  ],
  [
    'first-look',
    sheet(207),
    async page => {
      await page.keyboard.press('Alt+2')
      await page.getByRole('button', { name: 'Correct the last reading' }).click()
    },
  ],
  [
    'narrow-down',
    sheet(208),
    async page => {
      await page.keyboard.press('Alt+3')
    },
  ],
  [
    'measure',
    sheet(213),
    async page => {
      await page.keyboard.press('Alt+5')
      await page.getByRole('button', { name: 'Correct the last reading' }).click()
    },
  ],
  ['open-up', sheet(207), press('Alt+4')],
  [
    'oil-map',
    sheet(207),
    async page => {
      await page.keyboard.press('Alt+4')
      await page.locator('.looks').getByRole('tab', { name: 'Oil map' }).click()
    },
  ],
  [
    'fuel-in-oil',
    sheet(214),
    async page => {
      await page.keyboard.press('Alt+2')
      await page.locator('.looks').getByRole('button', { name: 'Fuel in the oil' }).click()
    },
  ],
  [
    'mix',
    '/mix',
    async page => {
      await page.getByText('Put one right').click()
      await page.getByLabel('Maker asks, fuel to 1 of oil').fill('40')
      await page.getByLabel('Fuel in the can', { exact: true }).fill('3.6')
      await page.getByLabel('Oil in it', { exact: true }).fill('60')
      await page.getByLabel('The can holds', { exact: true }).fill('3.7')
    },
  ],
  ['decide', sheet(207), press('Alt+6')],
  ['hand-back', sheet(201), press('Alt+9')],
  [
    'oil',
    '/oil',
    async page => {
      await page.getByLabel('Whole fill', { exact: true }).fill('550')
      await page.getByText('Drained', { exact: true }).click()
      await page.getByLabel('Came out', { exact: true }).fill('690')
      for (const word of ['Honey', 'Thin', 'Petrol']) await page.getByText(word, { exact: true }).click()
    },
  ],
  [
    'tools',
    '/tools?calc=mix_correct',
    async page => {
      for (const [name, value] of [
        ['Fuel', '5000'],
        ['Oil', '62'],
        ['Target ratio', '50'],
        ['Capacity', '5500'],
      ])
        await page.getByLabel(name, { exact: true }).fill(value)
    },
  ],
  [
    'spec-sheet',
    `/specs/${sheets.find(s => s.name.startsWith('Corrie')).id}`,
    async page =>
      page
        .getByText('Least compression', { exact: true })
        .first()
        .evaluate(e => scrollTo(0, e.getBoundingClientRect().top + scrollY - 120)),
  ],
  [
    'causes',
    '/causes',
    async page => {
      await page.getByLabel('Find a cause, a sign or a check').fill('lash')
      await page.getByText('Valve held open, no lash').click()
    },
  ],
  ['machine', `/machines/${jobs[201].machineId}`],
  ['shop', '/shop'],
]
for (const [name, path, act] of SHOTS) {
  const page = await context.newPage()
  await page.goto(url + path, { waitUntil: 'networkidle' })
  if (path.startsWith('/jobs/') && path !== '/jobs/new') await page.locator('.sheet[data-ready="true"]').waitFor()
  await act?.(page)
  await page.waitForTimeout(500)
  await page.screenshot({ path: join(folder, `${name}.png`) })
  await page.close()
  say(`docs/screenshots/${name}.png`)
}
const phone = await browser.newContext({ viewport: { width: 390, height: 780 }, locale: 'en-GB' })
const page = await phone.newPage()
await page.goto(url + sheet(207), { waitUntil: 'networkidle' })
await page.locator('.sheet[data-ready="true"]').waitFor()
await page.keyboard.press('Alt+6')
await page.waitForTimeout(500)
await page.screenshot({ path: join(folder, 'phone.png') })
/** the owner's page of the locked rider, asked as the Decide page asks */
const asked = await (
  await context.request.post(`${url}/api/jobs/${jobs[207].id}/quotes`, {
    headers: { origin: url },
    data: {
      id: ulid(),
      by: person.id,
      stage: 'decide',
      feeMinor: null,
      words: 'The rod seized because the engine ran almost without oil. Five of eight bolts under it were loose.',
      days: 14,
      photoIds: [],
    },
  })
).json()
await page.goto(`${url}${new URL(asked.link).pathname}`, { waitUntil: 'networkidle' })
await page.screenshot({ path: join(folder, 'owner.png') })
await browser.close()
child.kill('SIGTERM')
await ended
