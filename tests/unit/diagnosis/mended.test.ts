import { describe, expect, it } from 'vitest'
import { diagnoseJob, treeOfJob } from '#core/diagnosis/diagnoseJob'
import type { Entry } from '#core/entries/types'
import { entry, file } from '../job/file'

const check = (name: string, found: string[], absent: string[] = []): Entry =>
  entry('check', { check: name, found, absent, skipped: null, note: null }, { how: 'by_eye' })
const named = (causeId: string): Entry =>
  entry('cause_found', { causeId, text: null, proof: 'probable', missing: null, chain: [] })
const work = (did: 'renewed' | 'drained' = 'renewed'): Entry =>
  entry('work', { did, parts: ['plug'], answers: [], note: null })
const complaint = entry('complaint', { words: 'Will not go', since: null, about: 'wont_start' }, { how: 'claimed' })
const noSpark = check('spark', ['spark_none'])
const plugTold = check('plug_swap', ['spark_good_plug'])
const stillDead = check('story', ['says_wont_start'])

const found = [complaint, noSpark, plugTold]
const names = (entries: Entry[]): string[] => diagnoseJob(file(entries)).likely.map(l => l.cause.id)

describe('after a cure', () => {
  it('what was mended leads as long as nothing more calls for a cause', () => {
    expect(names(found)[0]).toBe('plug_dead')
    const cured = diagnoseJob(file([...found, named('plug_dead'), work(), check('story', [], ['says_wont_start'])]))
    expect(cured.mended).toEqual([])
    expect(cured.likely[0]?.cause.id).toBe('plug_dead')
  })
  it('it still does not go: the mended cause is out, and what it made show is asked again', () => {
    const left = diagnoseJob(file([...found, named('plug_dead'), work(), stillDead]))
    expect(left.mended.map(c => c.id)).toEqual(['plug_dead'])
    expect(left.likely.map(l => l.cause.id)).not.toContain('plug_dead')
    expect(left.reports.map(r => r.sign)).not.toContain('spark_none')
    expect(left.next.map(s => s.check.id)).toContain('spark')
    expect(diagnoseJob(file(found)).next.map(s => s.check.id)).not.toContain('spark')
    expect(treeOfJob(file([...found, named('plug_dead'), work(), stillDead]), 1).lead?.name).not.toMatch(/plug/i)
  })
  it('seen again after the work it speaks again, for the others', () => {
    const again = [...found, named('plug_dead'), work(), stillDead, check('spark', ['spark_none'])]
    expect(diagnoseJob(file(again)).reports.map(r => r.sign)).toContain('spark_none')
    expect(names(again)[0]).not.toBe('plug_dead')
  })
  it('a sign of its own, seen again after the work, says that it was not mended', () => {
    const again = [...found, named('plug_dead'), work(), stillDead, check('plug_swap', ['spark_good_plug'])]
    expect(diagnoseJob(file(again)).mended).toEqual([])
    expect(names(again)[0]).toBe('plug_dead')
  })
  it('what it never made show stands as it was found, and calls for the second fault', () => {
    const two = [
      ...found,
      check('leaks', ['wet_cover']),
      named('plug_dead'),
      work(),
      check('story', [], ['says_wont_start']),
    ]
    const left = diagnoseJob(file(two))
    expect(left.mended.map(c => c.id)).toEqual(['plug_dead'])
    expect(left.reports.find(r => r.sign === 'wet_cover')?.there).toBe(true)
    expect(left.likely[0]?.for.map(w => w.sign)).toContain('wet_cover')
  })
  it('drained is not mended, and what was done before it was named does not count', () => {
    expect(diagnoseJob(file([...found, named('plug_dead'), work('drained'), stillDead])).mended).toEqual([])
    expect(diagnoseJob(file([...found, work(), named('plug_dead'), stillDead])).mended).toEqual([])
  })
})
