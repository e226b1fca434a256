import { expect, test } from './shop'
import { atTheBench, chip, freshJob, logged, makeSafe, nextIs, openJob, sureLine, wayOf, openForm } from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

const SPEC = [
  { item: 'rod_play_max', value: 0.13, unit: 'mm', source: 'maker', note: 'practice sheet' },
  { item: 'crank_pin_min', value: 24.95, unit: 'mm', source: 'maker', note: 'practice sheet' },
  { item: 'crank_pin_oor_max', value: 0.02, unit: 'mm', source: 'maker', note: 'practice sheet' },
]

test('a tiller that knocks: rocked, measured, and no way that leaves its pin in', async ({ page }) => {
  const id = await freshJob(page, 'Knocks under load', 'noise', { valves: 'side' }, SPEC)
  await logged(page, id, 'terms', {
    useClass: 'private',
    runningValueMinor: 24_000,
    asIsValueMinor: null,
    capMinor: null,
    deadline: null,
    dayLossMinor: null,
    boughtMinor: null,
    ownTimeFree: false,
  })
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+5')
  await makeSafe(page)
  await openForm(page, 'Other sizes')
  const size = async (item: string, reads: [string, string][]): Promise<void> => {
    await chip(page, 'On the', 'Bottom end').click()
    await page.getByRole('group', { name: 'What is measured' }).getByText(item, { exact: true }).click()
    for (const [label, figure] of reads) await page.getByLabel(label, { exact: true }).fill(figure)
    await page.getByRole('button', { name: /Log the size/ }).click()
  }
  await size('Big end by the flywheel', [
    ['Rim moves, piston still', '1,5'],
    ['Radius of the rim', '85'],
    ['Throw of the crank', '22'],
  ])
  await expect(page.locator('.measure .done')).toContainText('3.0 times the most')
  await expect(page.locator('.stop')).toContainText("Don't run it")
  await expect(page.locator('.stop')).toContainText('the rod may part and throw metal')
  await expect(page.locator('.stop')).toContainText('Nobody can sign this away')
  await nextIs(page, 'Cap off: hold it beside a sound one')
  // even the cap shows it, beside a sound one
  await size('Rod cap beside a sound one', [
    ['This cap', '7,62'],
    ['A sound one', '7,90'],
  ])
  await expect(page.locator('.measure .done')).toContainText('Rod cap beside a sound one: 0.280 mm')
  await nextIs(page, 'Measure the crank pin both ways')
  await size('Crank pin', [
    ['Largest', '24,93'],
    ['Smallest', '24,88'],
  ])
  await expect(page.locator('.measure .done')).toContainText('Crank pin: 24.880 mm, out of round 0.050 mm')
  await expect(page.locator('.stop')).toHaveCount(2)
  await expect(page.locator('.stop').first()).toContainText('metal')
  // a run is asked for: only as a trial, with everything that it takes
  await page.keyboard.press('Alt+8')
  await page.getByLabel('What it is to show').fill('where it knocks')
  await page.getByLabel('Minutes, named before').fill('1')
  await page.getByRole('button', { name: /Log the trial/ }).click()
  await expect(page.locator('.fault').first()).toContainText('tick it')
  await expect(page.getByLabel('What it is to show')).toHaveValue('where it knocks')
  const way = (name: string, kind: string, lines: object[]): Promise<void> =>
    logged(page, id, 'option', wayOf(name, kind, lines))
  const rod = [
    sureLine('01K0000000000000000000000A', 'part', 'Rod', 3200, ['rod']),
    sureLine('01K0000000000000000000000B', 'labour', 'Split, fit, build', 3),
  ]
  await way('Rod only', 'repair', rod)
  await way('Rod and crank', 'rebuild', [
    ...rod,
    sureLine('01K0000000000000000000000C', 'part', 'Crank', 12_000, ['crank']),
  ])
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+6')
  await expect(page.locator('.rail')).toContainText(/‘Rod only’ is ruled out: .*crank pin: 24\.880 mm/)
  // saved and read again it stands as it stood, and it does not go back as mended
  await page.keyboard.press('Alt+9')
  await chip(page, 'It goes out', 'Mended, all clear').click()
  await page.getByLabel('Handed to').fill('The owner')
  await page.getByRole('button', { name: /^Hand it back/ }).click()
  await expect(page.locator('.desk')).toContainText('It is not mended')
})
