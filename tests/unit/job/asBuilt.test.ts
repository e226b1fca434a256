import { describe, expect, it } from 'vitest'
import { asBuilt } from '#core/handover/asBuilt'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { timeline } from '#core/handover/timeline'
import { entry } from './file'

const fasteners = (back: number | null) =>
  entry('fasteners', {
    cover: 'Head',
    what: 'six M8 × 60',
    tool: null,
    out: 6,
    back,
    stuck: [],
    minutes: null,
    broke: null,
  })
const fitted = (batch: string | null) => entry('fitted', { what: 'Head gasket', batch, from: null, origin: 'maker' })
const gap = (when: 'as_found' | 'after') =>
  entry(
    'measure',
    {
      item: 'ring_gap',
      reads: [{ value: 0.25, unit: 'mm' }],
      tool: 'feeler',
      place: null,
      when,
      soldMm: [],
      note: null,
    },
    { how: 'measured' },
  )

describe('as built', () => {
  it('tells what went in, what was used again and how that was judged, sizes after work, what closed it', () => {
    const kept = entry(
      'part',
      {
        part: 'piston',
        disposition: 'reuse',
        seen: [],
        oil: 'sound',
        role: 'own',
        reason: 'clearance within limits',
        orientation: 'arrow to the exhaust',
        owed: null,
        place: null,
      },
      { how: 'measured' },
    )
    const { sections, missing } = asBuilt(
      [fitted('K7'), kept, gap('as_found'), gap('after'), fasteners(6)],
      DEFAULT_POLICY,
    )
    expect(sections.map(s => [s.title, s.lines.length])).toEqual([
      ['Fitted', 1],
      ['Used again', 1],
      ['Sizes after work', 1],
      ['Closed with', 1],
    ])
    expect(sections[1]?.lines[0]?.text).toBe('Piston: clearance within limits, measured; lies arrow to the exhaust')
    expect(missing).toEqual([])
  })
  it('names what is missing: a fastener left over, a batch nobody wrote down, no size after work', () => {
    expect(asBuilt([fitted(null), fasteners(5)], DEFAULT_POLICY).missing).toEqual([
      'Head: 5 of 6 fasteners went back.',
      'Head gasket: no batch written down.',
      'No size was taken after work.',
    ])
    expect(asBuilt([fasteners(null)], DEFAULT_POLICY)).toEqual({ sections: [], missing: [] })
  })
})

describe('the timeline before a failure', () => {
  it('tells a cause by its name', () => {
    const cause = entry('cause_found', {
      causeId: 'jet_blocked',
      text: null,
      proof: 'proved',
      missing: null,
      chain: [],
    })
    expect(timeline([], [cause], DEFAULT_POLICY)[0]?.text).toContain('Jet blocked')
  })
})
