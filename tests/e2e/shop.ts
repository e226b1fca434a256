import { cpSync } from 'node:fs'
import { test as base } from '@playwright/test'
import { newFolder, startBuilt } from '../server'
import type { Running } from '../server'
import { SEEDED } from './seed'

/** The page's tests: each worker has a demo shop and a server of its own, so that one's rules never meet another's. */
export const test = base.extend<object, { shop: Running }>({
  shop: [
    // eslint-disable-next-line no-empty-pattern -- the runner reads what a fixture needs from this pattern
    async ({}, use) => {
      const folder = newFolder()
      cpSync(SEEDED, folder, { recursive: true })
      const server = await startBuilt(folder)
      await use(server)
      await server.stop()
    },
    { scope: 'worker', auto: true, timeout: 60_000 },
  ],
  baseURL: async ({ shop }, use) => {
    await use(shop.url)
  },
})
export { expect } from '@playwright/test'
