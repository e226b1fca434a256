import type { EstimateLine } from './estimateLine'
import type { Way } from '../words/deciding'

/** A line to begin with; a null figure is for the technician to fill in. */
export type StarterLine = Pick<EstimateLine, 'type' | 'text' | 'chance'> & {
  low: number | null
  likely: number | null
  high: number | null
}
export interface Starter {
  name: string
  lines: StarterLine[]
  successChance: number
  hoursOk: number
  hoursFail: number
}

const hours = (
  type: 'labour' | 'risk',
  text: string,
  low: number,
  likely: number,
  high: number,
  chance = 1,
): StarterLine => ({ type, text, chance, low, likely, high })
const price = (type: 'part' | 'outwork' | 'sale' | 'charge', text: string, chance = 1): StarterLine => ({
  type,
  text,
  chance,
  low: null,
  likely: null,
  high: null,
})
/** The line that the shop's own counts fill in. */
export const STUCK_LINE = 'Stuck fasteners'

/** What each way usually begins with. Hours, chances and running hours are a rule of thumb (shop judgement), all editable. */
export const STARTERS: Record<Way, Starter> = {
  adjust: {
    name: 'Clean and adjust',
    lines: [hours('labour', 'Clean, adjust, test', 0.4, 0.6, 1)],
    successChance: 0.9,
    hoursOk: 150,
    hoursFail: 5,
  },
  repair: {
    name: 'Repair',
    lines: [hours('labour', 'Repair and test', 1, 1.5, 3), hours('risk', STUCK_LINE, 0.3, 0.7, 2, 0.2)],
    successChance: 0.85,
    hoursOk: 200,
    hoursFail: 10,
  },
  rings: {
    name: 'Rings only',
    lines: [
      price('part', 'Ring set'),
      hours('labour', 'Top end off, deglaze, rings, build', 2, 2.8, 4),
      hours('risk', STUCK_LINE, 0.3, 0.7, 2, 0.2),
    ],
    successChance: 0.75,
    hoursOk: 200,
    hoursFail: 15,
  },
  rebore: {
    name: 'Rebore and oversize',
    lines: [
      price('part', 'Piston and rings, oversize'),
      price('outwork', 'Bore and hone'),
      hours('labour', 'Top end off, fit, build', 2.5, 3.5, 5),
      hours('risk', STUCK_LINE, 0.3, 0.7, 2, 0.2),
    ],
    successChance: 0.88,
    hoursOk: 350,
    hoursFail: 15,
  },
  rebuild: {
    name: 'Rebuild',
    lines: [hours('labour', 'Strip, wash, build', 5, 6.5, 9), hours('risk', STUCK_LINE, 0.3, 0.8, 2, 0.35)],
    successChance: 0.85,
    hoursOk: 400,
    hoursFail: 20,
  },
  donor: {
    name: 'Donor build',
    lines: [
      price('part', 'Donor parts, measured'),
      hours('labour', 'Strip both, wash, build one', 5, 7, 10),
      hours('risk', STUCK_LINE, 0.3, 0.8, 2, 0.35),
    ],
    successChance: 0.75,
    hoursOk: 300,
    hoursFail: 20,
  },
  exchange: {
    name: 'Exchange or short engine',
    lines: [
      price('part', 'Exchange engine'),
      price('charge', 'Freight of the old one'),
      hours('labour', 'Swap, change over, set up', 2, 3, 4.5),
      hours('risk', STUCK_LINE, 0.3, 0.7, 2, 0.2),
    ],
    successChance: 0.93,
    hoursOk: 600,
    hoursFail: 30,
  },
  new_engine: {
    name: 'New engine in this frame',
    lines: [
      price('part', 'Engine'),
      hours('labour', 'Swap and set up', 1.5, 2, 3.5),
      hours('risk', STUCK_LINE, 0.3, 0.7, 2, 0.2),
    ],
    successChance: 0.95,
    hoursOk: 600,
    hoursFail: 30,
  },
  new_machine: {
    name: 'New machine',
    lines: [price('part', 'New machine'), hours('labour', 'Set up, fill, hand over', 0.5, 0.8, 1.5)],
    successChance: 0.98,
    hoursOk: 800,
    hoursFail: 30,
  },
  wait: {
    name: 'Leave and watch',
    lines: [hours('labour', 'Look again at the next service', 0.2, 0.3, 0.5)],
    successChance: 0.6,
    hoursOk: 60,
    hoursFail: 5,
  },
  part_out: {
    name: 'Part out',
    lines: [hours('labour', 'Strip, test, label', 0.5, 1, 1.5), price('sale', 'Parts that sell', 0.7)],
    successChance: 1,
    hoursOk: 0,
    hoursFail: 0,
  },
  scrap: {
    name: 'Scrap',
    lines: [price('sale', 'Scrap metal'), price('charge', 'Haulage')],
    successChance: 1,
    hoursOk: 0,
    hoursFail: 0,
  },
}
