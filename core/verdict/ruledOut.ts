import type { Entry } from '../job/entries'
import { latest } from '../job/entries'
import { FIT_KEYS, REST_KEYS } from '../job/judgeRest'
import type { EngineFacts } from '../job/jobFile'
import type { Way } from '../job/vocabulary'
import { FIT_ITEMS, REPOWERING, REST_CARRIERS, REST_ITEMS } from '../job/vocabulary'
import type { BoreJudgement } from '../measure/judgeMeasure'
import type { Stop } from '../judgement'
import { condemned } from '../teardown/judgePart'
import { partName } from '../teardown/parts'

export interface Ruling { inForce: Entry[], facts: EngineFacts, bore: BoreJudgement | null, stops: Stop[], /** marks of the sizes, by what was measured */ pastSizes: string[] }

const list = (words: string[]): string => words.slice(0, 3).join(', ')

/**
 * Why a way can't be gone, by what was found, measured or looked at; null where nothing speaks against it. Shown with the way, greyed,
 * never taken off the list.
 */
export function ruledOutBy(way: Way, { inForce, facts, bore, stops, pastSizes }: Ruling): string | null {
  if (way === 'wait') {
    const running = stops.filter(s => !s.signed && !['cause', 'tip', 'spend'].includes(s.id))
    return running.length ? `it must not be run: ${running.map(s => s.title.toLowerCase()).slice(0, 1).join('')}` : null
  }
  if (way === 'adjust') {
    const gone = condemned(inForce).map(p => partName(p.body.part, p.body.place).toLowerCase())
    return gone.length ? `condemned: ${list(gone)}` : null
  }
  if (way === 'rings') {
    if (bore?.mark === 'past') return 'the bore is past its limit: new rings would not seal in it'
    return pastSizes.includes('ring_side') ? 'the ring groove is worn: new rings would break their lands' : null
  }
  if (way === 'rebore') {
    const status = bore?.oversize?.status
    if (facts.bore === 'plated') return 'a plating is never bored'
    if (status === 'no_option') return 'no size that is sold cleans the bore up'
    if (status === 'sleeve_or_replace') return 'this bore is sleeved or renewed, not bored'
    return null
  }
  if (way === 'rebuild') return facts.head === 'integral' && bore?.mark === 'past' && bore.oversize?.status !== 'ok' ? 'head and block are one piece and the bore is past its limit' : null
  if (!REPOWERING.includes(way)) return null
  const rest = latest(inForce, 'rest_check')?.body
  const bad = rest ? REST_CARRIERS.filter(k => rest[k] === 'bad') : []
  if (bad.length) return `the rest is not worth an engine: ${list(bad.map(k => REST_ITEMS[k].toLowerCase()))}`
  const fit = latest(inForce, 'fit_check')?.body
  const no = fit ? FIT_KEYS.filter(k => fit[k] === 'no') : []
  return no.length ? `it does not fit: ${list(no.map(k => FIT_ITEMS[k].toLowerCase()))}` : null
}

/** What nobody has looked at yet and a way rests on. */
export function unlooked(way: Way, { inForce, bore }: Pick<Ruling, 'inForce' | 'bore'>): string[] {
  const doubts: string[] = []
  if ((way === 'rings' || way === 'rebore') && !bore) doubts.push('The bore was not measured: rings alone are right only where it is within its limits.')
  if (way === 'donor' && !inForce.some(e => (e.kind === 'measure' || e.kind === 'bore') && e.how === 'measured')) doubts.push('Nothing of the donor was measured.')
  if (REPOWERING.includes(way)) {
    const rest = latest(inForce, 'rest_check')?.body
    const open = rest ? REST_KEYS.filter(k => rest[k] === 'not_looked') : []
    if (!rest) doubts.push('The rest of the machine was not looked at: frame, gearbox and drive decide whether it is worth an engine.')
    else if (open.length) doubts.push(`Not looked at: ${open.map(k => REST_ITEMS[k].toLowerCase()).join(', ')}.`)
    const fit = latest(inForce, 'fit_check')?.body
    const unchecked = fit ? FIT_KEYS.filter(k => fit[k] === 'not_checked') : []
    if (!fit) doubts.push('Nobody checked whether another engine fits: shaft, key, bolts, rotation, exhaust.')
    else if (unchecked.length) doubts.push(`Fit not checked: ${unchecked.map(k => FIT_ITEMS[k].toLowerCase()).join(', ')}.`)
  }
  return doubts
}
