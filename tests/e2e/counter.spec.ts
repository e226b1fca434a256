import { expect, test } from './shop'
import {
  atTheBench,
  chip,
  decideTab,
  freshJob,
  group,
  jobNumbered,
  lean,
  logged,
  makeSafe,
  openJob,
  openLog,
  pick,
} from './bench'

test.beforeEach(async ({ page, request }) => {
  await atTheBench(page, request)
})

test('today shows whose move each job is, and what it waits for can be changed on the sheet', async ({
  page,
  request,
}) => {
  await page.goto('/')
  const group = (title: string) =>
    page.locator('section').filter({ has: page.getByRole('heading', { name: new RegExp(`^${title}`) }) })
  await expect(group('Your move')).toContainText('T 213')
  await expect(group("The clock's move")).toContainText('T 214')
  await openJob(page, `/jobs/${await jobNumbered(request, 213)}`)
  await pick(page, 'Waiting for', 'parts')
  await expect(page.locator('.log')).toContainText('For parts')
  await page.getByRole('link', { name: 'Today', exact: true }).click()
  await expect(group('Parts and outwork')).toContainText('T 213')
  await openJob(page, `/jobs/${await jobNumbered(request, 213)}`)
  await pick(page, 'Waiting for', 'nobody')
  await expect(page.locator('.log')).toContainText('No longer waiting')
})

test('a machine comes back: its earlier job is linked, its facts are changed for both', async ({ page, request }) => {
  const id = await jobNumbered(request, 216)
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+1')
  await group(page, 'Owner, machine')
  await expect(page.getByRole('heading', { name: 'Here before' })).toBeVisible()
  await page.getByRole('link', { name: 'Machine and engine facts' }).click()
  await expect(page.getByRole('heading', { name: 'Its jobs' })).toBeVisible()
  await expect(page.locator('.line')).toHaveCount(2)
  await page.getByLabel('Running time').fill('a lot')
  await page.getByRole('button', { name: 'Keep these facts' }).click()
  await expect(page.getByText('Meter: type a figure.').first()).toBeVisible()
  await page.getByLabel('Running time').fill('97')
  await page.getByLabel('Telephone or address').fill('3 Mill Close, back door')
  await chip(page, 'Bore', 'iron liner').click()
  await page.getByRole('button', { name: 'Keep these facts' }).click()
  await expect(page.getByRole('status')).toContainText('Kept.')
  await page.reload()
  await expect(page.getByLabel('Running time')).toHaveValue('97')
  await openJob(page, `/jobs/${await jobNumbered(request, 201)}`)
  await page.keyboard.press('Alt+1')
  await group(page, 'Owner, machine')
  await expect(page.locator('dl')).toContainText('iron liner')
  await page.goto('/machines')
  await page.getByLabel('Only those with').fill('thistledown 46')
  await expect(page.locator('.list li')).toHaveCount(1)
  await page.getByRole('link', { name: /Thistledown 46/ }).click()
  await page.getByRole('link', { name: 'Book it in again' }).click()
  await expect(page.getByText('Back again')).toBeVisible()
})

test('what was only claimed is checked, and shown as said and as found', async ({ page, request }) => {
  const id = await jobNumbered(request, 207)
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+1')
  await group(page, "Owner's claims")
  const spring = 'What became of: Oil was done in spring'
  await expect(page.locator('.claims li', { hasText: 'Oil was done in spring' })).toContainText('Contradicted')
  await pick(page, spring, 'Partly')
  await expect(page.locator('.log')).toContainText('Claim checked: partly')
  await page.reload()
  await group(page, "Owner's claims")
  await expect(page.locator('.claims li', { hasText: 'Oil was done in spring' })).toContainText('Partly')
  await expect(page.locator('.claims')).toContainText('Oil was done in spring')
})

test("the owner's cap and the shop's rule turn the verdict, and say so", async ({ page, request }) => {
  const id = await jobNumbered(request, 213)
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+6')
  await expect(lean(page)).toHaveText('Press in a rod kit')
  await page.keyboard.press('Alt+1')
  await group(page, 'Purpose, money')
  await page.getByLabel("Owner's spending cap").fill('700')
  await page.getByRole('button', { name: /Log the change/ }).click()
  await expect(page.locator('.logged')).toContainText('cap €700.00')
  await page.keyboard.press('Alt+6')
  await expect(lean(page)).toHaveText('Leave it as it is')
  await expect(page.locator('.says')).toContainText('‘Press in a rod kit’ is out')
  await page.keyboard.press('Alt+1')
  await page.getByLabel("Owner's spending cap").fill('')
  await page.getByRole('button', { name: /Log the change/ }).click()
  await expect(page.locator('.logged')).toContainText('cap none')
  await page.goto('/shop')
  await chip(page, 'Chosen by', 'Least cost an hour').click()
  // papers in another language: a wording that loses what it is filled in with is told while it is typed, and refused
  await page.getByRole('button', { name: 'Add a language' }).click()
  await page.getByLabel('Language', { exact: true }).fill('Deutsch')
  await page.getByText('0 of 69 written').click()
  await page.getByRole('textbox', { name: 'Invoice {number}', exact: true }).fill('Rechnung {nr}')
  await expect(page.locator('.languages .fault:visible')).toContainText('{number} is missing')
  await page.getByRole('textbox', { name: 'Invoice {number}', exact: true }).fill('Rechnung {number}')
  await expect(page.getByText('1 of 69 written')).toBeVisible()
  await page.getByRole('button', { name: 'Keep these rules' }).click()
  await expect(page.getByText('Kept. Every open job')).toBeVisible()
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+6')
  await expect(page.locator('.says')).toContainText('Cheapest for each hour it will run')
  await page.goto('/shop')
  await chip(page, 'Chosen by', 'Most money left').click()
  await page.getByRole('button', { name: 'Keep these rules' }).click()
  await expect(page.getByText('Kept. Every open job')).toBeVisible()
})

test('a way is taken off and brought back by undoing, and a stage keeps its notes', async ({ page, request }) => {
  const id = await jobNumbered(request, 212)
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+6')
  await decideTab(page, 'Part it out')
  await page.getByRole('button', { name: 'Take this way off' }).click()
  // somebody else logged it, days ago: not without a word
  await page.getByRole('dialog').getByLabel('Why it is taken back').fill('nobody wants the parts')
  await page.getByRole('dialog').getByRole('button', { name: 'Undo it' }).click()
  await expect(page.getByRole('heading', { name: 'One way to go' })).toBeVisible()
  await expect(lean(page)).toHaveText('Leave it as it is')
  await expect((await openLog(page)).locator('li.gone').filter({ hasText: 'Part it out' })).toHaveCount(1)
  await page.locator('.log').getByRole('button', { name: 'Close' }).click()
  await page.keyboard.press('Alt+7')
  await page.getByLabel('What was done, fitted, set').fill('Cleaned the screen.\nNew line.')
  await page.getByRole('button', { name: /Write it down/ }).click()
  await expect(page.locator('.notes li')).toContainText('Cleaned the screen.')
  await openLog(page)
  await page.getByRole('button', { name: 'Correct Build' }).click()
  await page.getByLabel('What was done, fitted, set').fill('Cleaned the tank screen.')
  await page.getByRole('button', { name: /Log the correction/ }).click()
  await expect(page.locator('.notes li')).toHaveText(/Cleaned the tank screen/)
})

test('handing back is no mending while a stop stands; as it is, it goes out and stays on today', async ({
  page,
  request,
}) => {
  const id = await jobNumbered(request, 215)
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+9')
  await expect(page.locator('.owed')).toContainText("Don't start it")
  await expect(page.locator('.owed')).toContainText('Nothing has been agreed')
  await page.getByLabel('Handed to').fill('')
  await page.getByRole('button', { name: /Hand it back/ }).click()
  await expect(page.locator('.fault:visible').filter({ hasText: 'Handed to is missing.' })).toHaveCount(1)
  await page.getByLabel('Handed to').fill('Petr Holloway')
  await page.getByLabel(/What was said/).fill('Not to be run. Took it home to think.')
  await chip(page, 'It goes out', 'Mended, all clear').click()
  await expect(page.locator('.hand .why')).toContainText('It is not mended')
  await page.getByRole('button', { name: /Hand it back/ }).click()
  await expect(page.locator('.hand .bar')).toContainText('It is not mended')
  await chip(page, 'It goes out', 'As it is, not to be run').click()
  await page.getByRole('button', { name: /Hand it back/ }).click()
  await expect(page.locator('.fault:visible').first()).toContainText('Say how the owner was told')
  await page.getByLabel(/How the owner was told/).fill('by telephone, by Mirela')
  await page.getByLabel(/How it was made unable to run/).fill('plug lead tied back, key kept')
  await page.getByRole('button', { name: /Hand it back/ }).click()
  await expect(page.getByRole('heading', { name: 'Handed back' })).toBeVisible()
  await expect(page.locator('.hand')).toContainText('as it is, not to be run')
  // what stands goes on standing, on the sheet and on today, until the machine comes back
  await expect(page.locator('.stop').first()).toBeVisible()
  await page.goto('/')
  const out = page.getByRole('region', { name: /Out, not to be run/ })
  await expect(out).toContainText('T 215')
})

test('a bill is made, given with its number, paid, taken back by a credit note; the takings of the day show it', async ({
  page,
}) => {
  const id = await freshJob(page, 'Belt slips', 'no_power')
  await logged(page, id, 'spend', {
    ...{ what: 'New belt fitted', startedAt: null, endedAt: null, minutes: 30, costMinor: 2000 },
  })
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+9')
  await page.getByRole('button', { name: 'Make the bill' }).click()
  const dialog = page.getByRole('dialog', { name: 'The bill' })
  await expect(dialog.getByRole('textbox', { name: 'Line 1' })).toHaveValue('New belt fitted')
  await dialog.getByLabel('Less').first().fill('10')
  await dialog.getByRole('button', { name: 'Add a line' }).click()
  await dialog.getByRole('button', { name: 'Give the invoice' }).click()
  await page.getByRole('button', { name: 'Give it', exact: true }).click()
  await expect(dialog).toContainText('What is charged is missing')
  // what is typed stays when it is closed, and after a reload
  await dialog.getByRole('textbox', { name: 'Line 3' }).fill('Old belt thrown away')
  await dialog.getByLabel('Without tax').last().fill('1,50')
  await openJob(page, `/jobs/${id}`)
  await page.keyboard.press('Alt+9')
  await page.getByRole('button', { name: 'Make the bill' }).click()
  await expect(dialog.getByRole('textbox', { name: 'Line 3' })).toHaveValue('Old belt thrown away')
  await dialog.getByRole('button', { name: 'Give the invoice' }).click()
  await page.getByRole('button', { name: 'Give it', exact: true }).click()
  const bill = page.locator('.bills').first()
  await expect(bill).toContainText(/Invoice \d+/)
  await expect(bill.locator('[data-test=due]')).toContainText('Still due')
  await bill.getByRole('button', { name: /^All / }).click()
  await bill.getByRole('button', { name: 'Put it down' }).click()
  await expect(bill.locator('[data-test=due]')).toContainText('Paid')
  await page.reload()
  await page.keyboard.press('Alt+9')
  await expect(bill.locator('[data-test=due]')).toContainText('Paid')
  await bill.getByRole('button', { name: /^Credit note/ }).click()
  await page.getByRole('button', { name: 'Give the credit note' }).click()
  await expect(page.getByRole('dialog')).toContainText('Why it is taken back is missing')
  await page.getByLabel('Why, as it is printed').fill('the belt was under warranty')
  await page.getByRole('button', { name: 'Give the credit note' }).click()
  await expect(bill).toContainText('the belt was under warranty')
  await expect(bill.locator('[data-test=due]')).toContainText('To be paid back')
  await page.goto('/shop')
  await expect(page.locator('#takings')).toContainText('Cash')
  await expect(page.locator('#takings')).toContainText('Greta Underhill')
})

test('nobody at the bench, nothing logged: it asks who is there and keeps what was typed', async ({
  page,
  request,
}) => {
  await openJob(page, `/jobs/${await jobNumbered(request, 217)}`)
  await page.getByRole('button', { name: /Narrow down/ }).click()
  await page.getByLabel('Dry', { exact: true }).fill('6')
  // nobody touched it for as long as the shop allows: the server knows, the page does not yet
  expect((await request.post('/api/session/leave', { data: {} })).ok()).toBe(true)
  await page.getByRole('button', { name: /Log the compression/ }).click()
  const who = page.getByRole('dialog')
  await expect(who).toContainText('Who is it?')
  await who.getByRole('button', { name: /Teo Lindqvist/ }).click()
  for (const figure of ['1', '1', '1', '1', 'Come in']) await who.getByRole('button', { name: figure }).click()
  await expect(who.getByRole('alert')).toContainText('That is not the PIN')
  await who.getByLabel('PIN of Teo Lindqvist').fill('2580')
  await who.getByLabel('PIN of Teo Lindqvist').press('Enter')
  await expect(who).toBeHidden()
  await expect(page.getByRole('button', { name: /Who is at the bench/ })).toContainText('Teo Lindqvist')
  await expect(page.getByLabel('Dry', { exact: true })).toHaveValue('6')
  await makeSafe(page)
  await page.getByRole('button', { name: /Log the compression/ }).click()
  await expect(page.locator('.log')).toContainText('dry 6.00 bar')
})
