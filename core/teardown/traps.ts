import type { EngineFacts } from '../engine/facts'
import { any, cam, four, pumped, two } from './parts'

interface Trap {
  title: string
  text: string
  fits(facts: EngineFacts): boolean
}

/** What catches people out on the way in. */
const TRAPS: Trap[] = [
  {
    title: 'Cam chain',
    text: 'Wire it up before the cam comes off: it drops into the case and jams at the first turn.',
    fits: cam,
  },
  {
    title: 'Pin clip',
    text: 'Rag in the crankcase mouth first. A clip is used once; eyes covered, it flies.',
    fits: any,
  },
  {
    title: 'Shim and cap',
    text: 'Caps, shims and collets in a marked tray, each with its valve. Compressed springs fly: eyes covered.',
    fits: four,
  },
  {
    title: 'Two-stroke rings',
    text: 'Ends at their pegs, never through a port: press them in with the fingers while the barrel goes on.',
    fits: two,
  },
  {
    title: 'Head and cylinder in one',
    text: 'Valves come out through the bore or the plug side; no head joint to blame.',
    fits: f => f.head === 'integral',
  },
  {
    title: 'Governor arm',
    text: 'Mark arm to shaft before the clamp is loosened: set wrong, it over-speeds and breaks the rod.',
    fits: f => f.governor !== 'none' && four(f),
  },
  {
    title: 'Flywheel nut and key',
    text: 'Puller, never a hammer on the shaft. Some nuts are left-handed: look before you lean.',
    fits: any,
  },
  {
    title: 'Washers and O-rings of the oil way',
    text: 'Count them out and count them in. A washer swapped or left out shuts the way to the head.',
    fits: pumped,
  },
  {
    title: 'Dowels and selector pin',
    text: 'Which half they stay in, written down. Fluid comes out behind the clutch cover even when drained.',
    fits: f => f.clutch === 'wet',
  },
  {
    title: 'Joint faces',
    text: 'Lugs and wood, never a screwdriver in the joint. A levered face is not evidence of a good seal.',
    fits: any,
  },
]

export const trapsOf = (facts: EngineFacts): { title: string; text: string }[] =>
  TRAPS.filter(t => t.fits(facts)).map(({ title, text }) => ({ title, text }))
