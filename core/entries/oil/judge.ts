import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { TIP_PCT, TOP_PCT, fillMarks, positionOf } from '../../oil/fillMarks'
import type { FillMarks } from '../../oil/fillMarks'
import { oilReading, oilVolume } from '../../oil/fillTable'
import { oilAdjust } from '../../oil/oilAdjust'
import type { SchoolKey } from '../../engine/schools'
import { conditionOf } from './condition'
import { oilIn } from '../fluid/account'
import type { Show } from '../fluid/judge'
import { sumWords } from '../fluid/judge'
import type { OilAccount } from '../../oil/oilAccount'
import type { Entry } from '../types'
import { oilDilution } from '../../oil/oilDilution'
import type { OilState } from '../../oil/oilSeverity'
import { OIL_STATE_MARKS, OIL_STATE_WORDS, overWords, stateOfVolume } from '../../oil/oilWords'
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

/** An oil reading: level and condition judged apart, then what to do about both. */
export function judgeOil(entry: Logged<OilBody>, file: JobFile, inForce: Entry[] = []): OilJudgement {
  const body = entry.body
  const marks = fillMarks(file.facts, file.spec, file.fill)
  const show = (ml: number): string => shownIn(ml, 'mL', file.policy.volumeUnit)
  const account = oilIn(file, inForce, entry.id)
  const stood = unsettled(body, file)
  const level = byAccount(stood ? unread(body) : levelOf(body, marks, file), account, marks)
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
  } else if (stood) {
    details.push(
      'Oil in a tank of its own runs down into the sump while it stands: run it first, a minute at idle, then read. A dry stick before that says little, and a tank that is filled then floods it.',
    )
  } else if (body.reading.by === 'dry') {
    details.push(
      "Nothing on the stick. How much that is short can't be said until the fill is known: enter it on the machine.",
    )
  } else if (!marks) {
    details.push('The fill of this engine is not known, so the reading is kept without a judgement.')
  }
  details.push(...accountWords(account, body, show), ...condition.details)
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
    level.state ? OIL_STATE_MARKS[level.state] : body.reading.by === 'dry' && !stood ? 'past' : 'open',
    account.apartMl === null ? condition.mark : graverMark(condition.mark),
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
    headline: headline(level, adjust, condition.words, body, show, marks?.capacitySource === 'rule_of_thumb'),
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

/** A stick that does not agree with what was poured in is looked at again. */
const graverMark = (mark: Mark): Mark => (mark === 'past' ? 'past' : 'near')

/** Oil in a tank of its own, read after standing: it may lie in the sump. Readings from before anybody was asked stand as they are. */
export const unsettled = ({ reading, readWhen }: OilBody, { facts }: Pick<JobFile, 'facts'>): boolean =>
  facts.oiling === 'pump_dry' && reading.by !== 'volume' && readWhen !== undefined && readWhen !== 'after_run'

/** A reading that tells no level. */
const unread = ({ reading }: OilBody): Level => ({
  state: null,
  volumeMl: null,
  atMost: false,
  positionPct: reading.by === 'marks' ? reading.pct : null,
})

/** Off the scale of the stick, what was poured in says how much it is. */
function byAccount(level: Level, { nowMl, steps, apartMl }: OilAccount, marks: FillMarks | undefined): Level {
  const far = level.state === 'dangerously_over' || level.state === 'over'
  if (!marks || !far || nowMl === null || !steps.length || apartMl !== null) return level
  return { ...level, volumeMl: nowMl, state: stateOfVolume(nowMl, marks) }
}

function accountWords({ nowMl, steps, apartMl, short }: OilAccount, body: OilBody, show: Show): string[] {
  if (body.reading.by === 'volume' || nowMl === null || !steps.length) return []
  const sum = `By what went in and came out it holds ${show(nowMl)} (${sumWords(steps, show)})`
  if (short) return [`${sum}: more was drawn off than can have been in it. Something is not written down.`]
  return apartMl === null
    ? [`${sum}.`]
    : [`${sum}, and the stick says ${show(apartMl)}: read it again, or something was poured in that nobody wrote down.`]
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
    state: stateOfVolume(volumeMl, marks),
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

/** Whose rule it is: this job's, with its reason, or the shop's. */
const ruleWords = ({ policy }: JobFile, rule: SchoolKey): string => {
  const here = policy.rulesHere?.[rule]
  return here ? `on this job: ${here}` : "shop's rule"
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
      `${atMost ? 'At least ' : ''}${show(adjust.amountMl)} short of the ${{ low: 'low mark', middle: 'middle', top: 'full mark' }[file.policy.fillAim]} (${ruleWords(file, 'fill_aim')}). Find out where it went before filling; fill in two portions, wait, read again.`,
    ]
  }
  if (unsound.length)
    return [`${show(adjust.amountMl)} too much. Change all of it, not only the surplus: ${unsound.join(', ')}.`]
  return file.policy.surplusRule === 'change_all'
    ? [
        `${show(adjust.amountMl)} too much. All of it is changed rather than a surplus drawn off (${ruleWords(file, 'surplus')}).`,
      ]
    : [`Draw off ${show(adjust.amountMl)} to reach the full mark: the oil itself is sound, so the surplus is enough.`]
}

function headline(
  level: Level,
  adjust: OilJudgement['adjust'],
  words: string[],
  body: OilBody,
  show: (ml: number) => string,
  guessed: boolean,
): string {
  // of an engine that nothing is known of, no figure stands without what it is
  const amount =
    adjust && adjust.action !== 'none'
      ? ` by ${level.atMost ? 'at least ' : ''}${show(adjust.amountMl)}${guessed ? ' (rule of thumb)' : ''}`
      : ''
  const said =
    body.reading.by === 'dry'
      ? `Dry${amount ? `, short${amount}` : ''}`
      : level.state
        ? `Oil ${OIL_STATE_WORDS[level.state]}${amount}`
        : 'Oil level not judged'
  return [said, ...words].join(', ')
}
