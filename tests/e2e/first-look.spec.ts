import type { Locator, Page } from '@playwright/test'
import { expect, test } from './shop'
import {
  atTheBench,
  chip,
  findings,
  freshJob,
  giveFiles,
  group,
  jobNumbered,
  makeSafe,
  openForm,
  openJob,
} from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

type Act = (target: Locator) => Promise<void>
/** The whole first look, each part logged; `act` is a finger or the keyboard. */
async function lookItOver(page: Page, act: Act): Promise<void> {
  const log = page.locator('.logged')
  const button = (name: string | RegExp) => page.getByRole('button', { name })
  const fold = button(/Make safe, \d/)
  if (await fold.isVisible()) await act(fold)
  for (const box of await page.locator('.safe input[type=checkbox]').all()) await act(box)
  await expect(page.locator('.spine').getByRole('button', { name: /Made safe/ })).toBeVisible()
  await openForm(page, /^Oil/)
  await act(page.getByRole('radio', { name: 'Nothing shows' }))
  for (const [group, word] of [
    ['Colour', 'Black'],
    ['Thickness', 'Treacle'],
    ['Smell', 'Burnt'],
    ['Where did it go?', 'Used, not topped up'],
  ] as const)
    await act(page.getByRole('group', { name: group }).getByRole('radio', { name: word }))
  await act(button(/Log the oil/))
  await expect(log).toContainText('dry, nothing shows')
  await openForm(page, /Turns over/)
  await act(page.getByRole('radio', { name: 'Normal bump' }))
  await act(page.getByRole('radio', { name: 'rope' }))
  await act(page.getByRole('radio', { name: 'In', exact: true }))
  await act(button(/Log how it turns/))
  await expect(log).toContainText('normal bump, by rope')
  await openForm(page, /Plug/)
  await act(button('Looks normal'))
  await expect(log).toContainText('light brown')
  await openForm(page, /Air filter/)
  await act(button('Looks normal'))
  await expect(log).toContainText('breather clear')
  await openForm(page, /Outside/)
  await act(button('Nothing to see'))
  await expect(log).toContainText('nothing to see')
  await openForm(page, /Leaks/)
  await act(button(/Sump joint: not looked at/))
  await act(button('The rest is dry'))
  await act(button(/Log the leaks/))
  await expect(log).toContainText('sump joint wet')
  await openForm(page, /Smoke/)
  await act(page.getByRole('radio', { name: 'Blue' }))
  await act(page.getByRole('radio', { name: 'All the time' }))
  await act(button(/Log the smoke/))
  await expect(log).toContainText('blue, all the time')
  await expect(page.locator('.rail, .sheetup')).toContainText("Don't start it")
  // on a telephone the findings lie in the sheet from below
  const up = button('Take the verdict up')
  if (await up.isVisible()) {
    await page.locator('.worst').getByRole('button').tap()
    await page
      .locator('.parts')
      .getByText(/^Findings/)
      .tap()
  }
  await expect(page.locator('.rail, .sheetup')).toContainText('not done: compression, lash, leak-down')
}

test.describe('with a finger on a telephone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('the whole first look is taken by touch alone, at 390 px', async ({ page }) => {
    await openJob(page, `/jobs/${await freshJob(page, 'Smokes since Sunday')}`)
    // forward and back: each stage is a touch away
    await page.getByRole('button', { name: 'The stage after' }).tap()
    await expect(page.locator('.bar1')).toContainText('3 Narrow down')
    await page.getByRole('button', { name: 'The stage before' }).tap()
    await expect(page.locator('.bar1')).toContainText('2 First look')
    await lookItOver(page, async target =>
      target.locator('xpath=self::*[not(self::input)] | self::input/ancestor::label').first().tap(),
    )
    expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(
      0,
    )
  })
})

test('the whole first look is taken by the keyboard alone', async ({ page }) => {
  await openJob(page, `/jobs/${await freshJob(page, 'Smokes, again')}`)
  await page.keyboard.press('Alt+2')
  await lookItOver(page, async target => {
    await target.focus()
    await expect(target).toBeFocused()
    await page.keyboard.press('Space')
  })
})

test('a locked engine is taken step by step, the plug out first', async ({ page }) => {
  const id = await freshJob(page, "Won't pull at all")
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+2')
  await openForm(page, /Turns over/)
  await chip(page, 'It turns', 'Locked').click()
  await chip(page, 'Turned by', 'rope').click()
  await chip(page, 'Plug', 'In').click()
  await page.getByRole('button', { name: /Log how it turns/ }).click()
  await expect(page.locator('.desk').getByRole('alert')).toContainText('Make it safe first')
  await makeSafe(page)
  await page.getByRole('button', { name: /Log how it turns/ }).click()
  await expect(page.locator('.stop')).toContainText("Don't crank it")
  await expect(page.locator('.rail')).toContainText('Plug out, turn by hand')
  await openForm(page, /Locked/)
  await chip(page, 'Step', 'Brake held off').click()
  await chip(page, 'Then', 'Liquid came out').click()
  await page.getByRole('button', { name: /Log this step/ }).click()
  await expect(page.locator('.fault').first()).toContainText('Liquid comes out only with the plug out')
  await chip(page, 'Step', 'Plug out, rag over the hole, turned by hand').click()
  await page.getByRole('button', { name: /Log this step/ }).click()
  await expect(page.locator('.fault').first()).toContainText('Say what ran out')
  await chip(page, 'What ran out', 'Fuel').click()
  await page.getByRole('button', { name: /Log this step/ }).click()
  // liquid came: it is not turned with the plug in before it is dry, and nothing sparks near it
  await expect(page.locator('.stop')).toContainText(["Don't crank it", "Don't spark or crank it"])
  await openJob(page, `/jobs/${id}`)
  await expect(page.locator('.stop')).toContainText(["Don't crank it", "Don't spark or crank it"])
})

test('lash is asked for before a valve is blamed, and thou typed as mm is doubted', async ({ page }) => {
  await openJob(page, `/jobs/${await freshJob(page, 'No pull left')}`)
  await page.keyboard.press('Alt+3')
  await makeSafe(page)
  await page.getByLabel('Dry', { exact: true }).fill('62')
  await page.getByRole('group', { name: 'Unit of Dry' }).getByRole('button', { name: 'bar' }).click()
  await page.getByRole('button', { name: 'Yes, psi' }).click()
  await page.getByLabel('Wet, a little oil in', { exact: true }).fill('63')
  await page.getByText('release held off').click()
  await page.getByRole('button', { name: /Log the compression/ }).click()
  await expect(page.locator('.rail')).toContainText('Read the lash as found')
  await openForm(page, 'Lash')
  await page.getByLabel('Inlet', { exact: true }).fill('0.1')
  await page.getByLabel('Exhaust', { exact: true }).fill('0')
  await page.getByRole('button', { name: /Log the lash/ }).click()
  await expect(page.locator('.rail')).toContainText('Lash as found: inlet 0.100 mm, exhaust nothing')
  await (await findings(page)).getByRole('button').filter({ hasText: 'Compression' }).click()
  await expect(page.locator('.rail')).toContainText('set it and test again before a seat is blamed')
})

test('guided answers become claims, a photo is kept, and what was refused last time stands at the top', async ({
  page,
  request,
}) => {
  const id = await jobNumbered(request, 216)
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+1')
  await expect(page.getByText('Refused then:')).toBeVisible()
  // three questions at a time; an answer is a claim, and is put right where it was given
  const ask = (name: string) => page.getByRole('group', { name })
  const next = page.getByRole('button', { name: /^Log/ }).first()
  const until = async (name: string): Promise<void> => {
    for (let n = 0; n < 6 && !(await ask(name).isVisible()); n++) {
      const number = page.locator('.ask .n').first()
      const before = await number.innerText()
      await next.click()
      await expect(number).not.toHaveText(before)
    }
  }
  await until('How long did it stand?')
  await ask('How long did it stand?').getByRole('button', { name: 'over the winter' }).click()
  await until('Who has had it open')
  await ask('Who has had it open').getByRole('textbox').fill('a cousin')
  await next.click()
  await group(page, "Owner's claims")
  await expect(page.locator('.claims')).toContainText('Stood: over the winter')
  await expect(page.locator('.claims')).toContainText('Had it open: a cousin')
  await group(page, 'Photos')
  await page.getByLabel('Words under the photo').fill('Key, as found')
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  await giveFiles(page, 'From a file', { name: 'key.png', mimeType: 'image/png', buffer: png })
  await expect(page.getByRole('button', { name: 'Photo: Key, as found' })).toBeVisible()
  await page.reload()
  await group(page, 'Photos')
  await page.getByRole('button', { name: 'Photo: Key, as found' }).click()
  await expect(page.getByRole('dialog').getByRole('img', { name: 'Key, as found' })).toBeVisible()
  await page.keyboard.press('Escape')
  await giveFiles(page, 'From a file', {
    ...{ name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') },
  })
  await expect(page.locator('.photos .fault')).toContainText('not a picture that can be read')
})

test('a modification that can hurt somebody stops the handing back until it is put right', async ({ page }) => {
  await openJob(page, `/jobs/${await freshJob(page, 'Blade never stops')}`)
  await page.keyboard.press('Alt+1')
  await group(page, 'Changes, pieces')
  await page.getByRole('button', { name: 'Changed or switched off' }).click()
  await chip(page, 'Changed', 'Blade brake or seat switch bridged').click()
  await page.getByRole('button', { name: 'Log the change' }).click()
  await expect(page.locator('.stop')).toContainText("Don't hand it back like this")
  await page.locator('.kept').getByRole('button', { name: 'Correct' }).click()
  await chip(page, 'Now', 'Put right').click()
  await page.getByRole('button', { name: 'Log the correction' }).click()
  await expect(page.locator('.stop')).toHaveCount(0)
})
