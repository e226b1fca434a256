import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { describe as inWords } from '#core/entries/say'
import type { Entry } from '#core/entries/types'
import { entriesInForce } from '#core/log/entry'
import type { JobFile } from '#core/entries/file'
import type { EngineFacts } from '#core/engine/facts'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entrySchema } from '#core/entries/entrySchema'
import type { SpecValue } from '#core/spec/specValue'

interface Stored {
  name: string
  facts: EngineFacts
  spec: SpecValue[]
  entries: (Omit<Entry, 'body'> & { body: unknown })[]
}
const { jobs } = JSON.parse(readFileSync('tests/fixtures/stored-entries.json', 'utf8')) as { jobs: Stored[] }
const read = (job: Stored): JobFile => ({
  machineKind: 'walk_behind_mower',
  facts: job.facts,
  spec: job.spec,
  fill: null,
  history: [],
  policy: DEFAULT_POLICY,
  counts: null,
  entries: job.entries.map(e => entrySchema.parse(e)),
})

describe('what was written down before', () => {
  it('has every kind of entry in it', () => {
    expect(Object.keys(BODY_SCHEMAS).filter(kind => !jobs.some(j => j.entries.some(e => e.kind === kind)))).toEqual([])
  })
  it.each(jobs.map(j => [j.name, j] as const))('is read, judged and said in words: %s', (_, job) => {
    const file = read(job)
    expect(file.entries).toHaveLength(job.entries.length)
    const { judgements, stages } = assess(file)
    const inForce = new Set(entriesInForce(file.entries).map(e => e.id))
    expect(judgements.every(j => inForce.has(j.entryId) && j.headline.length > 0)).toBe(true)
    expect(stages.length).toBeGreaterThan(5)
    expect(diagnoseJob(file).basis).not.toBe('cant_say')
    for (const e of file.entries) {
      const { title, text } = inWords(e, DEFAULT_POLICY)
      expect([e.kind, title.length > 0, /undefined|NaN|\[object/.test(`${title} ${text}`)]).toEqual([
        e.kind,
        true,
        false,
      ])
    }
  })
  it('a correction, a second one and an undoing leave what stands', () => {
    const odd = read(jobs.find(j => j.name.startsWith('the odd ones'))!)
    const standing = entriesInForce(odd.entries)
    expect(standing.filter(e => e.kind === 'compression')).toHaveLength(1)
    expect(standing.filter(e => e.kind === 'note')).toEqual([])
    expect(assess(odd).newest.compression?.headline).toContain('0.95 bar')
  })
})
