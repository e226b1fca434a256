import { spawnSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import { bundle, ensureBuilt } from '../../scripts/lib.mjs'

/** The demo shop as it is seeded: each worker serves a copy of its own. */
export const SEEDED = 'test-results/seeded-shop'

/** Built and seeded once, before the first worker starts. */
export default async function seed(): Promise<void> {
  ensureBuilt()
  const script = await bundle('demo/main.ts', ['demo', 'core', 'shared', 'server'])
  rmSync(SEEDED, { recursive: true, force: true })
  const seeded = spawnSync(process.execPath, [script, SEEDED], { stdio: ['ignore', 'ignore', 'inherit'] })
  if (seeded.status !== 0) throw new Error('The demo shop could not be seeded.')
}
