import type { Page } from '@playwright/test'
import dayjs from 'dayjs'
import { expect, test } from './shop'
import { ulid } from 'ulid'
import {
  addWay,
  atTheBench,
  chip,
  decideTab,
  freshJob,
  lean,
  logged,
  makeSafe,
  more,
  openForm,
  openJob,
  openLog,
} from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

/** Logs what an earlier stage would have left, as the page itself does. */
const money = (type: string, text: string, likely: number, more: object = {}) => ({
  id: ulid(),
  type,
  text,
  why: null,
  low: likely,
  likely,
  high: likely,
  chance: 1,
  priceKind: type === 'part' ? 'retail' : null,
  cures: false,
  ...more,
})
const way = (name: string, kind: string, lines: object[], more: object = {}) => ({
  name,
  way: kind,
  lines,
  valueAfterMinor: null,
  successChance: 1,
  comebackMinor: 0,
  hoursOk: 300,
  hoursFail: 10,
  daysDown: 0,
  ruledOut: null,
  ...more,
})
const terms = (cap: number | null) => ({
  useClass: 'private',
  runningValueMinor: 100000,
  asIsValueMinor: 10000,
  capMinor: cap,
  deadline: null,
  dayLossMinor: null,
  boughtMinor: null,
  ownTimeFree: false,
})
const decide = (page: Page) =>
  page
    .getByRole('button', { name: /^Decide/ })
    .first()
    .click()

test('a locked rider where one dear part decides, before and after it is measured', async ({ page }) => {
  const id = await freshJob(
    page,
    'Slowed down and stopped dead',
    'wont_turn',
    { engineClass: 'S4', displacementCc: 344, bore: 'iron' },
    [{ item: 'crank_pin_min', value: 37.42, unit: 'mm', source: 'maker', note: null }],
  )
  await logged(page, id, 'terms', terms(null))
  await logged(
    page,
    id,
    'option',
    way('Rebuild, save the crank', 'rebuild', [
      money('labour', 'Strip, wash, build', 5),
      money('part', 'Crankshaft', 40000, { chance: 0.5, lookMin: 20 }),
    ]),
  )
  await logged(
    page,
    id,
    'option',
    way('New engine', 'new_engine', [money('part', 'Engine', 43000), money('labour', 'Swap', 1)]),
  )
  await openJob(page, `/jobs/${id}`)
  await decide(page)
  await decideTab(page, 'One fact first')
  const look = page.locator('.lookfirst')
  await expect(look).toContainText('Look first: Crankshaft')
  await expect(look).toContainText('20 min')
  await expect(look.locator('canvas')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Best in so many of 10,000 draws' })).toContainText(/(49|50|51) %/)
  // the verdict hands it on as what to do now
  await expect(page.locator('.rail .fact')).toContainText('Look first: Crankshaft')
  await page.locator('.rail .fact').getByRole('button', { name: 'Go to it' }).click()
  await expect(page.getByRole('region', { name: 'Measure' })).toBeVisible()

  await page
    .getByRole('button', { name: /^Measure/ })
    .first()
    .click()
  await openForm(page, 'Other sizes')
  await makeSafe(page)
  await chip(page, 'On the', 'Bottom end').click()
  await page.getByRole('group', { name: 'What is measured' }).getByText('Crank pin or journal, both ends').click()
  for (const [label, figure] of [
    ['One end, one way', '37.47'],
    ['One end, across', '37.47'],
    ['Other end, one way', '37.46'],
    ['Other end, across', '37.46'],
    ['Standard size', '37.48'],
  ] as const)
    await page.getByLabel(label, { exact: true }).fill(figure)
  await page.getByLabel('Undersizes that are sold').fill('0,25 0,5')
  await page.getByRole('button', { name: /Log the size/ }).click()
  await expect(page.locator('.measure .done')).toContainText('within its limit')

  // measured good: the crank is not needed, and the choice is plain
  await decide(page)
  await decideTab(page, 'Rebuild, save the crank')
  await page.getByLabel('Chance of line 2', { exact: true }).fill('0')
  await page.getByRole('button', { name: /Log the change/ }).click()
  await expect(page.locator('.logged')).toContainText('Rebuild, save the crank')
  await expect(look).toHaveCount(0)
  await expect(page.locator('.says .headline')).toHaveText('Rebuild, save the crank')
  await openJob(page, `/jobs/${id}`)
  await expect(lean(page)).toHaveText('Rebuild, save the crank')
})

test('a way that was ruled out by looking is shown, greyed, with why', async ({ page }) => {
  const id = await freshJob(page, 'No power', 'no_power', { bore: 'iron' })
  await logged(page, id, 'terms', terms(null))
  await logged(page, id, 'option', way('New engine', 'new_engine', [money('part', 'Engine', 30000)]))
  await openJob(page, `/jobs/${id}`)
  await decide(page)
  await expect(page.locator('.says')).toContainText('The rest of the machine was not looked at')
  await decideTab(page, 'Before it is chosen')
  await page.getByRole('button', { name: 'Rest of the machine' }).click()
  await chip(page, 'Gearbox', 'Bad').click()
  await page.getByRole('button', { name: /Log the rest of the machine/ }).click()
  await expect(page.locator('.decide .scale .row.off').first()).toContainText(
    'ruled out: the rest is not worth an engine: gearbox',
  )
  await expect(page.locator('.says .headline')).toHaveText('Leave it as it is')
  // lines from what is there, and the price of today; what is wise and has no price is offered, not counted
  await addWay(page, 'Rings only')
  await expect(page.getByLabel('Line 1', { exact: true })).toHaveValue('Ring set')
  await expect(page.locator('.lrow.idle').first()).toContainText('no price yet: not counted')
  await page.getByLabel('likely of line 1', { exact: true }).fill('14,20')
  await page.getByLabel('likely of line 1', { exact: true }).blur()
  await expect(page.getByLabel('Day of the price of line 1', { exact: true })).toHaveValue(dayjs().format('D MMM YYYY'))
})

test('a stuck pulley eats the cap: warned, called, and nothing started before an answer', async ({ page }) => {
  const id = await freshJob(page, 'Belt slips', 'other')
  await logged(page, id, 'terms', terms(10000))
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+4')
  const spend = page.locator('.spend')
  await expect(spend).toContainText(/0 h 00\s*€0\s*of the cap of €100/)
  await more(page, 'Type time or money')
  await page.getByRole('dialog').getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByRole('dialog')).toContainText('Type the minutes')
  await page.getByRole('dialog').getByLabel('What was done or bought').fill('Pulley soaked, heated, pulled')
  await page.getByRole('dialog').getByLabel('Minutes').fill('150')
  await page.getByRole('dialog').getByRole('button', { name: 'Log it' }).click()
  await expect(spend).toContainText('2 h 30')
  await expect(page.locator('.stop')).toContainText('Call the owner first')
  await spend.getByRole('button', { name: /^Start clock/ }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Call' }).first()).toContainText('Call the owner first')

  await more(page, 'Call the owner')
  await chip(page, 'The owner', 'No answer').click()
  await page.getByRole('button', { name: /Log the call/ }).click()
  await expect(page.locator('.stop')).toContainText('the last call was not answered')
  await more(page, 'Call the owner')
  await chip(page, 'The owner', 'Answered').click()
  await page.getByRole('dialog').getByLabel('Said').fill('Go on, up to 250')
  await page.getByRole('dialog').getByLabel('New cap').fill('250')
  await page.getByRole('button', { name: /Log the call/ }).click()
  await expect(page.locator('.stop')).toHaveCount(0)
  await expect(spend).toContainText('of the cap of €250')
  await spend.getByRole('button', { name: /^Start clock/ }).click()
  await expect(spend.getByRole('button', { name: /^Stop clock/ })).toBeVisible()
  await openJob(page, `/jobs/${id}`)
  await spend.getByRole('button', { name: /^Stop clock/ }).click()
  await expect(spend.getByRole('button', { name: /^Start clock/ })).toBeVisible()
  await expect(await openLog(page)).toContainText('Go on, up to 250')
})
