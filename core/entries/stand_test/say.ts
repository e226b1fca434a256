import { judgeStand, leakRate, standHours } from './judge'
import type { StandState } from './judge'
import { SEEN } from '../../words/looks'
import type { Said, Saying } from '../../log/saying'
import type { StandTestBody } from './schema'

/** One line of the log. */
export function say(body: StandTestBody, { read, policy }: Saying): Said {
  const rate = leakRate(body)
  const caught =
    body.caught && body.caught.value > 0
      ? `, ${read(body.caught, policy.volumeUnit)} caught${rate === null ? '' : `, ${rate.toFixed(1)} mL an hour`}`
      : ''
  return { title: 'Stand test', text: `${standText(body)}${caught}` }
}

function standText(body: StandTestBody): string {
  const hours = standHours(body)
  const spent =
    hours === null ? '' : ` after ${Math.floor(hours)} h ${String(Math.floor((hours % 1) * 60)).padStart(2, '0')}`
  return `${STAND_WORDS[judgeStand(body)]}${spent}, at least ${body.minimumHours} h asked${body.seen ? `, paper ${SEEN[body.seen].toLowerCase()}` : ''}`
}

const STAND_WORDS: Record<StandState, string> = {
  running: 'running',
  passed: 'passed',
  too_short: 'too short',
  leaked: 'failed, fuel came through',
}
