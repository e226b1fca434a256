import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import type { HowGot } from '../../log/words'
import { against, fitAgainst, graver, limitOf } from '../../measure/against'
import type { Limit, Verdict } from '../../measure/against'
import type { BoreGrid, Oversize } from '../../measure/bore'
import { boreGrid, boreOversize, boreTempCorrect } from '../../measure/bore'
import { TOOLS } from '../../measure/tools'
import { convert } from '../../units/unitConvert'
import { quantityText, shownIn } from '../../units/unitRound'
import { schoolOf, schoolWords } from '../../engine/schools'
import { SCORE_SIDES } from '../../words/opened'
import type { KeyOf } from '../../words/keys'
import type { BORE } from '../../engine/words'
import type { Logged } from '../../log/entry'
import type { Entry } from '../types'
import type { BoreBody } from './schema'

/** Wear, taper, out-of-round by class, mm; bare aluminium lies a little under iron. Rule of thumb, general engine-machining practice. */
const BORE_THUMB = {
  H2: [0.05, 0.03, 0.02],
  V2: [0.06, 0.05, 0.03],
  S4: [0.1, 0.06, 0.05],
  M4: [0.08, 0.05, 0.03],
  T4: [0.15, 0.08, 0.05],
  D4: [0.15, 0.08, 0.05],
} as const

const BARE_S4 = [0.08, 0.05, 0.04] as const

/** Largest piston clearance as a share of the bore. Rule of thumb. */
const CLEARANCE_SHARE = 0.0022

/** Material of a bore by what it is made of; an unknown one is taken as iron for its growth only. */
const MATERIAL = { iron: 'grey_iron', unknown: 'grey_iron', plated: 'aluminium', bare: 'aluminium' } as const

const BORE_TYPE = { iron: 'grey_iron', plated: 'plated_aluminium', bare: 'bare_aluminium' } as const

export interface BoreJudgement extends Judgement {
  grid: BoreGrid
  oversize: Oversize | null
  /** it has to be cut, and nobody has said yet which oversizes are sold: no size reaches it only once they are known */
  unsold: boolean
  /** readings at 20 °C, mm, top to bottom */ rowsMm: [number, number][]
  clearanceMaxMm: number | null
  /** worst of wear, taper and out-of-round */
  sizeMark: Mark
  /** of the piston in it; null where no piston was measured */
  fitMark: Mark | null
  /** no clearance, or less than none */
  binds: boolean
  /** the deepest score, and whether no size that can be cut clears it; null where none was measured */
  score: { depthMm: number; condemned: boolean } | null
}

interface Score {
  depthMm: number
  /** a bore of this size just clears it, mm */
  clearsMm: number
}

/** The size at which a score is gone: the bore where it runs, and its depth on both sides. */
function scoreOf({ scoreDepth }: BoreBody, rowsMm: [number, number][]): Score | null {
  if (!scoreDepth || scoreDepth.value <= 0) return null
  const depthMm = convert(scoreDepth.value, scoreDepth.unit, 'mm')
  return { depthMm, clearsMm: Math.max(...rowsMm.flat()) + 2 * depthMm }
}

/** Whether a first figure of this bore stands, taken before it was honed. */
export const beforeHone = (entry: Logged<BoreBody>, inForce: Entry[]): boolean =>
  entry.body.when !== 'after_hone' ||
  inForce.some(
    e =>
      e.kind === 'bore' &&
      e.id !== entry.id &&
      e.body.when !== 'after_hone' &&
      (e.body.ofCylinder ?? null) === (entry.body.ofCylinder ?? null),
  )

function scoreWords(
  { depthMm, clearsMm }: Score,
  { scoreSide, nominal }: BoreBody,
  kind: KeyOf<typeof BORE>,
  sizesMm: number[],
  unit: string,
): string[] {
  const show = (mm: number): string => shownIn(mm, 'mm', unit)
  const standard = convert(nominal.value, nominal.unit, 'mm')
  const needs = Math.max(2 * depthMm, clearsMm - standard)
  const largest = sizesMm.length ? Math.max(...sizesMm) : null
  const where = scoreSide ? `, ${SCORE_SIDES[scoreSide].toLowerCase()}` : ''
  const short =
    largest === null
      ? ''
      : largest >= needs - 1e-9
        ? `; +${largest} is sold and clears it`
        : `; the largest sold is +${largest}, short by ${show(needs - largest)}`
  const first = `A score ${show(depthMm)} deep${where}: it is gone at +${Number(needs.toFixed(3))} mm, twice its depth and what the bore is worn${short}.`
  if (kind === 'bare')
    return [
      `${first} This bore is unlined: no size is cut in it, so it is not repairable. New rings and a rebore are out.`,
    ]
  if (kind === 'plated') return [`${first} A plating is never bored: replate, sleeve or a new cylinder.`]
  return [first]
}

/** With the piston in hand the bore is cut to it, and never the other way round. */
function cutWords(
  { pistonInHand, unit }: BoreBody,
  least: Limit | null,
  most: Limit | null,
  nominalMm: number,
): string[] {
  if (!pistonInHand) return []
  const piston = convert(pistonInHand.value, pistonInHand.unit, 'mm')
  const show = (mm: number): string => shownIn(mm, 'mm', unit)
  const [lo, hi] = [least?.value ?? null, most?.value ?? null]
  if (lo === null && hi === null)
    return [
      `Piston in hand ${show(piston)}: the bore is cut to it and its clearance. What clearance new parts have is not on the sheet; put it there before it is sent out.`,
    ]
  const aim = lo !== null && hi !== null ? (lo + hi) / 2 : ((lo ?? hi) as number)
  const over = piston + aim - nominalMm
  return [
    `Size to cut: piston ${show(piston)} + ${show(aim)} = ${show(piston + aim)}${lo !== null && hi !== null ? ` (${show(piston + lo)} to ${show(piston + hi)})` : ''}, ${over >= 0 ? '+' : '−'}${show(Math.abs(over))} on the standard bore.`,
  ]
}

/** Of a bore that goes together: the band of new parts, beside what may run on. */
function newFitWords(grid: BoreGrid | null, least: Limit | null, most: Limit | null, unit: string): string[] {
  if (!grid || grid.clearanceMinMm === undefined || grid.clearanceMaxMm === undefined || (!least && !most)) return []
  const inside =
    (least === null || grid.clearanceMinMm >= least.value - 1e-9) &&
    (most === null || grid.clearanceMaxMm <= most.value + 1e-9)
  const band = [least && `least ${least.words}`, most && `most ${most.words}`].filter(Boolean).join(', ')
  return [
    `${shownIn(grid.clearanceMinMm, 'mm', unit)} to ${shownIn(grid.clearanceMaxMm, 'mm', unit)} against the band of new parts, ${band}: ${inside ? 'as new' : 'outside it; within its limit it may still run'}.`,
  ]
}

/** A bore by its readings, against its limits, and the oversize that would clean it up. */
export function judgeBore(entry: Logged<BoreBody>, file: JobFile, inForce: Entry[] = []): BoreJudgement {
  const { rows, unit, nominal, piston, tool, partC, sizesMm, holdCentre, when, crossHatch } = entry.body
  const { bore: kind, engineClass } = file.facts
  const cold = (value: number): number => {
    const mm = convert(value, unit, 'mm')
    return partC === null
      ? mm
      : boreTempCorrect({
          readingMm: mm,
          partTempC: partC,
          partMaterial: MATERIAL[kind],
          gaugeTempC: 20,
          gaugeMaterial: 'steel',
        }).at20Mm
  }
  const rowsMm = rows.map(([x, y]): [number, number] => [cold(x), cold(y)])
  const nominalMm = convert(nominal.value, nominal.unit, 'mm')
  const pistonMm = piston && convert(piston.value, piston.unit, 'mm')
  const thumb = engineClass === 'S4' && kind === 'bare' ? BARE_S4 : BORE_THUMB[engineClass]
  const limits = {
    wear: limitOf(file, 'bore_wear_max', thumb[0], unit),
    taper: limitOf(file, 'bore_taper_max', thumb[1], unit),
    oor: limitOf(file, 'bore_oor_max', thumb[2], unit),
    clearance: limitOf(file, 'piston_clearance_max', CLEARANCE_SHARE * nominalMm, unit),
    least: limitOf(file, 'piston_clearance_min', null, unit),
    // what goes together new has a band of its own, narrower than what may run on
    newMost: limitOf(file, 'piston_clearance_new_max', null, unit),
    newLeast: limitOf(file, 'piston_clearance_new_min', null, unit),
  }
  const score = scoreOf(entry.body, rowsMm)
  const grid = boreGrid({
    readingsMm: rowsMm,
    nominalMm,
    pistonMm,
    wearLimitMm: limits.wear?.value ?? null,
    taperLimitMm: limits.taper?.value ?? null,
    oorLimitMm: limits.oor?.value ?? null,
  })
  const U = TOOLS[tool].uMm
  // a difference of two readings with one tool carries both their doubts
  const U2 = U * Math.SQRT2
  const sizes = (
    [
      ['Wear', grid.wearMm, limits.wear, U],
      ['Taper', grid.taperMm, limits.taper, U2],
      ['Out of round', grid.outOfRoundMm, limits.oor, U2],
    ] as const
  ).flatMap(([name, value, limit, u]) =>
    value === null
      ? []
      : [{ name, value, limits: `most ${limit?.words ?? 'not known'}`, ...against(value, null, limit, u, entry.how) }],
  )
  // a fit has a least as well as a most: the tightest place against the one, the widest against the other
  const { clearanceMinMm, clearanceMaxMm } = grid
  const fit =
    clearanceMinMm === undefined || clearanceMaxMm === undefined
      ? []
      : [clearanceAgainst(clearanceMinMm, clearanceMaxMm, limits.least, limits.clearance, U2, entry.how)]
  const judged = [...sizes, ...fit]
  const details = judged.map(j => `${j.name} ${shownIn(j.value, 'mm', unit)}, ${j.limits}: ${j.words}.`)
  const worst = (['past', 'near', 'open'] as const).find(m => judged.some(j => j.mark === m)) ?? 'good'
  const oversize =
    kind === 'unknown'
      ? null
      : boreOversize({
          nominalMm,
          // a score is cut out on both sides of the bore
          largestMm: Math.max(grid.largestMm, score?.clearsMm ?? 0),
          sizesMm,
          minCutDiaMm: 0.05,
          honeDiaMm: 0.05,
          holdCentre,
          boreType: BORE_TYPE[kind],
          maxOversizeMm: null,
          wearLimitMm: limits.wear?.value ?? 0.05,
        })
  const unsold = oversize?.status === 'no_option' && sizesMm.length === 0 && !entry.body.pistonInHand
  const condemned =
    score !== null && kind !== 'unknown' && (kind !== 'iron' || (oversize?.status === 'no_option' && !unsold))
  if (score) details.push(...scoreWords(score, entry.body, kind, sizesMm, unit))
  if (worst !== 'good' || kind !== 'iron' || score) details.push(...oversizeWords(oversize, sizesMm, unit))
  details.push(...cutWords(entry.body, limits.newLeast ?? limits.least, limits.newMost, nominalMm))
  if (crossHatch === 'no') details.push('No cross-hatch left: worn smooth or glazed. A shine alone is no good bore.')
  if (crossHatch === 'not_looked') details.push('Cross-hatch not looked for.')
  if (when === 'after_hone')
    details.push(
      pistonMm === null
        ? 'Honed: measure the piston too, the fit is bore less piston.'
        : 'Honed: this is the fit that goes together.',
      ...newFitWords(fit[0] ? grid : null, limits.newLeast, limits.newMost, unit),
      ...(beforeHone(entry, inForce)
        ? []
        : [
            entry.body.noBefore
              ? `Not measured before honing: ${entry.body.noBefore}`
              : `${schoolWords(file.policy, 'hone')}. Measured before honing? No figure stands: what was wear and what the hone took can no longer be told apart.${schoolOf(file.policy, 'hone') === 'hone' ? '' : ' Say why.'}`,
          ]),
    )
  if (partC === null) details.push('Taken as at 20 °C: a warm barrel reads large.')
  return {
    entryId: entry.id,
    mark: condemned ? 'past' : score ? graver(worst, 'near') : worst,
    headline: `Bore ${when === 'as_found' ? 'as found' : when === 'before_hone' ? 'before honing' : 'after honing'}: ${judged
      .map(j => `${j.name.toLowerCase()} ${shownIn(j.value, 'mm', unit)}`)
      .slice(0, 3)
      .join(', ')}${score ? `, score ${shownIn(score.depthMm, 'mm', unit)} deep` : ''}`,
    details,
    grid,
    oversize,
    unsold,
    rowsMm,
    score: score && { depthMm: score.depthMm, condemned },
    clearanceMaxMm: grid.clearanceMaxMm ?? null,
    sizeMark: (['past', 'near', 'open'] as const).find(m => sizes.some(j => j.mark === m)) ?? 'good',
    fitMark: fit[0]?.mark ?? null,
    binds: (clearanceMinMm ?? 1) <= 1e-9 || (limits.least !== null && (clearanceMinMm ?? 1) < limits.least.value),
  }
}

/** The graver of its two ends: tightest against the least, widest against the most. */
function clearanceAgainst(
  tightest: number,
  widest: number,
  least: Limit | null,
  most: Limit | null,
  U: number,
  how: HowGot | null,
): Verdict & { name: string; value: number; limits: string } {
  const [tight, wide] = [fitAgainst(tightest, least, null, U, how), against(widest, null, most, U, how)]
  const none = tightest <= 1e-9
  const limits = [least && `least ${least.words}`, `most ${most?.words ?? 'not known'}`].filter(Boolean).join(', ')
  // with nothing known of a least, all that the tightest place can say is that there is none
  const binds = none || (least !== null && graver(wide.mark, tight.mark) !== wide.mark)
  return binds
    ? { name: 'Piston clearance', value: tightest, limits, ...tight }
    : { name: 'Piston clearance', value: widest, limits, ...wide }
}

/** Which sold size cleans it up, and each smaller one that does not. */
export function oversizeWords(oversize: Oversize | null, sizesMm: number[], unit: string): string[] {
  if (!oversize) return ['Say what the bore is made of before anybody thinks of boring it.']
  const show = (mm: number): string => shownIn(mm, 'mm', unit)
  const tooSmall = sizesMm.filter(s => oversize.oversizeMm === null || s < oversize.oversizeMm).sort((a, b) => a - b)
  const required = oversize.requiredMm
  switch (oversize.status) {
    case 'reuse_if_surface_good':
      return ['Within its wear: used again if the surface is sound all round. It is never bored.']
    case 'replate_or_sleeve':
      return ['Worn: replate, sleeve or a new cylinder. A plating is never bored.']
    case 'sleeve_or_replace':
      return ['Worn: sleeve or a new cylinder.']
    case 'no_option':
      return [
        sizesMm.length
          ? `It needs ${show(required ?? 0)} to clean up, and no size that is sold reaches it: sleeve or a new cylinder.`
          : `It needs ${show(required ?? 0)} to clean up. Type which oversizes are sold for it.`,
      ]
    case 'ok':
      return [
        ...tooSmall.map(
          (s, i) => `${i === 0 ? 'First oversize' : 'Oversize'} +${s} is not enough: it needs ${show(required ?? 0)}.`,
        ),
        `+${oversize.oversizeMm} cleans up: bore to ${show(oversize.boreToMm ?? 0)}, hone to ${show(oversize.finishMm ?? 0)}, ${show(oversize.spareMm ?? 0)} to spare. Buy and measure the piston first.`,
      ]
  }
}

/** The readings as they were typed, for a line of the log. */
export const boreText = ({ rows, unit, nominal }: Logged<BoreBody>['body']): string =>
  `${rows.map(([x, y]) => `${x} × ${y}`).join(', ')} ${unit} on ${quantityText(nominal.value, nominal.unit)}`
