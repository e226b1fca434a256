import type { Judgement, Mark } from '../../judgement'
import { LEAK_SITES } from '../../words/looks'
import type { LeakSite, LeaksBody } from './schema'
import type { Logged } from '../../log/entry'

const LEAK_ORDER = ['dry', 'residue', 'trail', 'wet'] as const

const LEAK_MARKS: Record<LeakSite['state'], Mark> = { dry: 'good', residue: 'good', trail: 'near', wet: 'past' }

/** Where oil comes out. A cake of old residue is the mark of age, not of a leak. */
export function judgeLeaks(entry: Logged<LeaksBody>): Judgement {
  const { sites, look } = entry.body
  const worst = [...sites].sort((a, b) => LEAK_ORDER.indexOf(b.state) - LEAK_ORDER.indexOf(a.state))[0]
  const wet = sites.filter(s => s.state === 'wet' || s.state === 'trail')
  const details: string[] = []
  if (wet.length && look === 'as_found')
    details.push('Clean it, run it, look again: where it starts is the leak, the rest is where it ran.')
  if (wet.some(s => s.site === 'breather'))
    details.push('Oil at the breather: overfilled or blow-by, before any gasket.')
  if (wet.some(s => s.site === 'sump')) details.push('Sump joint wet: try its bolts first, they work loose.')
  if (wet.some(s => s.site === 'top_seal'))
    details.push('Behind the flywheel: the seal shows only with the flywheel off.')
  if (wet.some(s => s.site === 'carburettor' || s.site === 'tank'))
    details.push('Fuel, not oil: shut it off, no sparks, air the room. Smell the engine oil.')
  if (wet.some(s => s.site === 'bottom_seal'))
    details.push('At the shaft: look for a bent crank or a blade that hit something before a seal is fitted.')
  if (!wet.length)
    details.push(
      sites.some(s => s.state === 'residue') ? 'Old residue only: usual for its age.' : 'Dry where it was looked at.',
    )
  const names = wet.map(s => LEAK_SITES[s.site].toLowerCase())
  return {
    entryId: entry.id,
    mark: worst ? LEAK_MARKS[worst.state] : 'open',
    headline: names.length ? `Leaks: ${names.join(', ')}` : sites.length ? 'No leak found' : 'Leaks not looked at',
    details,
  }
}
