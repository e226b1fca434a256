// Ten times what `npm test` throws and kills: 20,000 requests to every route, 10,000 writes with pictures under kill -9.
import { bin, ensureBuilt, ensureInstalled, run } from './lib.mjs'

ensureInstalled()
ensureBuilt()
const asked = { FUZZ_RUNS: '20000', SOAK_WRITES: '10000', ...process.env }
const files = ['tests/api/fuzz.test.ts', 'tests/api/durability.test.ts', 'tests/api/replica.test.ts']
process.exit(run(bin('vitest'), ['run', '--project', 'api', ...files], { extra: asked }))
