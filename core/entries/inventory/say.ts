import type { Said } from '../../log/saying'
import type { InventoryBody } from './schema'

/** One line of the log. */
export function say(body: InventoryBody): Said {
  return {
    title: 'In pieces',
    text: [
      body.here.length && `here: ${body.here.join(', ')}`,
      body.missing.length && `missing: ${body.missing.join(', ')}`,
      body.from && `from ${body.from}`,
    ]
      .filter(Boolean)
      .join('; '),
  }
}
