import { describe, expect, it } from 'vitest'
import { wetOil } from '#core/compression/wetOil'
import { assess } from '#core/assess'
import { judgeCompression } from '#core/entries/compression/judge'
import type { BodyOf } from '#core/entries/types'
import { compression, FACTS, figureOf, file } from '../job/file'

const GEOMETRY = [
  figureOf('bore', 70, 'mm'),
  figureOf('stroke', 43, 'mm'),
  figureOf('compression_ratio', 8.3, 'ratio'),
  figureOf('compression_limit', 600, 'kPa'),
]
const MOWER = { facts: { release: 'none' as const }, spec: GEOMETRY }
const pair = (
  dry: number,
  wet: number,
  more: Partial<BodyOf['compression']>,
  options: Parameters<typeof file>[1] = MOWER,
) => {
  const entry = compression(dry, wet, 'bar', more)
  return judgeCompression(entry as never, file([entry], options))
}

describe('oil for a wet test', () => {
  it('is a tenth of the chamber, from bore, stroke and ratio or from size and ratio', () => {
    // 165.5 mL over a ratio of 8.3: a chamber of 22.7 mL
    expect(wetOil(FACTS, GEOMETRY)?.oilMl).toBeCloseTo(2.27, 2)
    expect(
      wetOil({ ...FACTS, displacementCc: 165.5 }, [figureOf('compression_ratio', 8.3, 'ratio')])?.chamberMl,
    ).toBeCloseTo(22.67, 1)
    expect(wetOil({ ...FACTS, displacementCc: null }, [figureOf('compression_ratio', 8.3, 'ratio')])).toBeNull()
    expect(wetOil(FACTS, [])).toBeNull()
  })
  it('its own volume is taken out: what five mL do to a sound engine is no worn ring', () => {
    // 5 mL in 22.7: a ratio of 10.4 for 8.3, a third more pressure by itself
    const byVolume = pair(5, 6.7, { oilMl: 5 })
    expect(byVolume.pair).toBe('top_end')
    expect(byVolume.details.join(' ')).toContain('with 5 mL of oil, 22 % of its chamber, its own volume taken out')
    expect(pair(3, 5, { oilMl: 2.3 }).pair).toBe('rings')
  })
  it('a leaky one gains less than its volume gives: that is no reading that fell', () => {
    expect(pair(4, 4.05, { oilMl: 5 }).pair).toBe('top_end')
    expect(pair(4, 3.4, { oilMl: 5 }).pair).toBe('repeat_test')
  })
  it('without the volumes a rise as large as oil alone makes tells little, and says so; a larger or none still tells', () => {
    const vague = pair(4, 5.4, { oilMl: null })
    expect(vague.pair).toBe('volume_unknown')
    expect(vague.details.join(' ')).toContain('this rise tells little')
    expect(pair(4, 6.2, { oilMl: null }).pair).toBe('rings')
    expect(pair(4, 4.1, { oilMl: null }).pair).toBe('top_end')
    const untold = assess(file([compression(4, 5.4, 'bar', { oilMl: null })], MOWER))
    expect(untold.judgements).toHaveLength(1)
  })
  it('a reading from before anybody was asked keeps its meaning', () => {
    expect(pair(4, 5.4, {}).pair).toBe('rings')
  })
  it('a hand-held gets none, two-stroke or four: it is not asked for, and done it stops the crank', () => {
    for (const machineKind of ['chainsaw', 'trimmer'] as const) {
      const held = (wet: number | null) => assess({ ...file([compression(3, wet, 'bar')], MOWER), machineKind })
      const dry = held(null)
      expect(dry.judgements[0]?.details.join(' ')).toContain('No wet test on this one')
      expect(dry.next.map(n => n.title)).not.toContain('Compression, wet')
      expect(held(5).stops.map(s => s.id)).toContain('wet_test_oil')
    }
    expect(assess(file([compression(3, null, 'bar')], MOWER)).next.map(n => n.title)).toContain('Compression, wet')
  })
})
