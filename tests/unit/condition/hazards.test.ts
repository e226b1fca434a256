import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { answerable } from '#core/condition/answerable'
import { HAZARD_ROWS } from '#core/condition/hazardRows'
import type { Entry } from '#core/entries/types'
import type { Act } from '#core/log/facts'
import { ACTS } from '#core/log/facts'
import { heldBack } from '#core/next/allowed'
import { CHECKS } from '#core/catalogue'
import { entry, figureOf, file, oil, SHEET, terms } from '../job/file'
import { check, done, fluid, part, seen, size, stick, turned, work } from './log'

const SPECS = [...SHEET, figureOf('rod_play_max', 0.06, 'mm')]
const judged = (log: Entry[]) => assess(file(log, { spec: SPECS } as never))
const stops = (log: Entry[]): string[] => judged(log).stops.map(s => s.id)

interface Story {
  danger: string
  acts: Act[]
  start: Entry[]
  /** each of these alone leaves it standing */
  not: [string, Entry[]][]
  /** one after the other */
  end: Entry[]
}
const knocks = check('listen', ['knock_load'])
const jet = part('jet', 'clean', ['blocked'])
const tap = (state: 'there' | 'put_right'): Entry =>
  entry('modification', { what: 'oil_tap', state, where: 'return line', note: null } as never, seen)
const filter = (state: string): Entry =>
  entry('air_filter', { filter: state, housing: 'tight', note: null } as never, seen)

const away = entry('event', { what: 'ran_away', words: null, since: null } as never, seen)

const STORIES: Story[] = [
  {
    danger: 'ran_away:engine',
    acts: ['run'],
    start: [away],
    not: [['a repair that answers something else', [work('repaired', ['seals'])]]],
    end: [work('repaired', ['seals'], [away.id])],
  },
  {
    danger: 'rod_broken',
    acts: ['turn', 'crank'],
    start: [part('rod', 'replace', ['broken'])],
    not: [['renewed, and not measured', [work('renewed', ['rod'])]]],
    end: [work('renewed', ['rod']), size('rod_play', 0.02)],
  },
  {
    danger: 'locked_plug_in',
    acts: ['turn', 'crank'],
    start: [turned('locked', true)],
    not: [
      ['naming a cause', [entry('cause_found', { cause: null, words: 'seized', proof: 'suspected' } as never, done)]],
      ['trying again, plug in', [turned('locked', true)]],
    ],
    end: [turned('normal', false)],
  },
  {
    danger: 'knock',
    acts: ['run', 'load', 'hand_back'],
    start: [knocks],
    not: [
      ['measuring without a repair', [check('rock', [], ['rod_slack'])]],
      ['suspecting', [entry('cause_found', { cause: null, words: 'rod', proof: 'suspected' } as never, done)]],
      ['a repair without its proof', [work('renewed', ['rod'])]],
      ['a repair of something else', [work('renewed', ['clutch'])]],
    ],
    end: [work('renewed', ['rod'], [knocks.id]), check('listen', [], ['knock_load'])],
  },
  {
    danger: 'passage_blocked:jet',
    acts: ['run', 'build'],
    start: [jet],
    not: [
      ['cleaned, and not seen through', [work('cleaned', ['jet'])]],
      ['seen through before it was cleaned', [part('jet', 'reuse')]],
    ],
    end: [work('cleaned', ['jet']), part('jet', 'reuse')],
  },
  {
    danger: 'oil_low',
    acts: ['run'],
    start: [oil({ by: 'volume', amount: { value: 150, unit: 'mL' } })],
    not: [
      ['topped up and not said where it went', [stick(90)]],
      ['said where it went, and nothing put in', [work('explained', ['oilway'])]],
    ],
    end: [stick(90, { whereGone: 'leaked' })],
  },
  {
    danger: 'oil_tap',
    acts: ['run'],
    start: [tap('there')],
    not: [['oil that is full', [fluid('drained'), fluid('filled')]]],
    end: [tap('put_right')],
  },
  {
    danger: 'filter_off',
    acts: ['load', 'hand_back'],
    start: [filter('missing')],
    not: [['plug looked at', [check('spark', [], ['spark_none'])]]],
    end: [filter('sound')],
  },
  {
    danger: 'flywheel',
    acts: ['crank', 'run'],
    start: [part('key', 'replace', ['sheared'])],
    not: [['only looked at again', [check('key', [], ['key_sheared'])]]],
    end: [work('renewed', ['key'])],
  },
  {
    danger: 'piston_broken',
    acts: ['crank', 'run'],
    start: [part('piston', 'replace', ['hole'])],
    not: [['renewed, its fit not measured', [work('renewed', ['piston'])]]],
    end: [],
  },
]

describe('dangers of the table', () => {
  it.each(STORIES)(
    '$danger: starts, is ended by nothing else, and ends by its steps',
    ({ danger, acts, start, not, end }) => {
      const [stop] = judged(start).stops.filter(s => s.id === danger)
      expect(stop, 'starts').toBeDefined()
      expect(stop?.forbids).toEqual(expect.arrayContaining(acts))
      for (const [name, log] of not) expect(stops([...start, ...log]), name).toContain(danger)
      if (!end.length) return
      expect(stops([...start, ...end]), 'ends').not.toContain(danger)
      // in their order: the last step alone is no end where there are two
      if (end.length > 1) expect(stops([...start, ...end.slice(1)]), 'proof before repair').toContain(danger)
    },
  )

  it('what was repaired and comes back begins anew', () => {
    const mended = [knocks, work('renewed', ['rod'], [knocks.id]), check('listen', [], ['knock_load'])]
    expect(stops([...mended, check('listen', ['knock_load'])])).toContain('knock')
  })

  it('a play past its limit is a danger by itself, however it was taken; what was only told is asked after', () => {
    expect(stops([size('rod_play', 0.2)])).toContain('knock')
    // past a rule of thumb, with no limit of the maker's: look first
    expect(stops([size('crank_runout', 0.4)])).toEqual([])
    expect(judged([size('crank_runout', 0.4)]).asked.map(s => s.id)).toEqual(['crank_bent'])
    expect(stops([size('rod_play', 0.02)])).toEqual([])
    const told = judged([entry('event', { what: 'hit', words: null, since: null } as never, { how: 'claimed' })])
    expect(told.stops).toEqual([])
    expect(told.asked.map(s => s.subject)).toEqual(['crank'])
  })

  it('every row names acts that there are, and ends somehow', () => {
    for (const [key, row] of Object.entries(HAZARD_ROWS)) {
      expect(row.ends.every(way => way.length > 0) && row.ends.length > 0, key).toBe(true)
      expect(row.forbids.every(a => a in ACTS) && row.forbids.length > 0, key).toBe(true)
    }
  })

  it('nothing is signed away for a child', () => {
    const tapped = tap('there')
    const ridden = terms(null, null)
    const child = { ...ridden, body: { ...ridden.body, useClass: 'child' } } as Entry
    expect(judged([tapped]).stops[0]?.canSign).toBe(true)
    expect(judged([child, tapped]).stops[0]?.canSign).toBe(false)
  })

  it('what is forbidden is not offered: no running check under a knock, no compression look under a broken piston', () => {
    const knocking = judged([knocks]).stops
    const offered = CHECKS.filter(c => !heldBack(c, knocking))
    expect(offered.some(c => c.runs)).toBe(false)
    expect(offered.map(c => c.id)).toContain('compression')
    const broken = [turned('normal', false), part('piston', 'replace', ['hole'])]
    expect(judged(broken).next.map(n => n.id)).not.toContain('compression')
    expect(judged(broken.slice(0, 1)).next.map(n => n.id)).toContain('compression')
  })

  it('work can answer the findings that brought a danger up, and no others', () => {
    const sound = check('spark', [], ['spark_none'])
    expect(Object.keys(answerable(judged([sound, knocks])))).toEqual([knocks.id])
  })
})
