import type { EstimateLine } from '../job/entries'
import type { Way } from '../job/vocabulary'

/** A line to begin with; a null figure is for the technician to fill in. */
export type StarterLine = Pick<EstimateLine, 'type' | 'text' | 'chance'> & { low: number | null, likely: number | null, high: number | null }
export interface Starter { name: string, lines: StarterLine[], successChance: number, hoursOk: number, hoursFail: number }

const hours = (type: 'labour' | 'risk', text: string, low: number, likely: number, high: number, chance = 1): StarterLine => ({ type, text, chance, low, likely, high })
const price = (type: 'part' | 'sale' | 'charge', text: string, chance = 1): StarterLine => ({ type, text, chance, low: null, likely: null, high: null })

/** What each way usually begins with. Hours, chances and running hours are a rule of thumb (shop judgement), all editable. */
export const STARTERS: Record<Way, Starter> = {
  adjust: { name: 'Clean and adjust', lines: [hours('labour', 'Clean, adjust, test', 0.4, 0.6, 1)], successChance: 0.9, hoursOk: 150, hoursFail: 5 },
  repair: { name: 'Repair', lines: [hours('labour', 'Repair and test', 1, 1.5, 3), hours('risk', 'Stuck fasteners', 0.3, 0.7, 2, 0.2)], successChance: 0.85, hoursOk: 200, hoursFail: 10 },
  rebuild: { name: 'Rebuild', lines: [hours('labour', 'Strip, wash, build', 5, 6.5, 9), price('part', 'Gasket and seal set'), hours('risk', 'Stuck fasteners', 0.3, 0.8, 2, 0.35)], successChance: 0.85, hoursOk: 400, hoursFail: 20 },
  new_engine: { name: 'New engine in this frame', lines: [price('part', 'Engine'), hours('labour', 'Swap and set up', 1.5, 2, 3.5)], successChance: 0.95, hoursOk: 600, hoursFail: 30 },
  part_out: { name: 'Part out', lines: [hours('labour', 'Strip, test, label', 0.5, 1, 1.5), price('sale', 'Parts that sell', 0.7)], successChance: 1, hoursOk: 0, hoursFail: 0 },
  scrap: { name: 'Scrap', lines: [price('sale', 'Scrap metal'), price('charge', 'Haulage')], successChance: 1, hoursOk: 0, hoursFail: 0 },
}
