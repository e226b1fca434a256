import { rateOf } from '#core/registry/rateNames'
import { convert } from '#core/units/unitConvert'

/** The little of JSON Schema that the calculators' inputs use. */
export interface InputSchema {
  type?: string
  enum?: (string | number)[]
  description?: string
  default?: unknown
  properties?: Record<string, InputSchema>
  required?: string[]
  items?: InputSchema
  prefixItems?: InputSchema[]
}
export type CalcDraft = string | { text: string; unit: string } | { [name: string]: CalcDraft } | CalcDraft[]

/** Units that a bench reads a base unit in. */
export const TOGGLES: Record<string, readonly string[]> = {
  mL: ['mL', 'L', 'US_floz'],
  kPa: ['kPa', 'bar', 'psi'],
  mm: ['mm', 'thou', 'in'],
  '°C': ['C', 'F'],
  km: ['km', 'mi'],
}
const BASE: Record<string, string> = { '°C': 'C' }

export type Shape =
  'object' | 'objects' | 'rows' | 'numbers' | 'words' | 'choice' | 'flag' | 'quantity' | 'number' | 'text'
export function shapeOf(s: InputSchema): Shape {
  if (s.type === 'object') return 'object'
  if (s.type === 'array')
    return s.items?.type === 'object'
      ? 'objects'
      : s.items?.type === 'array'
        ? 'rows'
        : s.items?.type === 'string'
          ? 'words'
          : 'numbers'
  if (s.enum) return 'choice'
  if (s.type === 'boolean') return 'flag'
  if (s.type === 'string') return 'text'
  return s.description && TOGGLES[s.description] ? 'quantity' : 'number'
}

export function blankDraft(s: InputSchema): CalcDraft {
  switch (shapeOf(s)) {
    case 'object':
      return Object.fromEntries(Object.entries(s.properties ?? {}).map(([k, v]) => [k, blankDraft(v)]))
    case 'objects':
      return [blankDraft(s.items ?? {})]
    case 'quantity':
      return {
        text: '',
        unit: rememberedUnit(
          `calc-${s.description}`,
          TOGGLES[s.description ?? ''] ?? [],
          BASE[s.description ?? ''] ?? s.description ?? '',
        ),
      }
    default:
      return ''
  }
}

const words = (text: string): string[] => text.split(/[\s;]+|,(?!\d)/).filter(Boolean)

/** What was typed as the calculator's input; what can't be read goes as typed and comes back named. */
export function calcInput(s: InputSchema, draft: CalcDraft): unknown {
  switch (shapeOf(s)) {
    case 'object': {
      const entries = Object.entries(s.properties ?? {}).map(
        ([k, v]) => [k, calcInput(v, (draft as Record<string, CalcDraft>)[k] ?? '')] as const,
      )
      return entries.every(([, v]) => v === null) && !s.required?.length
        ? null
        : Object.fromEntries(entries.filter(([, v]) => v !== null))
    }
    case 'objects':
      return (draft as CalcDraft[]).map(d => calcInput(s.items ?? {}, d))
    case 'rows':
      return (draft as string)
        .split('\n')
        .filter(line => line.trim())
        .map(line => words(line).map(typedFigure))
    case 'numbers':
      return (draft as string).trim() ? words(draft as string).map(typedFigure) : null
    case 'words':
      return (draft as string).trim()
        ? (draft as string)
            .split(/[\n;]+/)
            .map(w => w.trim())
            .filter(Boolean)
        : null
    case 'flag':
      return draft === '' ? null : draft === 'true'
    case 'choice':
      return draft === '' ? null : (s.enum?.find(v => String(v) === draft) ?? draft)
    case 'quantity': {
      const { text, unit } = draft as { text: string; unit: string }
      const value = figure(text)
      if (value === null || Number.isNaN(value)) return typedFigure(text)
      const base = BASE[s.description ?? ''] ?? s.description ?? unit
      return unit === base ? value : convert(value, unit, base)
    }
    case 'text':
      return (draft as string).trim() || null
    default:
      return typedFigure(draft as string)
  }
}

/** What the names cut short. */
const LONGER: Record<string, string> = {
  ...{
    disp: 'displacement',
    lpm: 'L/min',
    cd: 'discharge coefficient',
    rho: 'density',
    p: 'pressure',
    amb: 'of the air',
  },
  ...{ std: 'at sea level', dia: 'diameter', temp: 'temperature', lo: 'least', hi: 'most', min: 'least', max: 'most' },
  ...{ reg: 'of the regulator', cyl: 'in the cylinder', vol: 'volume', oor: 'out of round', tol: 'tolerance' },
  ...{ frac: 'share', corr: 'corrected', eff: 'effective', abdc: 'after bottom dead centre', tdc: 'top dead centre' },
  ...{ cr: 'compression ratio', visc: 'thickness', cal: 'calibration', w: 'weight', est: 'estimated' },
}
/** "Volume now" for volume_now_ml: the unit stands beside it. */
export function wordsOfKey(key: string): string {
  const rate = rateOf(key)
  const bare = rate ? rate.about : key.replace(/_(ml|kpa|mm2|mm|um|deg|c|h|km|pct|m|kg|minor|frac|lpm|rpm)$/, '')
  const words = (bare || key)
    .split('_')
    .map(w => LONGER[w] ?? w)
    .join(' ')
  return words ? words[0]?.toUpperCase() + words.slice(1) : key
}
const SUFFIX: [RegExp, string][] = [
  [/_ml$/, 'mL'],
  [/_kpa$/, 'kPa'],
  [/_mm2$/, 'mm²'],
  [/_mm$/, 'mm'],
  [/_um$/, 'µm'],
  [/_deg$/, '°'],
  [/_c$/, '°C'],
  [/_h$/, 'h'],
  [/_km$/, 'km'],
  [/_pct$/, '%'],
  [/_m$/, 'm'],
  [/_lpm$/, 'L/min'],
  [/_rpm$/, 'rpm'],
]
export const unitOfKey = (key: string): string => rateOf(key)?.unit ?? SUFFIX.find(([p]) => p.test(key))?.[1] ?? ''

/** An answer as a person reads it: four figures are enough, and more than any gauge gives. */
export function shownValue(value: unknown): string {
  if (value === null) return 'none'
  if (typeof value === 'number')
    return Number.isInteger(value)
      ? value.toLocaleString('en-GB')
      : Number(value.toPrecision(4)).toLocaleString('en-GB', { maximumFractionDigits: 6 })
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value))
    return value.length > 12 ? `${value.length} values` : value.map(shownValue).join(', ') || 'none'
  if (typeof value === 'object')
    return Object.entries(value)
      .map(([k, v]) => `${wordsOfKey(k).toLowerCase()} ${shownValue(v)}${unitOfKey(k) ? ` ${unitOfKey(k)}` : ''}`)
      .join('; ')
  return String(value).replaceAll('_', ' ')
}
