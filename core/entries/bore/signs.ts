import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { BoreBody } from './schema'

/** A score that was measured is the scored bore that others only see; one that nobody measured says nothing here. */
export const signs = ({ body }: Logged<BoreBody>): SignDraft[] =>
  body.scoreDepth ? [['bore_scored_seen', body.scoreDepth.value > 0]] : []
