import { z } from 'zod'
import { figureIn } from '../../schema/quantities'
import { longText, shortText } from '../../schema/words'

const must = (message: string) => z.literal(true, { error: message })

export const schema = z.strictObject({
  minutes: figureIn('Minutes', 0.5, 15, 'min'),
  why: shortText('What it is to show', 300),
  shield: must('A shield stands between it and everybody: tick it, or it is not run.'),
  distance: must('Whoever runs it stands off to the side, at a distance: tick it.'),
  nobodyNear: must('Nobody else near: tick it.'),
  noLoad: must('Blade, belt or chain off, no load: tick it.'),
  second: shortText('The second person', 80),
  shown: longText('What it showed'),
})

/** A short run by the shop alone, for minutes named before, to see or hear once more or to prove a cure. */
export interface TrialBody extends z.infer<typeof schema> {}
