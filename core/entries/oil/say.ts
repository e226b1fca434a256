import { quantityText, shownIn } from '../../units/unitRound'
import { OIL_COLOURS, OIL_GLITTER, OIL_READ_WHEN, OIL_SMELLS, OIL_THICKNESS, WHERE_GONE } from '../../words/looks'
import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { ShopPolicy } from '../../engine/policy'
import type { OilBody } from './schema'

/** One line of the log. */
export function say(body: OilBody, { policy }: Saying): Said {
  return {
    title: 'Oil',
    text: withNote([oilReadingText(body, policy), ...oilConditionWords(body)].join(', '), body.note),
  }
}

function oilReadingText({ reading }: OilBody, policy: ShopPolicy): string {
  if (reading.by === 'dry') return 'dry, nothing shows'
  if (reading.by === 'scale') return `${reading.mm} mm on the stick`
  if (reading.by === 'volume') {
    const { value, unit } = reading.amount
    const own = quantityText(value, unit)
    return unit === policy.volumeUnit ? `${own} drained` : `${own} (${shownIn(value, unit, policy.volumeUnit)}) drained`
  }
  const pct = Math.round(reading.pct)
  if (pct < 0) return `${-pct} % of the mark gap below low`
  return pct > 100 ? `${pct - 100} % of the mark gap over full` : `${pct} % of the way from low to full`
}

function oilConditionWords({ colour, thickness, smell, glitter, whereGone, history, readWhen }: OilBody): string[] {
  return [
    readWhen && OIL_READ_WHEN[readWhen].toLowerCase(),
    history && (history === 'known' ? 'what it is, is known' : 'nobody knows what it is'),
    colour && OIL_COLOURS[colour].toLowerCase(),
    thickness && thickness !== 'normal' ? OIL_THICKNESS[thickness].toLowerCase() : null,
    smell && (smell === 'not_smelt' ? 'not smelt' : `smells ${OIL_SMELLS[smell].toLowerCase()}`),
    whereGone && `went: ${WHERE_GONE[whereGone].toLowerCase()}`,
    glitter && glitter !== 'none' ? `glitter: ${OIL_GLITTER[glitter].toLowerCase()}` : null,
  ].filter((word): word is string => Boolean(word))
}
