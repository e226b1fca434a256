import { spawn } from 'node:child_process'
import { expect, test } from './shop'
import { freePort, newFolder } from '../server'

/** The first command of whoever picks the project up. */
test('npm run dev serves the page, and it does not load a second time by itself', async ({ page }) => {
  test.setTimeout(150_000)
  const port = await freePort()
  const dev = spawn(process.execPath, ['scripts/dev.mjs', '--port', String(port), '--data', newFolder()], {
    stdio: 'ignore',
    detached: true,
  })
  try {
    const url = `http://127.0.0.1:${port}`
    await expect
      .poll(
        () =>
          fetch(`${url}/api/ping`).then(
            r => r.status,
            () => 0,
          ),
        { timeout: 90_000 },
      )
      .toBe(200)
    let loads = 0
    page.on('load', () => loads++)
    await page.setExtraHTTPHeaders({ origin: url })
    await page.goto(url)
    await expect(page.getByRole('heading', { name: 'Let this device in' })).toBeVisible({ timeout: 60_000 })
    await page.waitForTimeout(1500)
    expect(loads).toBe(1)
  } finally {
    // the whole group: the server is a child of a child
    if (dev.pid) process.kill(-dev.pid, 'SIGTERM')
  }
})
