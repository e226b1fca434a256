import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Evidence, Model, Network } from '#core/diagnosis/network'
import { infer, inferWeighed, networkOf, NO, YES } from '#core/diagnosis/network'
import { adjustPrior, nextCheck, posterior, priorFromHistory, repairOrder } from '#core/diagnosis/posterior'
import { calc, refusal } from '../../calc'

const MODEL: Model = {
  causes: [
    { id: 'a', prior: 0.2 },
    { id: 'b', prior: 0.1 },
  ],
  findings: [{ id: 'x', leak: 0.05, minutes: 1 }],
  links: [
    { cause: 'a', finding: 'x', q: 0.8 },
    { cause: 'b', finding: 'x', q: 0.5 },
  ],
}

/** Every set of causes, one by one: slow, and beyond doubt; without a subtraction, so that it holds its digits at any size. */
function enumerate({ causes, findings, q }: Network, evidence: Evidence[]): { p: number; marginals: number[] } {
  const joint = causes.map(() => 0)
  let p = 0
  for (let set = 0; set < 2 ** causes.length; set++) {
    const has = (i: number): boolean => ((set >> i) & 1) === 1
    const prior = causes.reduce((x, c, i) => x * (has(i) ? c.prior : 1 - c.prior), 1)
    const weight = evidence.reduce((x, { finding, a, b }) => {
      const { leak } = findings[finding]!
      const shows = causes.reduce((p, _, i) => (has(i) ? p + (1 - p) * q[finding]![i]! : p), leak)
      const not = causes.reduce((p, _, i) => (has(i) ? p * (1 - q[finding]![i]!) : p), 1 - leak)
      return x * (a * shows + (a + b) * not)
    }, prior)
    p += weight
    causes.forEach((_, i) => {
      if (has(i)) joint[i]! += weight
    })
  }
  return { p, marginals: joint.map(j => j / p) }
}
/** Apart by no more than this share of itself. */
const same = (got: number | undefined, wanted: number, share = 1e-9): void =>
  expect(Math.abs((got ?? NaN) - wanted), `${got} for ${wanted}`).toBeLessThanOrEqual(share * Math.abs(wanted))
const numbers = (seed: number): (() => number) => {
  let x = seed
  return () => (x = (x * 1103515245 + 12345) % 2147483648) / 2147483648
}

const chance = fc.double({ min: 0.01, max: 0.99, noNaN: true })
const network = fc
  .record({ causes: fc.integer({ min: 1, max: 7 }), findings: fc.integer({ min: 1, max: 8 }) })
  .chain(({ causes, findings }) =>
    fc.record({
      priors: fc.array(chance, { minLength: causes, maxLength: causes }),
      leaks: fc.array(fc.oneof(fc.constant(0), fc.double({ min: 1e-12, max: 0.5, noNaN: true })), {
        minLength: findings,
        maxLength: findings,
      }),
      q: fc.array(
        fc.array(fc.oneof(fc.constant(0), fc.constant(1), chance), { minLength: causes, maxLength: causes }),
        { minLength: findings, maxLength: findings },
      ),
      said: fc.array(fc.constantFrom('yes', 'no', 'told', 'denied', 'unknown'), {
        minLength: findings,
        maxLength: findings,
      }),
    }),
  )
  .map(({ priors, leaks, q, said }) => ({
    net: {
      causes: priors.map((prior, i) => ({ id: `c${i}`, prior })),
      findings: leaks.map((leak, i) => ({ id: `f${i}`, leak, minutes: 1 })),
      q: q.map(row => Float64Array.from(row)),
    } satisfies Network,
    evidence: said.flatMap((word, f): Evidence[] =>
      word === 'yes'
        ? [YES(f)]
        : word === 'no'
          ? [NO(f)]
          : word === 'told'
            ? [{ finding: f, a: 0.85, b: -0.73 }]
            : word === 'denied'
              ? [{ finding: f, a: 0.15, b: 0.73 }]
              : [],
    ),
  }))

describe('exact inference', () => {
  it('equals every set of causes taken one by one, also with reports that can err', () => {
    fc.assert(
      fc.property(network, ({ net, evidence }) => {
        const slow = enumerate(net, evidence)
        fc.pre(slow.p > 0)
        const fast = infer(net, evidence)
        same(fast.pEvidence, slow.p)
        slow.marginals.forEach((m, i) => same(fast.marginals[i], m))
      }),
      { numRuns: 300 },
    )
  })
  it('what a report is worth is the likelihood with it and without it', () => {
    fc.assert(
      fc.property(network, ({ net, evidence }) => {
        fc.pre(enumerate(net, evidence).p > 0)
        const { without } = inferWeighed(net, evidence)
        for (const [e, marginals] of without) {
          const slow = enumerate(
            net,
            evidence.filter(x => x !== e),
          )
          slow.marginals.forEach((m, i) => same(marginals[i], m))
        }
        expect(without.size).toBe(evidence.filter(e => e.a !== 0).length)
      }),
      { numRuns: 150 },
    )
  })
  it('holds with fourteen causes and eighteen findings, however unlikely all of it is, with reports that can err', () => {
    for (const [seed, rare] of [
      [1, 0.2],
      [2, 0.02],
      [3, 1e-4],
      [4, 1e-8],
    ] as const) {
      const next = numbers(seed)
      const causes = Array.from({ length: 14 }, (_, i) => ({ id: `c${i}`, prior: rare * (0.2 + next()) }))
      const findings = Array.from({ length: 24 }, (_, i) => ({ id: `f${i}`, leak: rare * next(), minutes: 1 }))
      const net: Network = {
        causes,
        findings,
        q: findings.map(() => Float64Array.from(causes, () => (next() < 0.4 ? next() : 0))),
      }
      const evidence = findings.flatMap((_, f): Evidence[] =>
        f < 10
          ? [YES(f)]
          : f < 18
            ? [{ finding: f, a: 0.85, b: -0.73 }]
            : f < 22
              ? [NO(f)]
              : f < 24
                ? [{ finding: f, a: 0.15, b: 0.73 }]
                : [],
      )
      const slow = enumerate(net, evidence)
      const fast = infer(net, evidence)
      same(fast.pEvidence, slow.p)
      slow.marginals.forEach((m, i) => same(fast.marginals[i], m))
    }
  }, 60_000)
  it('eight rare findings that have nothing to do with each other are found by the model', () => {
    const findings = Array.from({ length: 8 }, (_, i) => ({ id: `f${i}`, leak: 0.01, minutes: 1 }))
    const causes = findings.map((_, i) => ({ id: `c${i}`, prior: 0.655 }))
    const model: Model = {
      causes,
      findings,
      links: findings.map((f, i) => ({ cause: `c${i}`, finding: f.id, q: 0.93 })),
    }
    const { pEvidence, marginals } = posterior({ model, positive: findings.map(f => f.id), negative: [] })
    const one = 1 - 0.99 * (1 - 0.655 * 0.93)
    same(pEvidence, one ** 8)
    same(marginals.get('c3'), (0.655 * (0.01 + 0.99 * 0.93)) / one)
  })
  it('the example worked out by hand', () => {
    const { pEvidence, marginals } = posterior({ model: MODEL, positive: ['x'], negative: [] })
    expect(pEvidence).toBeCloseTo(0.2419, 12)
    expect(marginals.get('a')).toBeCloseTo(0.1639 / 0.2419, 12)
    expect(marginals.get('b')).toBeCloseTo(0.24845, 5)
  })
  it('more evidence of a cause never lowers it', () => {
    fc.assert(
      fc.property(network, ({ net }) => {
        const one = { ...net, q: net.q.map(row => Float64Array.from(row, (v, i) => (i === 0 ? v : 0))) }
        const before = infer(one, []).marginals[0]!
        expect(infer(one, [YES(0)]).marginals[0]! + 1e-9).toBeGreaterThanOrEqual(before)
        expect(infer(one, [NO(0)]).marginals[0]! - 1e-9).toBeLessThanOrEqual(before)
      }),
    )
  })
  it("what can't be is said to be inconsistent, and so is a finding both ways", () => {
    const bare = { ...MODEL, findings: [{ id: 'x', leak: 0, minutes: 1 }], links: [] }
    expect(() => posterior({ model: bare, positive: ['x'], negative: [] })).toThrow('neither a cause nor a leak')
    expect(() => posterior({ model: MODEL, positive: ['x'], negative: ['x'] })).toThrow('not there at once')
    expect(() => posterior({ model: MODEL, positive: ['y'], negative: [] })).toThrow('y is not a finding')
    expect(() => networkOf({ ...MODEL, links: [{ cause: 'q', finding: 'x', q: 1 }] })).toThrow('not in the model')
  })
  it('takes 18 findings at once and no more; one named twice counts once', () => {
    const findings = Array.from({ length: 19 }, (_, i) => ({ id: `f${i}`, leak: 0.1, minutes: 1 }))
    const many = { ...MODEL, findings, links: findings.map(f => ({ cause: 'a', finding: f.id, q: 0.5 })) }
    const ids = findings.map(f => f.id)
    expect(() => posterior({ model: many, positive: ids, negative: [] })).toThrow('At most 18')
    expect(
      posterior({ model: many, positive: [...ids.slice(0, 18), 'f0'], negative: [] }).marginals.get('a'),
    ).toBeGreaterThan(0.999)
  })
  it('keeps the names of causes as they were given', () => {
    const answer = calc('posterior', {
      model: {
        causes: [{ id: 'BigEnd', prior: 0.2 }],
        findings: [{ id: 'x' }],
        links: [{ cause: 'BigEnd', finding: 'x', q: 0.8 }],
      },
      positive: ['x'],
    }) as { marginals: Record<string, number> }
    expect(Object.keys(answer.marginals)).toEqual(['BigEnd'])
    expect(answer.marginals.BigEnd).toBeCloseTo(1, 9)
  })
})

describe('what to look at next', () => {
  const two: Model = {
    causes: [
      { id: 'a', prior: 0.3 },
      { id: 'b', prior: 0.3 },
    ],
    findings: [
      { id: 'blind', leak: 0.2, minutes: 1 },
      { id: 'tells', leak: 0.02, minutes: 1 },
      { id: 'slow', leak: 0.02, minutes: 30 },
    ],
    links: [
      { cause: 'a', finding: 'tells', q: 0.9 },
      { cause: 'a', finding: 'slow', q: 0.95 },
    ],
  }
  it('is what settles most in a minute; what settles nothing settles 0 bits', () => {
    const { ranking } = nextCheck({ model: two, positive: [], negative: [], candidates: null })
    expect(ranking.map(r => r.id)).toEqual(['tells', 'slow', 'blind'])
    expect(ranking[2]?.bits).toBeCloseTo(0, 12)
    expect(ranking[1]!.bits).toBeGreaterThan(ranking[0]!.bits)
  })
  it('bits are what entropy loses on average, worked out both ways', () => {
    const { entropyBits, ranking } = nextCheck({ model: two, positive: [], negative: [], candidates: ['tells'] })
    const h = (p: number): number => -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p))
    const yes = posterior({ model: two, positive: ['tells'], negative: [] })
    const no = posterior({ model: two, positive: [], negative: ['tells'] })
    const after =
      yes.pEvidence * (h(yes.marginals.get('a')!) + h(0.3)) + no.pEvidence * (h(no.marginals.get('a')!) + h(0.3))
    expect(ranking[0]?.bits).toBeCloseTo(entropyBits - after, 9)
    expect(ranking[0]?.pPositive).toBeCloseTo(yes.pEvidence, 12)
  })
  it('nothing left is an empty list, a known finding no candidate', () => {
    expect(nextCheck({ model: MODEL, positive: ['x'], negative: [], candidates: null }).ranking).toEqual([])
    expect(refusal('next_check', { model: MODEL, positive: ['x'], candidates: ['x'] })).toBe('inconsistent candidates')
  })
})

describe('priors and order', () => {
  it('odds are multiplied, counts take over', () => {
    expect(adjustPrior({ prior: 0.2, oddsFactor: 4 }).prior).toBeCloseTo(0.5, 12)
    expect(priorFromHistory({ prior: 0.1, hits: 6, total: 20, strength: 20 }).prior).toBeCloseTo(0.2, 12)
    expect(priorFromHistory({ prior: 0.1, hits: 900, total: 1000, strength: 20 }).prior).toBeCloseTo(0.884, 3)
  })
  it('the cheap check goes first when it pays, and the sum is the least of all orders', () => {
    const items = [
      { id: 'a', p: 0.5, checkCost: 40, repairCost: 10 },
      { id: 'b', p: 0.25, checkCost: 5, repairCost: 20 },
    ]
    const { order, expectedCost } = repairOrder({ items, serviceCost: null, normalise: true })
    expect(order).toEqual(['b', 'a'])
    expect(expectedCost).toBeCloseTo(45, 9)
  })
  it('no other order costs less', () => {
    const orders = (list: number[]): number[][] =>
      list.length < 2
        ? [list]
        : list.flatMap((x, i) => orders([...list.slice(0, i), ...list.slice(i + 1)]).map(rest => [x, ...rest]))
    fc.assert(
      fc.property(
        fc.array(fc.record({ p: chance, checkCost: fc.double({ min: 1, max: 90, noNaN: true }) }), {
          minLength: 1,
          maxLength: 5,
        }),
        raw => {
          const items = raw.map((r, i) => ({ id: String(i), ...r, repairCost: 0 }))
          const sum = items.reduce((a, i) => a + i.p, 0)
          const cost = (order: number[]): number => {
            let left = 1
            return order.reduce((c, i) => {
              const now = c + left * items[i]!.checkCost
              left -= items[i]!.p / sum
              return now
            }, 0)
          }
          const best = Math.min(...orders(items.map((_, i) => i)).map(cost))
          expect(repairOrder({ items, serviceCost: null, normalise: true }).expectedCost).toBeCloseTo(best, 6)
        },
      ),
      { numRuns: 60 },
    )
  })
  it('without scaling the rest is none of these, at the price of a service', () => {
    expect(
      repairOrder({ items: [{ id: 'a', p: 0.6, checkCost: 10, repairCost: 5 }], serviceCost: 100, normalise: false })
        .expectedCost,
    ).toBeCloseTo(10 + 3 + 40, 9)
    expect(() =>
      repairOrder({
        items: [
          { id: 'a', p: 0.6, checkCost: 10, repairCost: 5 },
          { id: 'b', p: 0.6, checkCost: 10, repairCost: 5 },
        ],
        serviceCost: null,
        normalise: false,
      }),
    ).toThrow('at most 1')
  })
})
