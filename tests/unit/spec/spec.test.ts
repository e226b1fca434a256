import { describe, expect, it } from 'vitest'
import { ENGINE_CLASSES, MACHINE_KINDS } from '#core/engine/words'
import type { EngineClass } from '#core/engine/words'
import { fillMarks, hasSump, TIP_PCT, TOP_PCT } from '#core/oil/fillMarks'
import { oilVolume } from '#core/oil/fillTable'
import { COMPRESSION_BANDS, ruleOfThumb } from '#core/spec/rulesOfThumb'
import { specFor } from '#core/spec/specValue'
import { FACTS, figureOf, SHEET } from '../job/file'

const value = figureOf

describe('figures of a sheet', () => {
  it("the maker's is used before one measured here, either before the rule of thumb, and none is hidden", () => {
    const sheet = [
      value('compression_limit', 90, 'psi', 'rule_of_thumb'),
      value('compression_limit', 8, 'bar', 'measured'),
      value('compression_limit', 100, 'psi'),
    ]
    const found = specFor('compression_limit', sheet, 'S4', 148)
    expect(found?.source).toBe('maker')
    expect(found?.value).toBeCloseTo(689.476, 3)
    expect(found?.maker).toBeCloseTo(689.476, 3)
    expect(found?.others.map(o => o.source)).toEqual(['measured', 'rule_of_thumb', 'rule_of_thumb'])
    expect(specFor('compression_limit', [], 'S4', 148)).toMatchObject({
      value: 550,
      source: 'rule_of_thumb',
      maker: null,
    })
  })

  it('no rule of thumb is made up for a release at work, or for the oil of a two-stroke', () => {
    expect(specFor('compression_with_release', [], 'S4', 148)).toBeUndefined()
    expect(ruleOfThumb('oil_capacity', 'H2', 25)).toBeUndefined()
    expect(ruleOfThumb('oil_change', 'V2', 125)).toBeUndefined()
  })

  it('every class has a band that is in order, and every machine a class', () => {
    for (const engineClass of Object.keys(ENGINE_CLASSES) as EngineClass[]) {
      const { low, high, look, fail } = COMPRESSION_BANDS[engineClass]
      expect([fail, look, low, high]).toEqual([fail, look, low, high].sort((a, b) => a - b))
    }
    for (const { engineClass } of Object.values(MACHINE_KINDS)) expect(ENGINE_CLASSES[engineClass]).toBeTruthy()
  })

  it('small engines hold less oil than large ones', () => {
    const fills = [120, 300, 500].map(cc => ruleOfThumb('oil_capacity', 'S4', cc) ?? 0)
    expect(fills).toEqual([...fills].sort((a, b) => a - b))
    expect(ruleOfThumb('oil_capacity', 'M4', 600)).toBeGreaterThan(ruleOfThumb('oil_capacity', 'M4', 110) ?? 0)
  })
})

describe('marks of the stick', () => {
  it('come from the sheet where it says so', () => {
    expect(fillMarks(FACTS, SHEET)).toMatchObject({ capacityMl: 550, fullMl: 550, lowMl: 400, source: 'maker' })
    expect(fillMarks(FACTS, SHEET)?.tipMl).toBeCloseTo(302.5, 9)
  })
  it('are guessed from the fill, and said to be', () => {
    expect(fillMarks(FACTS, [value('oil_capacity', 0.6, 'L')])).toMatchObject({
      fullMl: 600,
      lowMl: 450,
      source: 'rule_of_thumb',
    })
    expect(fillMarks(FACTS, [])).toMatchObject({ capacityMl: 550, source: 'rule_of_thumb' })
    expect(
      fillMarks(FACTS, [value('oil_capacity', 600, 'mL', 'measured'), value('oil_low_mark', 400, 'mL')])?.source,
    ).toBe('measured')
  })
  it('are not made of figures that contradict each other, nor for an engine without a sump', () => {
    expect(fillMarks(FACTS, [value('oil_capacity', 500, 'mL'), value('oil_low_mark', 600, 'mL')])).toBeUndefined()
    expect(fillMarks(FACTS, [value('oil_capacity', 500, 'mL'), value('oil_full_mark', 900, 'mL')])).toBeUndefined()
    expect(hasSump({ ...FACTS, oiling: 'premix' })).toBe(false)
    expect(fillMarks({ ...FACTS, cycle: 'two' }, SHEET)).toBeUndefined()
  })
  it('make a table that reads the low mark at 0 and the full mark at 100, from the tip to far over full', () => {
    const { points } = fillMarks(FACTS, SHEET)!
    const at = (reading: number) => oilVolume({ points, reading, kind: 'level' }).volumeMl
    expect([at(0), at(100), at(TOP_PCT)]).toEqual([400, 550, 850])
    expect(at(TIP_PCT)).toBeCloseTo(302.5, 9)
  })
})
