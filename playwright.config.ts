import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: 'tests/e2e',
  globalSetup: './tests/e2e/seed.ts',
  timeout: 120_000,
  expect: { timeout: 12_000 },
  workers: 2,
  forbidOnly: Boolean(process.env.CI),
  // on a busy machine a browser can fail to come up; what needs a second try is counted apart
  retries: process.env.CI ? 1 : 0,
  reporter: [['list']],
  outputDir: 'test-results/e2e',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
    // nothing that slides or fades is waited for
    contextOptions: { reducedMotion: 'reduce' },
    // recording every step costs more than the steps
    screenshot: 'only-on-failure',
    launchOptions: {
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
    },
  },
})
