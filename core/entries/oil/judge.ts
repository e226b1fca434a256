import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { TIP_PCT, TOP_PCT, fillMarks, positionOf } from '../../oil/fillMarks'
import type { FillMarks } from '../../oil/fillMarks'
import { oilReading, oilVolume } from '../../oil/fillTable'
import { oilAdjust } from '../../oil/oilAdjust'
import { conditionOf } from './condition'
import { oilDilution } from '../../oil/oilDilution'
import type { OilState } from '../../oil/oilSeverity'
import { oilSeverity } from '../../oil/oilSeverity'
import { SPEC_SOURCES } from '../../spec/specValue'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import { WHERE_GONE } from '../../words/looks'
import type { OilBody } from './schema'
import type { Logged } from '../../log/entry'

export interface OilJudgement extends Judgement {
  state: OilState | null
  /** null when the size of the sump is not known */
  volumeMl: number | null
  /** nothing showed, so there is this much or less */
  atMost: boolean
  /** position on the stick: 0 low mark, 100 full mark; null when it was drained or dry */
  positionPct: number | null
  adjust: { action: 'add' | 'drain' | 'none'; amountMl: number } | null
  /** the oil itself must go, whatever its level */
  ruined: boolean
}

const STATE_WORDS: Record<OilState, string> = {
  dangerously_low: 'dangerously low',
  very_low: 'very low',
  low: 'low',
  ok_low: 'in the lower quarter',
  ok: 'between the marks',
  slightly_over: 'slightly over',
  over: 'over full',
  dangerously_over: 'far over full',
}

const STATE_MARKS: Record<OilState, Mark> = {
  dangerously_low: 'past',
  very_low: 'past',
  low: 'near',
  ok_low: 'good',
  ok: 'good',
  slightly_over: 'near',
  over: 'near',
  dangerously_over: 'past',
}

/** An oil reading: level and condition judged apart, then what to do about both. */
export function judgeOil(entry: Logged<OilBody>, file: JobFile): OilJudgement {
  const body = entry.body
  const marks = fillMarks(file.facts, file.spec, file.fill)
  const show = (ml: number): string => shownIn(ml, 'mL', file.policy.volumeUnit)
  const level = levelOf(body, marks, file)
  const condition = conditionOf(body)
  const details: string[] = []
  let adjust: OilJudgement['adjust'] = null

  if (level.state && marks && level.volumeMl !== null) {
    const { lowMl, fullMl, capacityMl } = marks
    const share = Math.round((100 * level.volumeMl) / capacityMl)
    details.push(
      level.atMost
        ? `Nothing on the stick: ${show(level.volumeMl)} or less, under ${share} % of the fill.`
        : `${show(level.volumeMl)}, ${share} % of the fill${overWords(level.volumeMl, capacityMl)}; the marks are ${show(lowMl)} and ${show(fullMl)} (${file.fill ? 'fill table of this machine' : SPEC_SOURCES[marks.source]}).`,
    )
    const over = level.volumeMl > fullMl
    const aim = over ? fullMl : { low: lowMl, middle: (lowMl + fullMl) / 2, top: fullMl }[file.policy.fillAim]
    const inside = level.state === 'ok' || level.state === 'ok_low'
    adjust = inside ? { action: 'none', amountMl: 0 } : oilAdjust({ volumeNowMl: level.volumeMl, targetMl: aim })
    details.push(...advice(adjust, level.atMost, condition.reasons, file, show))
  } else if (body.reading.by === 'dry') {
    details.push(
      "Nothing on the stick. How much that is short can't be said until the fill is known: enter it on the machine.",
    )
  } else if (!marks) {
    details.push('The fill of this engine is not known, so the reading is kept without a judgement.')
  }
  details.push(...condition.details)
  if (body.smell === 'petrol' && marks && level.volumeMl !== null && level.volumeMl > marks.fullMl) {
    const { fuelMl, dilutionPct } = oilDilution({
      v0Ml: marks.fullMl,
      v1Ml: level.volumeMl,
      addedMl: 0,
      hours: 1,
      normalUseMlPerH: 0,
    })
    details.push(
      `If it stood at the full mark before, ${show(fuelMl)} of it is fuel, ${Math.round(dilutionPct)} % (from 5 % on oil is changed, rule of thumb).`,
    )
  }
  if (level.state?.endsWith('low') && level.state !== 'ok_low') details.push(whereWords(body.whereGone))

  const marksSeen: Mark[] = [
    level.state ? STATE_MARKS[level.state] : body.reading.by === 'dry' ? 'past' : 'open',
    condition.mark,
  ]
  const mark: Mark = marksSeen.includes('past')
    ? 'past'
    : marksSeen.includes('near')
      ? 'near'
      : marksSeen[0] === 'open'
        ? 'open'
        : condition.mark === 'open'
          ? 'near'
          : 'good'
  return {
    entryId: entry.id,
    mark,
    headline: headline(level, adjust, condition.words, body, show),
    details,
    state: level.state,
    volumeMl: level.volumeMl,
    atMost: level.atMost,
    positionPct: level.positionPct,
    adjust,
    ruined: condition.ruined,
  }
}

/** The machine is not cured until one of these is named. */
function whereWords(whereGone: OilBody['whereGone']): string {
  if (whereGone === null || whereGone === 'cant_tell')
    return 'Where did it go? Not named yet, and the machine is not cured until it is: never filled, burnt, leaked, shut off, not reaching, ruined, or used faster than topped up.'
  return `It went: ${WHERE_GONE[whereGone].toLowerCase()}.`
}

interface Level {
  state: OilState | null
  volumeMl: number | null
  atMost: boolean
  positionPct: number | null
}

function levelOf(body: OilBody, marks: FillMarks | undefined, file: JobFile): Level {
  const { reading } = body
  if (!marks)
    return {
      state: null,
      volumeMl: reading.by === 'volume' ? convert(reading.amount.value, reading.amount.unit, 'mL') : null,
      atMost: false,
      positionPct: reading.by === 'marks' ? reading.pct : null,
    }
  const judge = (volumeMl: number, atMost: boolean, positionPct: number | null): Level => ({
    volumeMl,
    atMost,
    positionPct,
    state: oilSeverity({ volumeMl, minMl: marks.lowMl, maxMl: marks.fullMl, capacityMl: marks.capacityMl }).state,
  })
  const { points } = marks
  if (reading.by === 'dry') {
    const dry = judge(marks.tipMl, true, null)
    return { ...dry, state: 'dangerously_low' }
  }
  const pct =
    reading.by === 'marks'
      ? reading.pct
      : reading.by === 'scale'
        ? file.fill
          ? positionOf(reading.mm, file.fill)
          : null
        : undefined
  if (pct === null) return { state: null, volumeMl: null, atMost: false, positionPct: null }
  if (pct !== undefined)
    return judge(
      oilVolume({ points, reading: Math.min(TOP_PCT, Math.max(TIP_PCT, pct)), kind: 'level' }).volumeMl,
      pct < TIP_PCT,
      pct,
    )
  if (reading.by !== 'volume') return { state: null, volumeMl: null, atMost: false, positionPct: null }
  const volumeMl = convert(reading.amount.value, reading.amount.unit, 'mL')
  const onScale = volumeMl >= (points[0]?.[1] ?? 0) && volumeMl <= (points.at(-1)?.[1] ?? 0)
  return judge(volumeMl, false, onScale ? oilReading({ points, volumeMl, kind: 'level' }).reading : null)
}

/** A fill that holds more than it should, by how much of it. */
function overWords(volumeMl: number, capacityMl: number): string {
  const over = 100 * (volumeMl / capacityMl - 1)
  return over > 0.05 ? `, ${Number(over.toFixed(1))} % over` : ''
}

function advice(
  adjust: NonNullable<OilJudgement['adjust']>,
  atMost: boolean,
  unsound: string[],
  file: JobFile,
  show: (ml: number) => string,
): string[] {
  if (adjust.action === 'none') return []
  if (adjust.action === 'add') {
    return [
      `${atMost ? 'At least ' : ''}${show(adjust.amountMl)} short of the ${{ low: 'low mark', middle: 'middle', top: 'full mark' }[file.policy.fillAim]}. Find out where it went before filling; fill in two portions, wait, read again.`,
    ]
  }
  if (unsound.length)
    return [`${show(adjust.amountMl)} too much. Change all of it, not only the surplus: ${unsound.join(', ')}.`]
  return file.policy.surplusRule === 'change_all'
    ? [`${show(adjust.amountMl)} too much. This shop changes all of it rather than drawing off a surplus.`]
    : [`Draw off ${show(adjust.amountMl)} to reach the full mark: the oil itself is sound, so the surplus is enough.`]
}

function headline(
  level: Level,
  adjust: OilJudgement['adjust'],
  words: string[],
  body: OilBody,
  show: (ml: number) => string,
): string {
  const amount =
    adjust && adjust.action !== 'none' ? ` by ${level.atMost ? 'at least ' : ''}${show(adjust.amountMl)}` : ''
  const said =
    body.reading.by === 'dry'
      ? `Dry${amount ? `, short${amount}` : ''}`
      : level.state
        ? `Oil ${STATE_WORDS[level.state]}${amount}`
        : 'Oil level not judged'
  return [said, ...words].join(', ')
}
