import { boreText } from './judge'
import { TOOLS } from '../../measure/tools'
import { BORE_WHEN, SCORE_SIDES } from '../../words/opened'
import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { BoreBody } from './schema'

/** One line of the log. */
export function say(body: BoreBody, { read }: Saying): Said {
  return {
    title: `Bore ${BORE_WHEN[body.when].toLowerCase()}`,
    text: withNote(
      `${boreText(body)}${body.piston ? `; piston ${read(body.piston, body.piston.unit)}` : ''}${body.scoreDepth ? `; score ${read(body.scoreDepth, body.scoreDepth.unit)} deep${body.scoreSide ? `, ${SCORE_SIDES[body.scoreSide].toLowerCase()}` : ''}` : ''}${body.pistonInHand ? `; piston in hand ${read(body.pistonInHand, body.pistonInHand.unit)}` : ''}${body.noBefore ? `; not measured before honing: ${body.noBefore}` : ''}, ${TOOLS[body.tool].label}`,
      body.note,
    ),
  }
}
