import { quantityText } from '../../units/unitRound'
import { AMOUNT_WORDS, DEBRIS_PLACES, MATERIAL_WORDS } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { DebrisBody } from './schema'

/** One line of the log. */
export function say(body: DebrisBody): Said {
  const items = body.items.map(
    i =>
      `${MATERIAL_WORDS[i.material].toLowerCase()}, ${AMOUNT_WORDS[i.amount].toLowerCase()}${i.magnet ? `, the magnet ${i.magnet} it` : ''}${i.largestUm === null ? '' : `, largest ${quantityText(i.largestUm / 1000, 'mm').replace(/\.?0+ /, ' ')}`}`,
  )
  const hours = body.hoursSinceOil === null ? 'hours on the oil not known' : `${body.hoursSinceOil} h on the oil`
  const since = [
    body.hoursSinceRebuild !== null && `${body.hoursSinceRebuild} h`,
    body.kmSinceRebuild != null && `${body.kmSinceRebuild} km`,
    body.monthsSinceRebuild != null && `${body.monthsSinceRebuild} months`,
  ].filter(Boolean)
  return {
    title: 'Debris',
    text: withNote(
      `${DEBRIS_PLACES[body.place]}: ${items.join('; ') || 'nothing found'}; ${hours}${since.length ? `; ${since.join(', ')} since new or rebuilt` : ''}`,
      body.note,
    ),
  }
}
