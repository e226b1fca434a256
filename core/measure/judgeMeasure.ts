import type { EntryOf } from '../entries/types'
import type { JobFile } from '../job/jobFile'
import type { HowGot } from '../log/words'
import type { Judgement, Mark } from '../judgement'
import type { SpecItem } from '../spec/specItems'
import type { SpecLookup, SpecSource } from '../spec/specValue'
import { SPEC_SOURCES, sourceWords, specFor } from '../spec/specValue'
import { convert } from '../units/unitConvert'
import { quantityText, shownIn } from '../units/unitRound'
import { guardBand } from '../wear/uncertainty'
import type { Oversize, BoreGrid } from './bore'
import { boreGrid, boreOversize, boreTempCorrect } from './bore'
import { MEASURE_PLANS } from './items'
import { TOOLS } from './tools'
import { squishSolder } from './squish'

interface Limit {
  value: number
  source: SpecSource
  words: string
}

/** The sheet's figure for an item, else a rule of thumb, else nothing. */
function limitOf(file: JobFile, item: SpecItem | undefined, thumb: number | null, unit: string): Limit | null {
  const found: SpecLookup | undefined =
    item && specFor(item, file.spec, file.facts.engineClass, file.facts.displacementCc)
  if (found)
    return {
      value: found.value,
      source: found.source,
      words: `${shownIn(found.value, 'mm', unit)} (${sourceWords(found, 'mm', unit)})`,
    }
  return thumb === null
    ? null
    : {
        value: thumb,
        source: 'rule_of_thumb',
        words: `${unit === 'deg' ? `${thumb}°` : shownIn(thumb, 'mm', unit)} (${SPEC_SOURCES.rule_of_thumb})`,
      }
}

interface Verdict {
  mark: Mark
  words: string
}

/**
 * A figure against its limits with the gauge's doubt counted: good, near, past, or can't tell. A rule of thumb never condemns,
 * and a look or a feel never does.
 */
function against(value: number, lower: Limit | null, upper: Limit | null, U: number, how: HowGot | null): Verdict {
  if (!lower && !upper) return { mark: 'open', words: 'no limit is known for it: put one on the sheet' }
  const { state } = guardBand({ value, lower: lower?.value ?? null, upper: upper?.value ?? null, U, g: 1 })
  if (state === 'gauge_unfit') return { mark: 'open', words: 'this tool is too coarse for that limit' }
  if (state === 'accept') return { mark: 'good', words: 'within its limit' }
  if (state === 'doubtful')
    return { mark: 'open', words: 'too near the limit for this tool: read again, or take a finer one' }
  const crossed = upper && value > upper.value ? upper : lower
  if (how !== 'measured')
    return { mark: 'near', words: 'past its limit as it looks: take a figure before it is condemned' }
  return crossed?.source === 'rule_of_thumb'
    ? { mark: 'near', words: "past a rule of thumb, which condemns nothing: find the maker's figure" }
    : { mark: 'past', words: 'past its limit' }
}

/** A fit without clearance binds or seizes, whatever its most is; so near to none that the tool can't tell is read again. */
function fitAgainst(value: number, lower: Limit | null, upper: Limit | null, U: number, how: HowGot | null): Verdict {
  if (value <= 1e-9)
    return {
      mark: how === 'measured' ? 'past' : 'near',
      words: `${value < -1e-9 ? 'less than no clearance' : 'no clearance'}: it binds or seizes, nothing goes together like that`,
    }
  if (lower === null && value < U - 1e-9)
    return { mark: 'open', words: "so near to no clearance that this tool can't tell: take a finer one" }
  return against(value, lower, upper, U, how)
}

/** The bore's size as far as the job knows it, mm: the sheet's. */
export const boreOf = (file: JobFile): number | null =>
  specFor('bore', file.spec, file.facts.engineClass, file.facts.displacementCc)?.value ?? null

/** Where nothing limits the figure itself, the choice speaks; otherwise the graver of the two. */
function graver(figure: Mark, choice: Mark | undefined): Mark {
  const rank: readonly Mark[] = ['good', 'open', 'near', 'past']
  return choice && rank.indexOf(choice) > rank.indexOf(figure) ? choice : figure
}

/** One measurement other than the bore. */
export function judgeMeasure(entry: EntryOf<'measure'>, file: JobFile): Judgement {
  const { item, reads, tool, place, soldMm } = entry.body
  const plan = MEASURE_PLANS[item]
  const bore = boreOf(file)
  const unit = plan.unit === 'deg' ? 'deg' : (reads[0]?.unit ?? 'mm')
  const mm = reads.map(r => convert(r.value, r.unit, 'mm'))
  const value = plan.figure(mm)
  const show = (figure: number): string => (unit === 'deg' ? `${figure.toFixed(1)}°` : shownIn(figure, 'mm', unit))
  const thumb = plan.thumb(file.facts, bore, mm)
  const [lower, upper] = [limitOf(file, plan.least, thumb.lower, unit), limitOf(file, plan.most, thumb.upper, unit)]
  const U = unit === 'deg' ? 0.5 : TOOLS[tool].uMm
  const verdict = (plan.fit ? fitAgainst : against)(value, lower, upper, U, entry.how)
  const fresh = plan.newTo?.(file.facts, bore) ?? null
  const used = verdict.mark === 'good' && fresh !== null && value > fresh + 1e-9
  const limit = [lower && `least ${lower.words}`, upper && `most ${upper.words}`].filter(Boolean).join(', ')
  const ratio =
    upper && upper.value > 0 && value > upper.value ? `, ${(value / upper.value).toFixed(1)} times the most` : ''
  const details = [
    `${show(value)}${ratio}${limit ? `; ${limit}` : ''}; ${TOOLS[tool].label} ± ${unit === 'deg' ? '0.5°' : show(U)}: ${used ? 'worn, and still within its limit' : verdict.words}.`,
  ]
  const advice = plan.advise?.(mm, soldMm, { least: lower?.value ?? null, most: upper?.value ?? null, show }) ?? {
    words: [],
  }
  const mark = graver(verdict.mark, advice.mark)
  const short = verdict.mark === 'past' && plan.fit && (value <= 1e-9 || (lower !== null && value < lower.value))
  if (verdict.mark === 'past')
    details.push(short ? 'Too tight to go together: the fit is made larger, or the part is another size.' : plan.past)
  details.push(...advice.words)
  if (item === 'squish' && squishSolder({ leftMm: mm[0] ?? 0, rightMm: mm[1] ?? 0, tiltLimitMm: 0.1 }).state !== 'ok')
    details.push('The two sides differ by more than 0.1 mm: a bent rod, or a face that is not square.')
  if (entry.how !== 'measured') details.push('Not measured: this stands as a look or a feel, on the record too.')
  return { entryId: entry.id, mark, headline: `${plan.label}${place ? `, ${place}` : ''}: ${show(value)}`, details }
}

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
  /** readings at 20 °C, mm, top to bottom */ rowsMm: [number, number][]
  clearanceMaxMm: number | null
}

/** A bore by its readings, against its limits, and the oversize that would clean it up. */
export function judgeBore(entry: EntryOf<'bore'>, file: JobFile): BoreJudgement {
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
  }
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
          largestMm: grid.largestMm,
          sizesMm,
          minCutDiaMm: 0.05,
          honeDiaMm: 0.05,
          holdCentre,
          boreType: BORE_TYPE[kind],
          maxOversizeMm: null,
          wearLimitMm: limits.wear?.value ?? 0.05,
        })
  if (worst !== 'good' || kind !== 'iron') details.push(...oversizeWords(oversize, sizesMm, unit))
  if (crossHatch === 'no') details.push('No cross-hatch left: worn smooth or glazed. A shine alone is no good bore.')
  if (crossHatch === 'not_looked') details.push('Cross-hatch not looked for.')
  if (when === 'after_hone')
    details.push(
      pistonMm === null
        ? 'Honed: measure the piston too, the fit is bore less piston.'
        : 'Honed: this is the fit that goes together.',
    )
  if (partC === null) details.push('Taken as at 20 °C: a warm barrel reads large.')
  return {
    entryId: entry.id,
    mark: worst,
    headline: `Bore ${when === 'as_found' ? 'as found' : when === 'before_hone' ? 'before honing' : 'after honing'}: ${judged
      .map(j => `${j.name.toLowerCase()} ${shownIn(j.value, 'mm', unit)}`)
      .slice(0, 3)
      .join(', ')}`,
    details,
    grid,
    oversize,
    rowsMm,
    clearanceMaxMm: grid.clearanceMaxMm ?? null,
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
export const boreText = ({ rows, unit, nominal }: EntryOf<'bore'>['body']): string =>
  `${rows.map(([x, y]) => `${x} × ${y}`).join(', ')} ${unit} on ${quantityText(nominal.value, nominal.unit)}`
