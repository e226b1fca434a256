import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { proposeLines } from '#core/verdict/proposeLines'
import type { BodyOf, Entry } from '#core/entries/types'
import { entry, figureOf, file } from '../job/file'

const part = (name: BodyOf['part']['part'], disposition: BodyOf['part']['disposition'], seen: string[] = []): Entry =>
  entry(
    'part',
    {
      part: name,
      disposition,
      seen,
      oil: 'not_looked',
      role: 'open',
      reason: null,
      orientation: null,
      owed: null,
      place: null,
    },
    { how: 'by_eye' },
  )
const bore = (x: number): Entry =>
  entry('bore', {
    nominal: { value: 52, unit: 'mm' },
    unit: 'mm',
    rows: [[x, x]],
    piston: null,
    tool: 'micrometer',
    when: 'as_found',
    partC: 20,
    sizesMm: [0.25, 0.5],
    holdCentre: false,
    crossHatch: 'yes',
    note: null,
  })
const proposed = (...log: Entry[]) =>
  proposeLines(
    log,
    assess(file(log, { facts: { bore: 'iron' }, spec: [figureOf('bore_wear_max', 0.1, 'mm')] })).newest.bore,
  )

describe('from what was found to lines', () => {
  it('a part for each to be replaced with its reason, outwork for each to be machined, nothing for the rest', () => {
    expect(
      proposed(
        part('rod', 'replace', ['smeared']),
        part('head', 'machine', ['warped']),
        part('key', 'reuse'),
        part('seals', 'unknown'),
      ).map(l => `${l.type}: ${l.text} (${l.why})`),
    ).toEqual(['part: Rod and big end (smeared)', 'outwork: Head and its face (light under the straight edge)'])
  })
  it('what runs together is renewed together', () => {
    expect(proposed(part('cam', 'replace', ['lobe'])).map(l => l.text)).toEqual([
      'Cam and its bearings',
      'Followers, with the cam',
    ])
    expect(proposed(part('cam', 'machine', ['lobe']))).toHaveLength(1)
    // what is condemned by itself is not proposed a second time as the other's pair
    expect(proposed(part('cam', 'replace', ['lobe']), part('rockers', 'replace', ['tip'])).map(l => l.text)).toEqual([
      'Cam and its bearings',
      'Rockers and followers',
    ])
  })
  it('a bore past its limit brings its size, its piston and the boring, once', () => {
    expect(
      proposed(part('piston', 'replace', ['scuffed']), part('cylinder', 'machine', ['nail']), bore(52.17)).map(
        l => l.text,
      ),
    ).toEqual(['Piston and rings +0.5', 'Bore and hone to +0.5'])
    expect(proposed(part('piston', 'replace', ['scuffed']), bore(52.03)).map(l => l.text)).toEqual(['Piston'])
  })
})
