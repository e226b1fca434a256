import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Evidence, Model, Network } from '#core/diagnosis/network'
import { infer, inferWeighed, networkOf, NO, YES } from '#core/diagnosis/network'
import { adjustPrior, nextCheck, posterior, priorFromHistory, repairOrder } from '#core/diagnosis/posterior'
import { calc, refusal } from '../../calc'

const MODEL: Model = { causes: [{ id: 'a', prior: 0.2 }, { id: 'b', prior: 0.1 }], findings: [{ id: 'x', leak: 0.05, minutes: 1 }], links: [{ cause: 'a', finding: 'x', q: 0.8 }, { cause: 'b', finding: 'x', q: 0.5 }] }

/** Every set of causes, one by one: slow, and beyond doubt. */
function enumerate({ causes, findings, q }: Network, evidence: Evidence[]): { p: number, marginals: number[] } {
  const joint = causes.map(() => 0)
  let p = 0
  for (let set = 0; set < 2 ** causes.length; set++) {
    const has = (i: number): boolean => (set >> i & 1) === 1
    const prior = causes.reduce((x, c, i) => x * (has(i) ? c.prior : 1 - c.prior), 1)
    const weight = evidence.reduce((x, { finding, a, b }) => x * (a + b * causes.reduce((left, _, i) => has(i) ? left * (1 - q[finding]![i]!) : left, 1 - findings[finding]!.leak)), prior)
    p += weight
    causes.forEach((_, i) => { if (has(i)) joint[i]! += weight })
  }
  return { p, marginals: joint.map(j => j / p) }
}

const chance = fc.double({ min: 0.01, max: 0.99, noNaN: true })
const network = fc.record({ causes: fc.integer({ min: 1, max: 7 }), findings: fc.integer({ min: 1, max: 8 }) }).chain(({ causes, findings }) => fc.record({
  priors: fc.array(chance, { minLength: causes, maxLength: causes }),
  leaks: fc.array(fc.double({ min: 0, max: 0.5, noNaN: true }), { minLength: findings, maxLength: findings }),
  q: fc.array(fc.array(fc.oneof(fc.constant(0), fc.constant(1), chance), { minLength: causes, maxLength: causes }), { minLength: findings, maxLength: findings }),
  said: fc.array(fc.constantFrom('yes', 'no', 'told', 'denied', 'unknown'), { minLength: findings, maxLength: findings }),
})).map(({ priors, leaks, q, said }) => ({
  net: { causes: priors.map((prior, i) => ({ id: `c${i}`, prior })), findings: leaks.map((leak, i) => ({ id: `f${i}`, leak, minutes: 1 })), q: q.map(row => Float64Array.from(row)) } satisfies Network,
  evidence: said.flatMap((word, f): Evidence[] => word === 'yes' ? [YES(f)] : word === 'no' ? [NO(f)] : word === 'told' ? [{ finding: f, a: 0.85, b: -0.73 }] : word === 'denied' ? [{ finding: f, a: 0.15, b: 0.73 }] : []),
}))

describe('exact inference', () => {
  it('equals every set of causes taken one by one, also with reports that can err', () => {
    fc.assert(fc.property(network, ({ net, evidence }) => {
      const slow = enumerate(net, evidence)
      fc.pre(slow.p > 1e-6)
      const fast = infer(net, evidence)
      expect(fast.pEvidence).toBeCloseTo(slow.p, 9)
      slow.marginals.forEach((m, i) => expect(fast.marginals[i]).toBeCloseTo(m, 6))
    }), { numRuns: 300 })
  })
  it('what a report is worth is the likelihood with it and without it', () => {
    fc.assert(fc.property(network, ({ net, evidence }) => {
      fc.pre(enumerate(net, evidence).p > 1e-6)
      const { without } = inferWeighed(net, evidence)
      for (const [e, marginals] of without) {
        const slow = enumerate(net, evidence.filter(x => x !== e))
        slow.marginals.forEach((m, i) => expect(marginals[i]).toBeCloseTo(m, 6))
      }
      expect(without.size).toBe(evidence.filter(e => e.a !== 0).length)
    }), { numRuns: 150 })
  })
  it('the example worked out by hand', () => {
    const { pEvidence, marginals } = posterior({ model: MODEL, positive: ['x'], negative: [] })
    expect(pEvidence).toBeCloseTo(0.2419, 12)
    expect(marginals.get('a')).toBeCloseTo(0.1639 / 0.2419, 12)
    expect(marginals.get('b')).toBeCloseTo(0.24845, 5)
  })
  it('more evidence of a cause never lowers it', () => {
    fc.assert(fc.property(network, ({ net }) => {
      // below this an alternating sum has no digits left
      fc.pre(net.findings[0]!.leak > 0.001)
      const one = { ...net, q: net.q.map(row => Float64Array.from(row, (v, i) => i === 0 ? v : 0)) }
      const before = infer(one, []).marginals[0]!
      expect(infer(one, [YES(0)]).marginals[0]! + 1e-9).toBeGreaterThanOrEqual(before)
      expect(infer(one, [NO(0)]).marginals[0]! - 1e-9).toBeLessThanOrEqual(before)
    }))
  })
  it('what can\'t be is said to be inconsistent, and so is a finding both ways', () => {
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
    expect(posterior({ model: many, positive: [...ids.slice(0, 18), 'f0'], negative: [] }).marginals.get('a')).toBeGreaterThan(0.999)
  })
  it('keeps the names of causes as they were given', () => {
    const answer = calc('posterior', { model: { causes: [{ id: 'BigEnd', prior: 0.2 }], findings: [{ id: 'x' }], links: [{ cause: 'BigEnd', finding: 'x', q: 0.8 }] }, positive: ['x'] }) as { marginals: Record<string, number> }
    expect(Object.keys(answer.marginals)).toEqual(['BigEnd'])
    expect(answer.marginals.BigEnd).toBeCloseTo(1, 9)
  })
})

describe('what to look at next', () => {
  const two: Model = { causes: [{ id: 'a', prior: 0.3 }, { id: 'b', prior: 0.3 }], findings: [{ id: 'blind', leak: 0.2, minutes: 1 }, { id: 'tells', leak: 0.02, minutes: 1 }, { id: 'slow', leak: 0.02, minutes: 30 }], links: [{ cause: 'a', finding: 'tells', q: 0.9 }, { cause: 'a', finding: 'slow', q: 0.95 }] }
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
    const after = yes.pEvidence * (h(yes.marginals.get('a')!) + h(0.3)) + no.pEvidence * (h(no.marginals.get('a')!) + h(0.3))
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
    const items = [{ id: 'a', p: 0.5, checkCost: 40, repairCost: 10 }, { id: 'b', p: 0.25, checkCost: 5, repairCost: 20 }]
    const { order, expectedCost } = repairOrder({ items, serviceCost: null, normalise: true })
    expect(order).toEqual(['b', 'a'])
    expect(expectedCost).toBeCloseTo(45, 9)
  })
  it('no other order costs less', () => {
    const orders = (list: number[]): number[][] => list.length < 2 ? [list] : list.flatMap((x, i) => orders([...list.slice(0, i), ...list.slice(i + 1)]).map(rest => [x, ...rest]))
    fc.assert(fc.property(fc.array(fc.record({ p: chance, checkCost: fc.double({ min: 1, max: 90, noNaN: true }) }), { minLength: 1, maxLength: 5 }), (raw) => {
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
    }), { numRuns: 60 })
  })
  it('without scaling the rest is none of these, at the price of a service', () => {
    expect(repairOrder({ items: [{ id: 'a', p: 0.6, checkCost: 10, repairCost: 5 }], serviceCost: 100, normalise: false }).expectedCost).toBeCloseTo(10 + 3 + 40, 9)
    expect(() => repairOrder({ items: [{ id: 'a', p: 0.6, checkCost: 10, repairCost: 5 }, { id: 'b', p: 0.6, checkCost: 10, repairCost: 5 }], serviceCost: null, normalise: false })).toThrow('at most 1')
  })
})
