import type { Judgement } from '../judgement'
import type { BoreJudgement } from './bore/judge'
import type { CompressionJudgement } from './compression/judge'
import type { DebrisJudgement } from './debris/judge'
import type { MixJudgement } from './mix/judge'
import type { OilJudgement } from './oil/judge'
import type { EntryKind } from './types'

/** Judgements that carry more than words, for what is drawn beside the form. */
interface Drawn {
  bore: BoreJudgement
  compression: CompressionJudgement
  debris: DebrisJudgement
  mix: MixJudgement
  oil: OilJudgement
}

export type JudgementOf<K extends EntryKind> = K extends keyof Drawn ? Drawn[K] : Judgement

/** The newest standing judgement of each kind of finding. */
export type Newest = { [K in EntryKind]?: JudgementOf<K> }
