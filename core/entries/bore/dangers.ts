import type { FactDraft, HazardStart } from '../../log/facts'
import type { BoreJudgement } from './judge'

/** The bore's own size and the piston's fit in it, told apart: new rings do nothing for either. */
export function boreFacts(judged: BoreJudgement): FactDraft[] {
  const value = `${judged.headline.charAt(0).toLowerCase()}${judged.headline.slice(1)}`
  return [
    {
      subject: 'cylinder',
      property: 'size',
      mark: judged.sizeMark,
      whose: judged.sizeMark === 'past' ? 'maker' : 'rule_of_thumb',
      value,
    },
    ...(judged.score
      ? [
          {
            subject: 'cylinder',
            property: 'score',
            mark: judged.score.condemned ? ('past' as const) : ('near' as const),
            whose: 'looked' as const,
            value: `a score of ${judged.score.depthMm.toFixed(2)} mm${judged.score.condemned ? ' that no size cut in it clears' : ''}`,
          },
        ]
      : []),
    ...(judged.unsold && (judged.sizeMark === 'past' || judged.score)
      ? [
          {
            subject: 'cylinder',
            property: 'oversize',
            mark: 'open' as const,
            whose: 'looked' as const,
            value: 'which oversizes are sold is not known',
          },
        ]
      : []),
    ...(judged.fitMark
      ? (['piston', 'cylinder'] as const).map(subject => ({
          subject,
          property: 'fit',
          mark: judged.fitMark ?? 'open',
          whose: 'maker' as const,
          value,
        }))
      : []),
  ]
}

export function boreHazards(judged: BoreJudgement): HazardStart[] {
  if (!judged.fitMark || (judged.fitMark !== 'past' && judged.fitMark !== 'near')) return []
  if (judged.binds)
    return [
      {
        hazard: 'no_fit',
        property: 'fit',
        subject: 'piston',
        why: 'The piston is as large as its bore or larger: nothing goes together like that.',
        told: judged.fitMark === 'near',
      },
    ]
  return [
    {
      hazard: 'piston_slap',
      subject: 'piston',
      why: `${judged.headline}: the skirt is loose past its limit, it slaps and breaks.`,
      told: judged.fitMark === 'near',
    },
  ]
}
