import type { JobFile } from '../entries/file'
import { ratioText } from '../mix/mixPlan'
import { schoolOf } from '../engine/schools'
import { shownIn } from '../units/unitRound'
import { oilIntervals } from '../oil/oilIntervals'
import { fillMarks, hasSump } from '../oil/fillMarks'
import { tiltGuide } from '../oil/tiltGuide'
import { HAND_HELD } from '../engine/words'

const READ: Record<string, string> = {
  stick_screwed: 'Machine level and cold. Wipe the stick, screw it right in, take it out, read it.',
  stick_resting: 'Machine level and cold. Wipe the stick, rest it on its thread without screwing, read it.',
  window: 'Machine upright, not on its stand, some minutes after it ran. Look straight at the glass.',
  drained: 'It has nothing to read: have it drained and measured at the shop.',
  none: '',
  unknown: 'Machine level and cold. Wipe the stick first.',
}

const FLAT = 'Engine off and cool, tank lying flat on the bench. Cap off: the oil stands at the bottom of the thread.'

/** How the owner checks and fills this machine, in plain sentences, from its own figures. */
export function careText({
  machineKind,
  facts,
  spec,
  fill,
  policy,
}: Pick<JobFile, 'machineKind' | 'facts' | 'spec' | 'fill' | 'policy'>): string[] {
  const show = (ml: number): string => shownIn(ml, 'mL', policy.volumeUnit)
  if (!hasSump(facts)) {
    const lines =
      facts.oiling === 'injection'
        ? ["Oil has its own tank: look at it with every filling. Don't mix oil into the fuel unless the maker says so."]
        : []
    if (facts.oiling === 'premix')
      lines.push(
        facts.mixRatio
          ? `Mix ${ratioText(facts.mixRatio)}: ${show(1000 / facts.mixRatio)} of two-stroke oil for each litre of fuel, never less oil.`
          : 'Mix as the maker says: it stands on the tank cap or in the book. Never less oil.',
      )
    return [
      ...lines,
      'Fresh fuel only: a can of mix keeps a month, less in heat. Shake it before pouring.',
      'Write ratio and date on the can.',
      'Never fill a hot or running engine.',
    ]
  }
  const own = schoolOf(policy, 'which_oil') === 'shop' && policy.ownOil
  const marks = fillMarks(facts, spec, fill)
  // a hand-held four-stroke shows its oil at the thread, its tank lying flat
  const flat = HAND_HELD.includes(machineKind)
  const lines = [flat ? FLAT : (READ[facts.oilShows] ?? '')]
  if (marks) {
    const takes = marks.capacitySource !== 'rule_of_thumb'
    const known = marks.source !== 'rule_of_thumb'
    if (flat && takes)
      lines.push(`Lay the tank flat and fill to the bottom of the thread: ${show(marks.capacityMl)}, no more.`)
    else
      lines.push(
        takes
          ? `It takes ${show(marks.capacityMl)} in all${known ? `, ${show(marks.lowMl)} at the low mark and ${show(marks.fullMl)} at the full mark. Between the marks lie ${show(marks.fullMl - marks.lowMl)}: never pour that much at once without reading again.` : '. Fill in small portions and read again.'}`
          : 'Fill in small portions and read again: how much it takes is not on record.',
      )
  }
  lines.push(
    own
      ? `This shop fills ${policy.ownOil}; the grade on its label or in its book holds above it.`
      : 'Oil: the grade on its label or in its book.',
    'Never above the top mark: the surplus goes through the breather and smokes.',
    "A level that rises by itself is fuel. Don't start it; call us.",
  )
  const { hours, km, months, hoursSay } = oilIntervals({ spec, facts })
  const every = [
    km && `${km.value.toLocaleString('en-GB')} km`,
    hours && hoursSay && `${hours.value} hours${hours.source === 'rule_of_thumb' ? ' (rule of thumb)' : ''}`,
    months && `${months.value} months`,
  ].filter(Boolean)
  if (every.length)
    lines.push(
      `Change all of the oil every ${every.join(' or ')}${every.length > 1 ? ', whichever comes first' : ''}, never only top it up. Waste oil to the collection point.`,
    )
  const tilt = tiltGuide(machineKind, facts)
  lines.push(`To lay it down: ${tilt.best} Never ${tilt.never.charAt(0).toLowerCase()}${tilt.never.slice(1)}`)
  return lines.filter(Boolean)
}

/** What a new machine is checked for before it goes out: many come from the crate nearly dry. */
export const PRE_DELIVERY: readonly string[] = [
  'Drain or read what is in it: a crate machine may hold a glassful.',
  'Fill to the mark with the right oil; read again after five minutes.',
  'Run one minute, stop, read again, top up.',
  'Tag it: oil filled, by whom, when.',
]
