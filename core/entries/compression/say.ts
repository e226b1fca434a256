import { COMPRESSION_FEELS, RELEASE_STATES } from '../../words/looks'
import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { CompressionBody } from './schema'

/** One line of the log. */
export function say(body: CompressionBody, { read, policy }: Saying): Said {
  const { dry, wet, feel, throttleOpen, pulls, temperature, release } = body
  const figures = [
    dry && `dry ${read(dry, policy.pressureUnit)}`,
    wet && `wet ${read(wet, policy.pressureUnit)}`,
    feel && `by feel ${COMPRESSION_FEELS[feel].toLowerCase()}`,
  ].filter(Boolean)
  const method = dry
    ? [
        throttleOpen ? 'throttle open' : 'throttle shut',
        pulls !== null && `${pulls} pulls`,
        temperature,
        RELEASE_STATES[release],
      ]
        .filter(Boolean)
        .join(', ')
    : ''
  return {
    title: 'Compression',
    text: withNote(`${figures.join(', ')}${method ? `; ${method}` : ''}`, body.note),
  }
}
