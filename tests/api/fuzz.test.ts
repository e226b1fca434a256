import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Running } from '../server'
import { call, deviceCookie, startBuilt } from '../server'
import type { Target } from './fuzzing'
import { ROUTES, thrown, wrongWith } from './fuzzing'
import { newShelf, openShop } from './shop'

/** `npm run soak` throws ten times as many. */
const THROWN = Number(process.env.FUZZ_RUNS ?? 2400)
const AT_ONCE = 8

let server: Running
let target: Target
beforeAll(async () => {
  server = await startBuilt()
  const { by, jobId } = await openShop(server.url)
  const view = (await call(`${server.url}/api/jobs/${jobId}`)).body
  const shelfId = '01ARZ3NDEKTSV4RRFFQ69G5FAV'
  const { code } = (await call(`${server.url}/api/shop/devices`, 'POST', {})).body
  const stranger = await deviceCookie(server.url, code)
  target = { by, jobId, machineId: view.machine.id, sheetId: view.sheet.id, shelfId, stranger }
  await call(`${server.url}/api/shelf`, 'POST', newShelf(by, { id: shelfId, fromJobId: jobId }))
})
afterAll(() => server.stop())

describe('whatever is thrown at any route', () => {
  it(
    'is answered in time, never by a fault of the program, and a refusal says which field',
    async () => {
      const seed = Number(process.env.FUZZ_SEED ?? Date.now() % 2 ** 31)
      console.log(
        `${THROWN} requests to ${ROUTES.length} routes, seed ${seed}: FUZZ_SEED=${seed} throws the same again`,
      )
      const tally = new Map<number, number>()
      await fc.assert(
        fc.asyncProperty(fc.array(thrown(target), { minLength: AT_ONCE, maxLength: AT_ONCE }), async many => {
          const wrong = await Promise.all(many.map(one => wrongWith(server.url, one, tally, target.stranger)))
          wrong.forEach((what, i) => expect(what, JSON.stringify(many[i]).slice(0, 1500)).toBeNull())
        }),
        { numRuns: Math.ceil(THROWN / AT_ONCE), seed, endOnFailure: true },
      )
      console.log(
        `Answered: ${[...tally]
          .sort(([a], [b]) => a - b)
          .map(([status, n]) => `${n} × ${status}`)
          .join(', ')}`,
      )
      // it is no use throwing what is all refused at the door
      expect((tally.get(200) ?? 0) + (tally.get(201) ?? 0)).toBeGreaterThan(THROWN / 10)
      expect((await call(`${server.url}/api/ping`)).status).toBe(200)
      expect((await call(`${server.url}/api/jobs/${target.jobId}`)).status).toBe(200)
      expect((await call(`${server.url}/api/jobs`)).status).toBe(200)
    },
    THROWN * 60 + 120_000,
  )
})
