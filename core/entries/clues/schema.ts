import { z } from 'zod'
import { figureIn } from '../../schema/quantities'
import { keyOf, longText, nullable } from '../../schema/words'
import { EARLIER_HANDS, OUTSIDE_CLUES } from '../../words/counter'

export const schema = z.strictObject({
  outside: z.array(keyOf(OUTSIDE_CLUES, 'Clue')).max(20),
  hands: z.array(keyOf(EARLIER_HANDS, 'Sign')).max(20),
  ageYears: nullable(figureIn('Age', 0, 150, 'years')),
  note: longText('Note'),
})

/** of the machine, as far as anybody knows */
export interface CluesBody extends z.infer<typeof schema> {}
