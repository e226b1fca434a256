import type { Judgement, Mark } from '../../judgement'
import type { FactDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import { moneyText, toMajor } from '../../units/money'
import { quantityText, shownIn } from '../../units/unitRound'
import { FOUND_TIGHT } from '../../words/looks'
import type { JobFile } from '../file'
import type { FastenersBody } from './schema'

type Found = NonNullable<FastenersBody['found']>[number]

/** As it was found it holds nothing. */
const SLACK: readonly Found['state'][] = ['loose', 'finger', 'missing', 'broke']

const hours = (minutes: number): string => `${(minutes / 60).toFixed(1)} h`

/** Minutes past what this kind of thing usually takes, and what they cost at the shop's rate; null where nobody said what is usual. */
export function overrun(
  { minutes, usualMinutes }: FastenersBody,
  rateMinor: number,
): { minutes: number; costMinor: number } | null {
  if (minutes === null || usualMinutes == null || minutes <= usualMinutes) return null
  const over = minutes - usualMinutes
  return { minutes: over, costMinor: Math.round((over * rateMinor) / 60) }
}

/** What a joint told as it was undone: what was loose, what it took beyond the usual. */
export function judgeFasteners(entry: Logged<FastenersBody>, { policy }: JobFile): Judgement {
  const { cover, out, back, stuck, minutes, broke, found = [] } = entry.body
  const slack = found.filter(f => SLACK.includes(f.state))
  const over = overrun(entry.body, policy.labourRateMinor)
  const missing = back !== null && back < out
  const mark: Mark = missing ? 'past' : slack.length || over || broke ? 'near' : back === null ? 'open' : 'good'
  const money = (minor: number): string => moneyText(toMajor(minor, policy.currency), policy.currency, true)
  const torque = ({ where, torque: t }: Found): string | null =>
    t &&
    `${where}: came loose at ${quantityText(t.value, t.unit)}${t.unit === 'N.m' ? '' : ` (${shownIn(t.value, t.unit, 'N.m')})`}`
  return {
    entryId: entry.id,
    mark,
    headline: `${cover}: ${out} out${back === null ? '' : `, ${back} back`}${slack.length ? `, found ${[...new Set(slack.map(f => FOUND_TIGHT[f.state].toLowerCase()))].join(' and ')}` : ''}`,
    details: [
      ...slack.map(
        f =>
          `${f.where}: ${FOUND_TIGHT[f.state].toLowerCase()} as found. Cause or consequence? Look at its thread and its mate.`,
      ),
      ...found
        .map(torque)
        .filter(t => t !== null)
        .map(t => `${t}.`),
      ...(over
        ? [
            `${hours(minutes ?? 0)}, usually ${hours((minutes ?? 0) - over.minutes)}: ${hours(over.minutes)} more, ${money(over.costMinor)}. It is learnt for the next one.`,
          ]
        : []),
      ...(stuck.length && !over && minutes !== null ? [`It took ${hours(minutes)}.`] : []),
      ...(broke ? [`Broke: ${broke}. A tool that breaks is the shop's own cost.`] : []),
    ],
  }
}

/** How a joint was as it was undone. */
export const foundFacts = ({ cover, found = [] }: FastenersBody): FactDraft[] =>
  found.length
    ? [
        {
          subject: `cover:${cover.trim().toLowerCase()}`,
          property: 'tight',
          mark: found.some(f => SLACK.includes(f.state)) ? 'past' : 'good',
          whose: 'looked',
          value: found.map(f => `${f.where} ${FOUND_TIGHT[f.state].toLowerCase()}`).join(', '),
        },
      ]
    : []
