import { z } from 'zod'
import { idText, optionalText } from '../../schema/words'

export const schema = z.strictObject({
  photoId: idText('Photo'),
  caption: optionalText('Words under the photo', 300),
  about: optionalText('Part it shows', 80),
  width: z.number().int().min(1).max(20000),
  height: z.number().int().min(1).max(20000),
})

/** the part it shows, with its place: `rod` or `piston:2` */
export interface PhotoBody extends z.infer<typeof schema> {}
