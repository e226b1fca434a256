import type { Entry } from '#core/entries/types'
import { entry, oil } from '../job/file'

/** Entries of a log, as short as a test can say them. */
export const done = { how: null } as const
export const seen = { how: 'by_eye' } as const
export const work = (did: string, parts: string[], answers: string[] = []): Entry =>
  entry('work', { did, parts, answers, note: null } as never, done)
export const check = (name: string, found: string[], absent: string[] = []): Entry =>
  entry('check', { check: name, found, absent, skipped: null, note: null }, seen)
export const size = (item: string, value: number): Entry =>
  entry('measure', {
    item,
    place: null,
    when: 'as_found',
    tool: 'dial',
    reads: [{ value, unit: 'mm' }],
    note: null,
    soldMm: [],
  } as never)
export const part = (name: string, disposition: string, found: string[] = []): Entry =>
  entry('part', { part: name, place: null, seen: found, disposition, reason: null, orientation: null } as never, seen)
export const stick = (percent: number, more: object = {}): Entry => oil({ by: 'marks', pct: percent }, more)
export const fluid = (action: 'drained' | 'filled'): Entry =>
  entry('fluid', { action, amount: { value: 0.5, unit: 'L' }, what: null }, done)
export const turned = (feel: string, plugIn: boolean): Entry =>
  entry('turn_over', { feel, plugIn, by: 'rope', note: null } as never, seen)
