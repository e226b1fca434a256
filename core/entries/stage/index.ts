import { forbidding } from '../../judgement'
import type { Room } from '../room'

export const room: Room<'stage'> = {
  name: 'stage',
  stage: null,
  // building and proving are done when nothing is owed and nothing stands against running it
  refuse({ body: { stage, state } }, { stops, owed }) {
    if (state !== 'done' || (stage !== 'build' && stage !== 'prove')) return null
    const standing = [
      ...forbidding(stops, stage === 'build' ? 'build' : 'run').map(s => s.title),
      ...owed.map(o => o.text),
    ]
    return standing.length ? { message: `Not done yet: ${standing.slice(0, 6).join('; ')}.` } : null
  },
}
