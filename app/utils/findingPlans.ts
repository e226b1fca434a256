import type { BodyOf, Entry, EntryKind, LeakSite, Quantity } from '#core/job/entries'
import type { EngineFacts } from '#core/engine/facts'
import type { HowGot } from '#core/log/words'
import {
  AS_FOUND,
  LASH_STATES,
  LEAK_SEEN,
  MEASURED_WHEN,
  ORIGINS,
  ROCKERS,
  STUCK_METHODS,
  THEORY_STATES,
  VALVE_NAMES,
} from '#core/words/opened'
import { CALL_RESULTS, FIT_ITEMS, FIT_STATES, REST_ITEMS, REST_STATES } from '#core/words/deciding'
import { EARLIER_HANDS, EVENTS, MODIFICATION_LABELS, MODIFICATION_STATES, OUTSIDE_CLUES } from '#core/words/counter'
import {
  LEAK_LOOKS,
  LOCK_RESULTS,
  LOCK_STEPS,
  OIL_KINDS,
  RATED,
  SMOKE_AFTER,
  SMOKE_COLOURS,
  SMOKE_MOMENTS,
  SMOKE_SMELLS,
} from '#core/words/looks'

/** One field of a finding that is plain enough to be described instead of drawn. */
export type FieldPlan = {
  key: string
  label: string
  hint?: string
  when?: (draft: FieldsDraft, facts: EngineFacts) => boolean
} & (
  | {
      type: 'chips'
      options: Partial<Record<string, string>>
      start?: string
      needed?: boolean
      swatches?: Record<string, string>
    }
  | { type: 'many'; options: Partial<Record<string, string>> }
  | { type: 'text' | 'area' | 'lines' }
  | { type: 'figure'; suffix?: string }
  | { type: 'money' }
  | { type: 'quantity'; units: string[]; kind: string }
  | { type: 'leaks' }
  | { type: 'cause' }
  | { type: 'switch' }
)
export interface QuantityDraft {
  text: string
  unit: string
}
export type FieldsDraft = Record<string, string | string[] | boolean | QuantityDraft | LeakSite[] | null>

export interface FindingPlan {
  kind: EntryKind
  /** what the button says */
  log: string
  intro?: string
  caution?: string
  how: HowGot | null
  fields: FieldPlan[]
  /** one touch for a whole check that finds nothing */
  normal?: { word: string; draft: FieldsDraft }
  /** counts in the judgement while it is being typed */
  counts?: boolean
}

const swatch = { none: '#fff', blue: '#8fa5c4', white: '#f4f4f2', grey: '#a5a5a2', black: '#2a2724' }
const note: FieldPlan = { type: 'area', key: 'note', label: 'Note' }
const LOCK_LABELS = Object.fromEntries(Object.entries(LOCK_STEPS).map(([k, v]) => [k, v.label]))

/** Findings whose form follows from a list of fields. */
export const FINDING_PLANS = {
  smoke: {
    kind: 'smoke',
    log: 'Log the smoke',
    how: 'by_eye',
    counts: true,
    intro: 'Outdoors, exhaust away from people. White can be oil, water or raw fuel: smell it.',
    caution: 'Exhaust gas kills indoors. Let it run only outside or under a working extractor.',
    fields: [
      { type: 'chips', key: 'colour', label: 'Colour', options: SMOKE_COLOURS, swatches: swatch },
      { type: 'chips', key: 'moment', label: 'When', options: SMOKE_MOMENTS, when: d => d.colour !== 'none' },
      { type: 'chips', key: 'after', label: 'After what', options: SMOKE_AFTER, when: d => d.colour !== 'none' },
      { type: 'chips', key: 'smell', label: 'Smells of', options: SMOKE_SMELLS, when: d => d.colour !== 'none' },
      note,
    ],
    normal: { word: 'No smoke', draft: { colour: 'none' } },
  },
  leaks: {
    kind: 'leaks',
    log: 'Log the leaks',
    how: 'by_eye',
    counts: true,
    caution: 'Hot oil burns. Fuel leaking: shut it off, no sparks, air the room.',
    fields: [
      { type: 'chips', key: 'look', label: 'Looked at', options: LEAK_LOOKS, start: 'as_found', needed: true },
      { type: 'leaks', key: 'sites', label: 'Places' },
      note,
    ],
  },
  clues: {
    kind: 'clues',
    log: 'Log what is seen',
    how: 'by_eye',
    counts: true,
    fields: [
      { type: 'many', key: 'outside', label: 'Outside', options: OUTSIDE_CLUES },
      { type: 'many', key: 'hands', label: 'Earlier hands', options: EARLIER_HANDS },
      {
        type: 'figure',
        key: 'ageYears',
        label: 'Age of the machine',
        suffix: 'years',
        hint: 'Rust and age set the allowance for stuck fasteners.',
      },
      note,
    ],
    normal: { word: 'Nothing to see', draft: {} },
  },
  lock_step: {
    kind: 'lock_step',
    log: 'Log this step',
    how: 'by_feel',
    counts: false,
    intro:
      'In this order. The plug comes out before anything turns it, even when there is no oil: fuel may spray, no sparks, rags ready. Nothing is forced.',
    fields: [
      { type: 'chips', key: 'step', label: 'Step', options: LOCK_LABELS },
      { type: 'chips', key: 'result', label: 'Then', options: LOCK_RESULTS },
      note,
    ],
  },
  oil_use: {
    kind: 'oil_use',
    log: 'Log the oil used',
    how: 'claimed',
    counts: true,
    intro: "What was topped up, over how much running: from the owner's memory or the machine's book.",
    fields: [
      { type: 'quantity', key: 'topped', label: 'Topped up', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
      { type: 'figure', key: 'over', label: 'Over a running time or distance of' },
      { type: 'chips', key: 'unit', label: 'In', options: { h: 'hours', km: 'km' }, start: 'h', needed: true },
      {
        type: 'figure',
        key: 'perWeek',
        label: 'It runs in a week',
        hint: 'Then this says on which day it reaches the low mark.',
      },
      note,
    ],
  },
  oil_kind: {
    kind: 'oil_kind',
    log: 'Log the oil',
    how: null,
    counts: true,
    intro: "The label against what this engine asks. Which brand is nobody's business here.",
    fields: [
      { type: 'chips', key: 'what', label: 'It is', options: OIL_KINDS },
      { type: 'text', key: 'grade', label: 'Grade and ratings, as on the label' },
      {
        type: 'chips',
        key: 'wetClutch',
        label: 'Wet clutch',
        options: RATED,
        start: 'unknown',
        needed: true,
        when: (_, f) => f.cycle === 'four',
      },
      {
        type: 'chips',
        key: 'antiWear',
        label: 'Anti-wear',
        options: RATED,
        start: 'unknown',
        needed: true,
        when: (_, f) => f.cycle === 'four',
      },
      { type: 'text', key: 'reason', label: 'Why this one' },
    ],
  },
  lash: {
    kind: 'lash',
    log: 'Log the lash',
    how: 'measured',
    counts: true,
    intro:
      'Cold, top of compression, both valves shut. Read and write it down before anything is turned; after setting, lock and read again.',
    fields: [
      { type: 'chips', key: 'state', label: 'Read', options: LASH_STATES, start: 'as_found', needed: true },
      { type: 'quantity', key: 'inlet', label: 'Inlet', units: ['mm', 'thou'], kind: 'length' },
      {
        type: 'quantity',
        key: 'exhaust',
        label: 'Exhaust',
        units: ['mm', 'thou'],
        kind: 'length',
        hint: 'Nothing at all is 0.',
      },
      { type: 'chips', key: 'rockers', label: 'Rockers', options: ROCKERS, start: 'not_tried', needed: true },
      note,
    ],
  },
  modification: {
    kind: 'modification',
    log: 'Log the change',
    how: null,
    counts: false,
    fields: [
      { type: 'chips', key: 'what', label: 'Changed', options: MODIFICATION_LABELS },
      { type: 'text', key: 'text', label: 'What exactly' },
      { type: 'text', key: 'why', label: 'Why was it done?', hint: 'The reason is a finding.' },
      { type: 'chips', key: 'state', label: 'Now', options: MODIFICATION_STATES, start: 'in_place', needed: true },
    ],
  },
  inventory: {
    kind: 'inventory',
    log: 'Log what is in the box',
    how: null,
    counts: false,
    fields: [
      { type: 'lines', key: 'here', label: 'Here, one thing a line' },
      { type: 'lines', key: 'missing', label: 'Missing, one thing a line' },
      { type: 'text', key: 'from', label: 'Who took it apart', hint: 'What they found is a claim: log it as one.' },
    ],
  },
  event: {
    kind: 'event',
    log: 'Log it',
    how: null,
    counts: false,
    fields: [
      { type: 'chips', key: 'what', label: 'It', options: EVENTS },
      { type: 'text', key: 'when', label: 'When' },
      note,
    ],
  },
  oil_change: {
    kind: 'oil_change',
    log: 'Log the oil change',
    how: null,
    counts: false,
    intro:
      'All of it, never only topped up: old oil with new on top is old oil. Read the level again after five minutes.',
    caution: 'Hot oil burns. Waste oil to its own can: follow your local rules.',
    fields: [
      { type: 'quantity', key: 'amount', label: 'Filled', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
      { type: 'text', key: 'oil', label: 'Which oil' },
      { type: 'switch', key: 'filter', label: 'Filter or strainer too' },
      {
        type: 'figure',
        key: 'atHours',
        label: 'At a running time of',
        suffix: 'h',
        hint: 'Empty: the running time of this visit.',
      },
    ],
  },
  theory: {
    kind: 'theory',
    log: 'Keep the theory',
    how: null,
    counts: false,
    fields: [
      { type: 'area', key: 'statement', label: 'Theory: what could it be?' },
      { type: 'cause', key: 'causeId', label: 'Is it one of these?' },
      { type: 'text', key: 'proves', label: 'It would be proved by' },
      { type: 'text', key: 'disproves', label: 'It would be ruled out by' },
      { type: 'area', key: 'trial', label: 'Trial: what was done, under which conditions' },
      {
        type: 'text',
        key: 'limits',
        label: "What the trial can't show",
        hint: 'Cold, on the bench, without load, no control.',
      },
      { type: 'chips', key: 'state', label: 'It stands', options: THEORY_STATES, start: 'open', needed: true },
    ],
  },
  valve_leak: {
    kind: 'valve_leak',
    log: 'Log the leak test',
    how: 'by_eye',
    counts: true,
    intro:
      'Head level, valve under its spring, solvent in the port, one minute by the clock. As found first; again after each change.',
    caution: 'Solvent burns and its vapour harms: aired, no spark, gloves.',
    fields: [
      { type: 'chips', key: 'valve', label: 'Valve', options: VALVE_NAMES },
      { type: 'chips', key: 'when', label: 'When', options: MEASURED_WHEN, start: 'as_found', needed: true },
      { type: 'chips', key: 'look', label: 'Seen', options: LEAK_SEEN },
      { type: 'figure', key: 'dropsPerMin', label: 'Drops a minute', when: d => d.look === 'drops' },
      { type: 'text', key: 'place', label: 'Cylinder' },
      note,
    ],
  },
  pump_rig: {
    kind: 'pump_rig',
    log: 'Log the rig',
    how: 'measured',
    counts: true,
    intro:
      "The pump in a can of this engine's oil, driven by a drill the right way round, caught in a measuring can. A sound pump in the same rig is its control.",
    caution: 'Eyes covered; the drill clamped, nothing loose near it. Hot oil burns.',
    fields: [
      { type: 'figure', key: 'drillRpm', label: 'Speed of the drill', suffix: 'rpm' },
      {
        type: 'figure',
        key: 'ratio',
        label: 'Turns of the pump to one of the engine',
        hint: '0.5 for a pump that turns half as fast.',
      },
      { type: 'quantity', key: 'amount', label: 'Caught', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
      { type: 'figure', key: 'seconds', label: 'In', suffix: 's' },
      {
        type: 'quantity',
        key: 'control',
        label: 'A sound pump, same time and speed',
        units: ['mL', 'L', 'US_floz'],
        kind: 'volume',
      },
      {
        type: 'quantity',
        key: 'pressure',
        label: 'Against a pressure of',
        units: ['bar', 'psi', 'kPa'],
        kind: 'pressure',
      },
      { type: 'figure', key: 'oilC', label: 'Oil at', suffix: '°C' },
      note,
    ],
  },
  as_found: {
    kind: 'as_found',
    log: 'Log it as found',
    how: null,
    counts: false,
    intro: 'Before it is disturbed. Once the fasteners of that cover are logged, this is locked as it stands.',
    fields: [
      { type: 'text', key: 'cover', label: 'Cover or joint' },
      { type: 'chips', key: 'about', label: 'What of it', options: AS_FOUND },
      {
        type: 'area',
        key: 'words',
        label: 'How it lay',
        hint: 'Governor spring in the third hole from the pivot, long hook outwards.',
      },
    ],
  },
  fasteners: {
    kind: 'fasteners',
    log: 'Log the fasteners',
    how: null,
    counts: false,
    intro: 'A line for each cover or joint. Corrected with what went back, the counts must come out even.',
    caution: "Heat and penetrating oil don't go together. Fuel away, eyes covered.",
    fields: [
      { type: 'text', key: 'cover', label: 'Cover or joint' },
      {
        type: 'text',
        key: 'what',
        label: 'Size, length or shoulder, and where each sits',
        hint: 'Two M6 × 45 at the front, four M6 × 30; the shouldered one by the tensioner.',
      },
      { type: 'text', key: 'tool', label: 'Tool' },
      { type: 'figure', key: 'out', label: 'Came out' },
      { type: 'figure', key: 'back', label: 'Went back', hint: 'Empty until it goes together.' },
      { type: 'many', key: 'stuck', label: 'Stuck: what was tried, in order', options: STUCK_METHODS },
      { type: 'figure', key: 'minutes', label: 'It took', suffix: 'min', when: d => (d.stuck as string[]).length > 0 },
      { type: 'text', key: 'broke', label: 'What broke', when: d => (d.stuck as string[]).length > 0 },
    ],
  },
  fitted: {
    kind: 'fitted',
    log: 'Log what was fitted',
    how: null,
    counts: false,
    fields: [
      { type: 'text', key: 'what', label: 'Part' },
      { type: 'text', key: 'batch', label: 'Batch or lot on its label' },
      { type: 'text', key: 'from', label: 'From whom' },
      { type: 'chips', key: 'origin', label: 'It is', options: ORIGINS, start: 'maker', needed: true },
    ],
  },
  bad_batch: {
    kind: 'bad_batch',
    log: 'Quarantine the batch',
    how: null,
    counts: false,
    intro:
      'Proved bad here: kept off the shelf, and every other machine that carries it is listed with a message to its owner.',
    fields: [
      { type: 'text', key: 'what', label: 'Part' },
      { type: 'text', key: 'batch', label: 'Batch or lot' },
      { type: 'area', key: 'proof', label: 'What proves it' },
    ],
  },
  evidence: {
    kind: 'evidence',
    log: 'Keep it as evidence',
    how: null,
    counts: false,
    intro:
      'Foreign matter and missing pieces stay open until somebody can say what they are. Bag it, label it, photograph it.',
    fields: [
      { type: 'text', key: 'what', label: 'What it is' },
      { type: 'text', key: 'where', label: 'Where it was found, or is missing from' },
      { type: 'switch', key: 'missing', label: 'It is a piece that is missing' },
      { type: 'text', key: 'explained', label: 'Explanation', hint: 'Empty: stays open.' },
    ],
  },
  rest_check: {
    kind: 'rest_check',
    log: 'Log the rest of the machine',
    how: 'by_eye',
    counts: true,
    intro: 'A good engine in a bad frame is money lost. Two minutes round the machine before an engine is priced.',
    fields: [
      ...Object.entries(REST_ITEMS).map(([key, label]): FieldPlan => ({
        type: 'chips',
        key,
        label,
        options: REST_STATES,
        start: 'not_looked',
        needed: true,
      })),
      note,
    ],
    normal: { word: 'All of it good', draft: Object.fromEntries(Object.keys(REST_ITEMS).map(k => [k, 'good'])) },
  },
  fit_check: {
    kind: 'fit_check',
    log: 'Log the fit',
    how: 'measured',
    counts: true,
    intro: 'Another engine held against this frame, before it is ordered.',
    fields: [
      { type: 'text', key: 'engine', label: 'Which engine' },
      ...Object.entries(FIT_ITEMS).map(([key, label]): FieldPlan => ({
        type: 'chips',
        key,
        label,
        options: FIT_STATES,
        start: 'not_checked',
        needed: true,
      })),
      note,
    ],
  },
  owner_call: {
    kind: 'owner_call',
    log: 'Log the call',
    how: null,
    counts: false,
    fields: [
      { type: 'chips', key: 'result', label: 'The owner', options: CALL_RESULTS },
      { type: 'text', key: 'answer', label: 'Said', when: d => d.result === 'answered' },
      {
        type: 'money',
        key: 'capMinor',
        label: 'New cap',
        hint: 'Empty: the cap stays.',
        when: d => d.result === 'answered',
      },
    ],
  },
  refused: {
    kind: 'refused',
    log: 'Log the refusal',
    how: null,
    counts: false,
    fields: [
      { type: 'text', key: 'what', label: 'Work that was refused' },
      { type: 'text', key: 'risk', label: 'What it risks, as the owner was told' },
      { type: 'text', key: 'by', label: 'Who refused it' },
    ],
  },
} as const satisfies Record<string, FindingPlan>
export type PlannedFinding = keyof typeof FINDING_PLANS

export function blankFields(plan: FindingPlan): FieldsDraft {
  return Object.fromEntries(plan.fields.map((f): [string, FieldsDraft[string]] => [f.key, blankField(f)]))
}

function blankField(f: FieldPlan): FieldsDraft[string] {
  switch (f.type) {
    case 'chips':
      return f.start ?? null
    case 'many':
      return []
    case 'leaks':
      return []
    case 'switch':
      return false
    case 'quantity':
      return { text: '', unit: rememberedUnit(f.kind, f.units) }
    default:
      return ''
  }
}

/** What a form holds as the body of its entry. What can't be read as a figure goes as it was typed: the answer then names the field. */
export function fieldsBody(plan: FindingPlan, draft: FieldsDraft): BodyOf[EntryKind] {
  return Object.fromEntries(
    plan.fields.map(f => [f.key, fieldBody(f, draft[f.key] ?? blankField(f))]),
  ) as unknown as BodyOf[EntryKind]
}

function fieldBody(f: FieldPlan, value: FieldsDraft[string]): unknown {
  switch (f.type) {
    case 'figure':
      return typedFigure(value as string)
    case 'money':
      return moneyTyped(value as string, useShopStore().policy.currency)
    case 'quantity': {
      const { text, unit } = value as QuantityDraft
      return text.trim() ? { value: typedFigure(text), unit } : null
    }
    case 'lines':
      return (value as string)
        .split('\n')
        .map(line => line.trim())
        .filter(Boolean)
    case 'text':
    case 'cause':
    case 'area':
      return (value as string) || null
    default:
      return value
  }
}

export function fieldsDraft(plan: FindingPlan, body: Entry['body']): FieldsDraft {
  const of = body as unknown as Record<string, unknown>
  return Object.fromEntries(
    plan.fields.map((f): [string, FieldsDraft[string]] => {
      const value = of[f.key]
      if (f.type === 'figure') return [f.key, figureText(value as number | null)]
      if (f.type === 'money') return [f.key, moneyField(value as number | null, useShopStore().policy.currency)]
      if (f.type === 'quantity')
        return [
          f.key,
          value
            ? { text: String((value as Quantity).value), unit: (value as Quantity).unit }
            : { text: '', unit: rememberedUnit(f.kind, f.units) },
        ]
      if (f.type === 'lines') return [f.key, (value as string[]).join('\n')]
      if (f.type === 'text' || f.type === 'cause' || f.type === 'area') return [f.key, (value as string | null) ?? '']
      return [f.key, value as FieldsDraft[string]]
    }),
  )
}
