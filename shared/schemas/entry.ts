import { z } from 'zod'
import { DEBRIS_AMOUNTS, DEBRIS_MATERIALS } from '#core/debris/debrisTables'
import type { BodyOf, Entry, EntryKind } from '#core/job/entries'
import { FINDING_KINDS } from '#core/job/entries'
import {
  AGREED_HOW,
  CALL_RESULTS,
  ORDER_STATES,
  OUTWORK_VERDICTS,
  OWNER_CHOICES,
  QUOTE_STAGES,
  FIT_ITEMS,
  FIT_STATES,
  REST_ITEMS,
  REST_STATES,
  LINE_TYPES,
  PRICE_KINDS,
  WAITING_FOR,
  WAYS,
} from '#core/words/deciding'
import {
  AS_FOUND,
  BORE_WHEN,
  CROSS_HATCH,
  LASH_STATES,
  LEAK_SEEN,
  MEASURED_WHEN,
  ORIGINS,
  PART_ROLES,
  PROOFS,
  ROCKERS,
  STUCK_METHODS,
  THEORY_STATES,
  VALVE_NAMES,
} from '#core/words/opened'
import {
  BREATHER_STATES,
  COMPRESSION_FEELS,
  DEBRIS_PLACES,
  FILTER_STATES,
  FUEL_WORDS,
  HEARD,
  LEAK_LOOKS,
  LEAK_SITES,
  LEAK_STATES,
  LOCK_RESULTS,
  LOCK_STEPS,
  OIL_COLOURS,
  OIL_GLITTER,
  OIL_KINDS,
  OIL_SMELLS,
  OIL_THICKNESS,
  PLUG_STATES,
  RATED,
  RELEASE_STATES,
  SAFE_STEPS,
  SEEN,
  SMOKE_AFTER,
  SMOKE_COLOURS,
  SMOKE_MOMENTS,
  SMOKE_SMELLS,
  TEMPERATURES,
  TURN_FEELS,
  TURN_METHODS,
  WHERE_GONE,
} from '#core/words/looks'
import {
  CLAIM_STATES,
  COMPLAINT_KINDS,
  EARLIER_HANDS,
  EVENTS,
  METER_SOURCES,
  METER_UNITS,
  MODIFICATIONS,
  MODIFICATION_STATES,
  OUTSIDE_CLUES,
} from '#core/words/counter'
import { HOW_GOT, STAGES } from '#core/log/words'
import { USE_CLASSES } from '#core/engine/words'
import { CAUSE_BY_ID, CHECK_BY_ID } from '#core/diagnosis/catalogue'
import { BORE_SPAN } from '#core/measure/bore'
import { MEASURE_PLANS, MEASURES } from '#core/measure/items'
import { TOOLS } from '#core/measure/tools'
import { PART_PLANS, PARTS } from '#core/teardown/parts'
import { DISPOSITIONS, OIL_STATES } from '#core/teardown/partPlan'
import { TIP_PCT, TOP_PCT } from '#core/oil/fillMarks'
import { CURES } from '#core/oil/fuelPath'
import { UNITS } from '#core/units/unitTable'
import { amount, count, idText, keyOf, longText, nullable, optionalText, share, shortText, wordsOf } from './words'

/** A quantity of one kind, read in any unit of that kind, within what can be. */
function quantity(kind: string, what: string, max: number) {
  return z
    .strictObject({
      value: z
        .number({ error: `${what}: type a figure, for example 62.` })
        .min(0, `${what} can't be less than nothing.`),
      unit: z.string(),
    })
    .superRefine(({ value, unit }, check) => {
      const known = Object.hasOwn(UNITS, unit) ? UNITS[unit] : undefined
      if (!known || known.kind !== kind)
        check.addIssue({
          code: 'custom',
          path: ['unit'],
          message: `${what} can't be read in ${unit || 'no unit'}: choose a unit of ${kind}.`,
        })
      else if (value * known.factor > max)
        check.addIssue({
          code: 'custom',
          path: ['value'],
          message: `${what} of ${value} ${known.label} is more than can be: check the decimal point and the unit.`,
        })
    })
}
/** A quantity in the internal unit of its kind; as it stands where the unit is not known, which is refused elsewhere. */
const inner = ({ value, unit }: { value: number; unit: string }): number =>
  Object.hasOwn(UNITS, unit) ? value * (UNITS[unit]?.factor ?? 1) : value
const pressure = (what: string) => quantity('pressure', what, 6000)
/** Pressure, or vacuum as a negative figure. */
const signedPressure = (what: string) =>
  z.strictObject({
    value: z
      .number({ error: `${what}: type a figure, for example 40, or −40 for vacuum.` })
      .min(-1000)
      .max(1000),
    unit: z
      .string()
      .refine(u => Object.hasOwn(UNITS, u) && UNITS[u]?.kind === 'pressure', `${what} needs a unit of pressure.`),
  })
const knownCause = z.string().refine(id => CAUSE_BY_ID.has(id), 'This cause is not in the catalogue.')
const length = (what: string, max = 10) => quantity('length', what, max)
const volume = (what: string, max = 20000) => quantity('volume', what, max)

const day = (what: string) => z.iso.date({ error: `${what}: give a date, for example 2026-11-25.` })
const moneyMinor = (what: string) =>
  z
    .number({ error: `${what}: type an amount, for example 120.` })
    .int(`${what} has too many decimals.`)
    .min(0, `${what} can't be negative.`)
    .max(1e9, `${what} is too large: check the decimal point.`)
const hoursField = (what: string) =>
  z
    .number({ error: `${what}: type hours, for example 1.5.` })
    .min(0, `${what} can't be negative.`)
    .max(100000, `${what} is too large: check the decimal point.`)

export const estimateLine = z
  .strictObject({
    id: idText('Line'),
    type: keyOf(LINE_TYPES, 'Kind of line'),
    text: shortText('Line', 200),
    why: optionalText('Why it is here', 400),
    low: amount('Low'),
    likely: amount('Likely'),
    high: amount('High'),
    chance: share('Chance'),
    priceKind: nullable(keyOf(PRICE_KINDS, 'Kind of price')),
    cures: z
      .boolean()
      .nullish()
      .transform(cures => cures ?? false),
    source: optionalText('Who the price is from', 120),
    pricedOn: nullable(z.iso.date({ error: 'Day of the price: give a date, for example 2026-11-25.' })),
    parts: z
      .array(
        z
          .string()
          .refine(key => Object.hasOwn(PARTS, key.split(':')[0] ?? ''), 'This part is not in the catalogue of parts.'),
      )
      .max(20, 'A line can be for twenty parts at most.')
      .optional(),
    lookMin: nullable(
      z
        .number({ error: 'Minutes of a look: type a figure.' })
        .min(1, 'A look takes at least a minute.')
        .max(2400, 'A look of more than 40 hours is the work itself.'),
    ),
  })
  .superRefine((line, check) => {
    if (line.low > line.likely)
      check.addIssue({ code: 'custom', path: ['low'], message: 'Low must not be more than likely.' })
    if (line.high < line.likely)
      check.addIssue({ code: 'custom', path: ['high'], message: 'High must not be less than likely.' })
  })

export const debrisItem = z
  .strictObject({
    magnet: nullable(z.enum(['takes', 'leaves'], { error: 'Say whether the magnet takes it or leaves it.' })),
    material: z.enum(DEBRIS_MATERIALS, { error: "Say what it is made of, or “can't tell”." }),
    amount: z.enum(DEBRIS_AMOUNTS, { error: 'Say how much there is.' }),
    largestUm: nullable(
      z
        .number({ error: 'Largest piece: type a size.' })
        .min(1, 'Largest piece must be at least 0.001 mm.')
        .max(50000, "Largest piece can't be more than 50 mm."),
    ),
  })
  .refine(item => item.largestUm !== null || item.material === 'emulsion', {
    path: ['largestUm'],
    message: 'Say how large the largest piece is, by eye will do.',
  })

const option = z.strictObject({
  name: shortText('Name of this way', 80),
  way: keyOf(WAYS, 'Way'),
  lines: z.array(estimateLine).max(200, 'An option can hold 200 lines.'),
  valueAfterMinor: nullable(moneyMinor('Value afterwards')),
  successChance: share('Chance that it holds'),
  comebackMinor: moneyMinor('Cost if it comes back'),
  hoursOk: hoursField('Hours it will run'),
  hoursFail: hoursField('Hours if it fails'),
  daysDown: z
    .number({ error: 'Days down: type a figure.' })
    .min(0, "Days down can't be negative.")
    .max(730, 'More than two years is too long.')
    .nullish()
    .transform(d => d ?? 0),
  ruledOut: optionalText('Why it is ruled out', 200),
})

const frozen = z.strictObject({
  name: shortText('Option', 80),
  way: keyOf(WAYS, 'Way'),
  lines: z.array(estimateLine),
  currency: z.string().length(3),
  labourRateMinor: moneyMinor('Labour rate'),
  taxPct: z.number().min(0).max(100),
  mean: z.number().min(0),
  p10: z.number().min(0),
  p50: z.number().min(0),
  p90: z.number().min(0),
  reasons: z.array(z.string().max(1000)).max(40),
})

const figureIn = (what: string, min: number, max: number, unit: string) =>
  z
    .number({ error: `${what}: type a figure.` })
    .min(min, `${what} must be at least ${min} ${unit}.`)
    .max(max, `${what} can be at most ${max.toLocaleString('en-GB')} ${unit}: check the decimal point.`)
const wordList = (what: string) => z.array(shortText(what, 200)).max(80, `${what}: at most 80 lines.`)

/** Running time: read, claimed, or worked out from the pattern of use. */
export const meterBody = z
  .strictObject({
    reading: nullable(
      z
        .number({ error: 'Running time: type a figure.' })
        .min(0, "Running time can't be negative.")
        .max(1e7, 'Running time is too large: check the decimal point.'),
    ),
    unit: keyOf(METER_UNITS, 'Unit of the running time'),
    source: keyOf(METER_SOURCES, 'Where the running time comes from'),
    pattern: nullable(
      z.strictObject({
        hoursPerDay: figureIn('Hours a day', 0.1, 24, 'hours'),
        daysPerWeek: figureIn('Days a week', 0.1, 7, 'days'),
        months: figureIn('Months', 0.1, 1200, 'months'),
      }),
    ),
  })
  .refine(m => m.pattern === null || m.source === 'estimated', {
    path: ['source'],
    message: 'Worked out from use it is an estimate, not a reading.',
  })

/** The body of every kind of entry, checked on the way in and on the way out. */
export const BODY_SCHEMAS: { [K in EntryKind]: z.ZodType<BodyOf[K]> } = {
  complaint: z.strictObject({
    words: shortText('Complaint', 2000),
    since: optionalText('Since when', 200),
    about: nullable(keyOf(COMPLAINT_KINDS, 'What it is about')),
  }),
  claim: z.strictObject({
    text: shortText('What the owner says', 1000),
    howKnown: optionalText('How the owner knows', 400),
    topic: optionalText('Question', 40),
  }),
  meter: meterBody,
  modification: z.strictObject({
    what: keyOf(MODIFICATIONS, 'What was changed'),
    text: optionalText('What exactly', 300),
    why: optionalText('Why it was done', 300),
    state: keyOf(MODIFICATION_STATES, 'State'),
  }),
  inventory: z
    .strictObject({
      here: wordList('What is here'),
      missing: wordList('What is missing'),
      from: optionalText('From whom', 200),
    })
    .refine(b => b.here.length + b.missing.length > 0, {
      path: ['here'],
      message: 'Write down at least one thing that is here or missing.',
    }),
  event: z.strictObject({
    what: keyOf(EVENTS, 'What happened'),
    when: optionalText('When', 120),
    note: longText('Note'),
  }),
  clues: z.strictObject({
    outside: z.array(keyOf(OUTSIDE_CLUES, 'Clue')).max(20),
    hands: z.array(keyOf(EARLIER_HANDS, 'Sign')).max(20),
    ageYears: nullable(figureIn('Age', 0, 150, 'years')),
    note: longText('Note'),
  }),
  smoke: z.strictObject({
    colour: keyOf(SMOKE_COLOURS, 'Colour of the smoke'),
    moment: nullable(keyOf(SMOKE_MOMENTS, 'When it smokes')),
    after: nullable(keyOf(SMOKE_AFTER, 'After what')),
    smell: nullable(keyOf(SMOKE_SMELLS, 'Smell of the smoke')),
    note: longText('Note'),
  }),
  leaks: z
    .strictObject({
      look: keyOf(LEAK_LOOKS, 'Look'),
      sites: z
        .array(z.strictObject({ site: keyOf(LEAK_SITES, 'Place'), state: keyOf(LEAK_STATES, 'State') }))
        .min(1, 'Touch at least one place on the drawing.')
        .max(20),
      note: longText('Note'),
    })
    .refine(l => new Set(l.sites.map(s => s.site)).size === l.sites.length, {
      path: ['sites'],
      message: 'Each place once only.',
    }),
  lash: z
    .strictObject({
      state: keyOf(LASH_STATES, 'As found or set'),
      inlet: nullable(length('Inlet lash')),
      exhaust: nullable(length('Exhaust lash')),
      rockers: keyOf(ROCKERS, 'Rockers'),
      note: longText('Note'),
    })
    .refine(l => l.inlet !== null || l.exhaust !== null || l.rockers === 'stuck', {
      path: ['inlet'],
      message: 'Give the lash of at least one valve, or say that a rocker is stuck.',
    }),
  lock_step: z
    .strictObject({
      step: keyOf(LOCK_STEPS, 'Step'),
      result: keyOf(LOCK_RESULTS, 'What happened'),
      note: longText('Note'),
    })
    .refine(l => l.result !== 'liquid' || l.step === 'plug_out', {
      path: ['result'],
      message: 'Liquid comes out only with the plug out.',
    }),
  oil_use: z.strictObject({
    topped: volume('Topped up').refine(q => q.value > 0, {
      path: ['value'],
      message: 'Topped up must be more than nothing.',
    }),
    over: figureIn('Over', 0.1, 100000, ''),
    unit: z.enum(['h', 'km'], { error: 'Over: choose hours or km.' }),
    perWeek: nullable(figureIn('Use in a week', 0.1, 20000, '')),
    note: longText('Note'),
  }),
  oil_kind: z.strictObject({
    what: keyOf(OIL_KINDS, 'Kind of oil'),
    grade: optionalText('Grade', 60),
    wetClutch: keyOf(RATED, 'Wet-clutch rating'),
    antiWear: keyOf(RATED, 'Anti-wear additive'),
    reason: optionalText('Why this oil', 300),
  }),
  oil_change: z.strictObject({
    amount: nullable(volume('Filled')),
    oil: optionalText('Oil', 120),
    filter: z.boolean(),
    atHours: nullable(figureIn('Running time', 0, 100000, 'h')),
  }),
  theory: z
    .strictObject({
      statement: shortText('Theory', 500),
      causeId: nullable(knownCause),
      proves: optionalText('What would prove it', 300),
      disproves: optionalText('What would rule it out', 300),
      trial: optionalText('Trial', 500),
      limits: optionalText("What the trial can't show", 300),
      state: keyOf(THEORY_STATES, 'State'),
    })
    .refine(t => t.state !== 'proved' || (t.trial && t.proves), {
      path: ['trial'],
      message: 'Proved needs what would prove it and the trial that did.',
    }),
  cause_found: z
    .strictObject({
      causeId: nullable(knownCause),
      text: optionalText('In words', 300),
      proof: keyOf(PROOFS, 'How sure'),
      missing: optionalText('Proof that is missing', 300),
      chain: z
        .array(shortText('Step of the chain', 200))
        .max(12)
        .nullish()
        .transform(chain => chain ?? []),
    })
    .refine(c => c.proof === 'unknown' || c.causeId !== null || c.text !== null, {
      path: ['causeId'],
      message: 'Name the cause, or say that it is unknown.',
    }),
  measure: z
    .strictObject({
      item: keyOf(MEASURES, 'What is measured'),
      reads: z.array(length('Reading', 500)).min(1, 'Type the reading.').max(6),
      tool: keyOf(TOOLS, 'Tool'),
      place: optionalText('Where', 60),
      when: keyOf(MEASURED_WHEN, 'When'),
      note: longText('Note'),
      soldMm: z
        .array(
          z
            .number({ error: 'Sizes: type figures in mm with a space between.' })
            .min(0, "A size can't be less than nothing.")
            .max(100, 'A size of more than 100 mm is not sold.'),
        )
        .max(60, 'Sixty sizes are enough.')
        .nullish()
        .transform(s => s ?? []),
    })
    .superRefine(({ item, reads }, check) => {
      const asked = MEASURE_PLANS[item]?.reads ?? []
      if (reads.length !== asked.length)
        check.addIssue({
          code: 'custom',
          path: ['reads', reads.length],
          message: `${asked[reads.length] ?? 'Reading'}: type a figure.`,
        })
      // lengths that the figure is divided by
      else if (
        reads
          .slice(1)
          .some((r, i) => r.value <= 0 && !/Height|Right|Gasket now|Should stand out/.test(asked[i + 1] ?? ''))
      )
        check.addIssue({ code: 'custom', path: ['reads', 1], message: `${asked[1]} must be more than nothing.` })
      else {
        const fault = MEASURE_PLANS[item]?.fault?.(reads.map(inner))
        if (fault) check.addIssue({ code: 'custom', path: ['reads', fault.at], message: fault.message })
      }
    }),
  bore: z
    .strictObject({
      nominal: length('Standard bore', 200),
      unit: z.enum(['mm', 'in'], { error: 'Read a bore in mm or inches.' }),
      rows: z
        .array(
          z.tuple(
            [
              z.number({ error: 'Type the reading along the crank.' }),
              z.number({ error: 'Type the reading across the crank.' }),
            ],
            { error: 'Each depth needs two readings.' },
          ),
        )
        .min(1, 'Type one depth at least.')
        .max(8),
      piston: nullable(length('Piston', 200)),
      tool: keyOf(TOOLS, 'Tool'),
      when: keyOf(BORE_WHEN, 'When'),
      partC: nullable(
        z
          .number({ error: 'Temperature: type a figure.' })
          .min(-20, 'Too cold to be measured.')
          .max(150, 'Let it cool: read it under 150 °C.'),
      ),
      sizesMm: z
        .array(
          z
            .number()
            .min(0.01, 'An oversize is more than nothing.')
            .max(5, 'An oversize of more than 5 mm is not sold.'),
        )
        .max(12),
      holdCentre: z.boolean(),
      crossHatch: keyOf(CROSS_HATCH, 'Cross-hatch'),
      note: longText('Note'),
    })
    .superRefine(({ rows, unit, nominal, piston }, check) => {
      const standard = inner(nominal)
      if (standard < 15)
        check.addIssue({
          code: 'custom',
          path: ['nominal', 'value'],
          message: 'A standard bore is at least 15 mm: look at the figure and its unit.',
        })
      rows.forEach((row, i) =>
        row.forEach((value, j) => {
          const mm = inner({ value, unit })
          if (standard >= 15 && (mm < BORE_SPAN[0] * standard || mm > BORE_SPAN[1] * standard))
            check.addIssue({
              code: 'custom',
              path: ['rows', i, j],
              message: `${value} ${unit} is no size near ${nominal.value} ${nominal.unit}: look at the decimal point.`,
            })
        }),
      )
      if (piston && standard >= 15 && (inner(piston) > 1.02 * standard || inner(piston) < 0.95 * standard))
        check.addIssue({
          code: 'custom',
          path: ['piston', 'value'],
          message: 'No piston of that size runs in this bore: look at the decimal point.',
        })
    }),
  valve_leak: z
    .strictObject({
      valve: keyOf(VALVE_NAMES, 'Valve'),
      when: keyOf(MEASURED_WHEN, 'When'),
      look: keyOf(LEAK_SEEN, 'What is seen'),
      dropsPerMin: nullable(count('Drops a minute', 1, 600)),
      place: optionalText('Cylinder', 60),
      note: longText('Note'),
    })
    .refine(v => v.look !== 'drops' || v.dropsPerMin !== null, {
      path: ['dropsPerMin'],
      message: 'Count the drops of one minute.',
    })
    .refine(v => v.look === 'drops' || v.dropsPerMin === null, {
      path: ['look'],
      message: 'Drops were counted: choose “Drops”.',
    }),
  pump_rig: z
    .strictObject({
      drillRpm: figureIn('Speed of the drill', 50, 6000, 'rpm'),
      ratio: figureIn('Turns of the pump', 0.1, 4, 'to one of the engine'),
      amount: volume('Oil caught'),
      seconds: figureIn('Time', 2, 1800, 's'),
      control: nullable(volume('A sound pump')),
      pressure: nullable(pressure('Pressure')),
      oilC: nullable(figureIn('Oil temperature', -20, 150, '°C')),
      note: longText('Note'),
    })
    .refine(r => r.control === null || r.control.value > 0, {
      path: ['control', 'value'],
      message: 'A sound pump must give something.',
    }),
  part: z
    .strictObject({
      place: optionalText('Which one', 40),
      part: keyOf(PARTS, 'Part'),
      disposition: keyOf(DISPOSITIONS, 'What becomes of it'),
      seen: z.array(z.string()).max(12),
      oil: keyOf(OIL_STATES, 'Oil'),
      role: keyOf(PART_ROLES, 'Cause or consequence'),
      reason: optionalText('Reason', 400),
      orientation: optionalText('Which way round', 200),
      owed: optionalText('Still owed', 300),
    })
    .superRefine(({ part, disposition, seen, reason }, check) => {
      if (seen.some(k => !Object.hasOwn(PART_PLANS[part]?.look ?? {}, k)))
        check.addIssue({ code: 'custom', path: ['seen'], message: 'That is not looked for on this part.' })
      if (
        (disposition === 'replace' || disposition === 'machine' || disposition === 'unknown') &&
        !seen.length &&
        !reason
      )
        check.addIssue({
          code: 'custom',
          path: ['reason'],
          message:
            disposition === 'unknown' ? 'Say what is still to be found out.' : 'Say why: what was seen, or a reason.',
        })
    }),
  as_found: z.strictObject({
    cover: shortText('Cover or joint', 80),
    about: keyOf(AS_FOUND, 'What of it'),
    words: shortText('How it lay', 500),
  }),
  fasteners: z
    .strictObject({
      cover: shortText('Cover or joint', 80),
      what: shortText('Size and where', 300),
      tool: optionalText('Tool', 80),
      out: count('Out', 1, 99),
      back: nullable(count('Back', 0, 99)),
      stuck: z.array(keyOf(STUCK_METHODS, 'Method')).max(7),
      minutes: nullable(count('Minutes', 0, 600)),
      broke: optionalText('What broke', 200),
    })
    .refine(f => f.minutes === null || f.stuck.length > 0, {
      path: ['stuck'],
      message: 'Say how the stuck one was got out.',
    }),
  fitted: z.strictObject({
    what: shortText('Part', 120),
    batch: optionalText('Batch', 60),
    from: optionalText('From whom', 80),
    origin: keyOf(ORIGINS, 'Origin'),
  }),
  bad_batch: z.strictObject({
    what: shortText('Part', 120),
    batch: shortText('Batch', 60),
    proof: shortText('Proof', 400),
  }),
  sign_off: z.strictObject({ stopId: shortText('Stop', 40), reason: shortText('Reason', 400) }),
  check: z
    .strictObject({
      check: z.string().refine(id => CHECK_BY_ID.has(id), 'This check is not in the catalogue.'),
      found: z.array(z.string()).max(30),
      absent: z.array(z.string()).max(30),
      skipped: optionalText('Why it is left out', 300),
      note: longText('Note'),
    })
    .superRefine(({ check, found, absent, skipped }, issues) => {
      const signs = new Set(CHECK_BY_ID.get(check)?.shows.map(s => s.id))
      if ([...found, ...absent].some(id => !signs.has(id)))
        issues.addIssue({ code: 'custom', path: ['found'], message: 'Choose only signs that this check can show.' })
      else if (found.some(id => absent.includes(id)))
        issues.addIssue({ code: 'custom', path: ['found'], message: 'A sign is there or not: not both.' })
      else if (!found.length && !absent.length && !skipped)
        issues.addIssue({
          code: 'custom',
          path: ['found'],
          message: 'Say what it showed, or that it showed nothing, or why it is left out.',
        })
    }),
  evidence: z.strictObject({
    what: shortText('What it is', 300),
    where: shortText('Where it was found', 200),
    missing: z.boolean(),
    explained: optionalText('Explanation', 1000),
  }),
  photo: z.strictObject({
    photoId: idText('Photo'),
    caption: optionalText('Words under the photo', 300),
    about: optionalText('Part it shows', 80),
    width: z.number().int().min(1).max(20000),
    height: z.number().int().min(1).max(20000),
  }),
  refused: z.strictObject({
    what: shortText('Work that was refused', 300),
    risk: shortText('What it risks', 500),
    by: optionalText('Who refused', 120),
  }),
  claim_check: z.strictObject({ claimId: idText('Claim'), state: keyOf(CLAIM_STATES, 'What became of the claim') }),
  terms: z
    .strictObject({
      useClass: keyOf(USE_CLASSES, 'Use'),
      runningValueMinor: nullable(moneyMinor('Value running')),
      asIsValueMinor: nullable(moneyMinor('Value as it is')),
      capMinor: nullable(moneyMinor('Spending cap')),
      deadline: nullable(z.iso.date({ error: 'Wanted by: give a date, for example 2026-12-24.' })),
      dayLossMinor: nullable(moneyMinor('A day without it')),
      boughtMinor: nullable(moneyMinor('Bought for')),
      ownTimeFree: z
        .boolean()
        .nullish()
        .transform(free => free ?? false),
    })
    .refine(t => !t.ownTimeFree || t.boughtMinor !== null, {
      path: ['ownTimeFree'],
      message: "Own time is free only on the shop's own machine: say what it was bought for.",
    }),
  rest_check: z.strictObject({
    ...(Object.fromEntries(
      Object.entries(REST_ITEMS).map(([k, word]) => [k, keyOf(REST_STATES, word)]),
    ) as unknown as Record<keyof typeof REST_ITEMS, z.ZodType<keyof typeof REST_STATES>>),
    note: longText('Note'),
  }),
  fit_check: z.strictObject({
    engine: shortText('Which engine', 120),
    ...(Object.fromEntries(
      Object.entries(FIT_ITEMS).map(([k, word]) => [k, keyOf(FIT_STATES, word)]),
    ) as unknown as Record<keyof typeof FIT_ITEMS, z.ZodType<keyof typeof FIT_STATES>>),
    note: longText('Note'),
  }),
  spend: z
    .strictObject({
      what: shortText('What was done', 200),
      startedAt: nullable(z.iso.datetime({ offset: true, error: 'Start: give a date and time.' })),
      endedAt: nullable(z.iso.datetime({ offset: true, error: 'End: give a date and time.' })),
      minutes: nullable(figureIn('Minutes', 0, 6000, 'min')),
      costMinor: nullable(moneyMinor('Spent')),
    })
    .refine(s => s.startedAt !== null || s.minutes !== null || s.costMinor !== null, {
      path: ['minutes'],
      message: 'Type the minutes, or what was spent, or start the clock.',
    })
    .refine(s => s.endedAt === null || (s.startedAt !== null && Date.parse(s.endedAt) >= Date.parse(s.startedAt)), {
      path: ['endedAt'],
      message: 'The clock must stop after it started.',
    }),
  order: z
    .strictObject({
      what: shortText('Part', 200),
      number: optionalText('Number', 60),
      supplier: shortText('Supplier', 80),
      priceMinor: nullable(moneyMinor('Price')),
      state: keyOf(ORDER_STATES, 'It is'),
      orderedOn: day('Ordered'),
      dueOn: nullable(day('Due')),
      note: optionalText('What they answered', 400),
    })
    .refine(o => o.state !== 'ordered' || o.dueOn !== null, {
      path: ['dueOn'],
      message: 'Say when it is due: the day the job can be ready hangs on it.',
    })
    .refine(o => o.dueOn === null || o.dueOn >= o.orderedOn, {
      path: ['dueOn'],
      message: "It can't be due before it was ordered.",
    }),
  outwork: z
    .strictObject({
      what: shortText('Work', 200),
      shop: shortText('Which shop', 80),
      target: shortText('Target figure', 200),
      sentOn: nullable(day('Sent')),
      dueOn: nullable(day('Due')),
      days: nullable(figureIn('Days', 0, 365, 'days')),
      priceMinor: nullable(moneyMinor('Price')),
      returnedOn: nullable(day('Came back')),
      measured: nullable(length('Measured on return', 500)),
      verdict: keyOf(OUTWORK_VERDICTS, 'It is'),
      note: optionalText('Note', 400),
    })
    .refine(w => w.sentOn === null || w.dueOn === null || w.dueOn >= w.sentOn, {
      path: ['dueOn'],
      message: "It can't be due before it was sent.",
    })
    .refine(w => w.verdict === 'open' || w.returnedOn !== null, {
      path: ['returnedOn'],
      message: 'Say when it came back.',
    })
    .refine(w => w.verdict !== 'accepted' || w.measured !== null || w.note !== null, {
      path: ['measured'],
      message: "Measure it before it is accepted, or write why it can't be measured.",
    })
    .refine(w => w.verdict !== 'sent_back' || w.note !== null, {
      path: ['note'],
      message: 'Say what is wrong with it.',
    }),
  quote_sent: z.strictObject({
    quoteId: idText('Quote'),
    stage: keyOf(QUOTE_STAGES, 'Asked for'),
    expiresAt: z.iso.datetime({ offset: true, error: 'End: give a date and time.' }),
    words: optionalText('Words', 2000),
  }),
  owner_word: z.strictObject({
    quoteId: idText('Quote'),
    choice: keyOf(OWNER_CHOICES, 'Answer'),
    option: optionalText('Way', 80),
    fee: nullable(z.number().min(0)),
    words: optionalText('Words', 1000),
    name: shortText('Name', 120),
    held: optionalText('Held back', 1000),
  }),
  owner_call: z
    .strictObject({
      result: keyOf(CALL_RESULTS, 'How the call ended'),
      answer: optionalText('What was said', 500),
      capMinor: nullable(moneyMinor('New cap')),
    })
    .refine(c => c.result === 'answered' || c.capMinor === null, {
      path: ['capMinor'],
      message: 'Nobody answered: the cap stays.',
    })
    .refine(c => c.result === 'no_answer' || c.answer !== null || c.capMinor !== null, {
      path: ['answer'],
      message: 'Write down what the owner said.',
    }),
  oil: z.strictObject({
    reading: z.discriminatedUnion(
      'by',
      [
        z.strictObject({
          by: z.literal('marks'),
          pct: z
            .number({ error: 'Oil level: drag the mark or type a figure.' })
            .min(TIP_PCT, `The stick ends at ${TIP_PCT} %: log it as dry.`)
            .max(TOP_PCT, `More than ${TOP_PCT} % on the stick: drain it and give the volume.`),
        }),
        z.strictObject({ by: z.literal('dry') }),
        z.strictObject({
          by: z.literal('scale'),
          mm: z
            .number({ error: 'Reading: type mm, as in the fill table.' })
            .min(-50, 'The reading must be at least −50 mm.')
            .max(1000, 'The reading can be at most 1,000 mm.'),
        }),
        z.strictObject({ by: z.literal('volume'), amount: volume('Drained oil') }),
      ],
      { error: 'Say how the oil was read: on the stick, dry, or drained.' },
    ),
    colour: nullable(keyOf(OIL_COLOURS, 'Colour')),
    thickness: nullable(keyOf(OIL_THICKNESS, 'Thickness')),
    smell: nullable(keyOf(OIL_SMELLS, 'Smell')),
    glitter: nullable(keyOf(OIL_GLITTER, 'Glitter')),
    whereGone: nullable(keyOf(WHERE_GONE, 'Where it went')),
    note: longText('Note'),
  }),
  mix: z.strictObject({
    fuel: volume('Fuel in the can', 1e6).refine(q => q.value > 0, {
      path: ['value'],
      message: 'Fuel in the can must be more than nothing.',
    }),
    oil: volume('Oil in it', 1e6),
    makerRatio: z
      .number({ error: "Maker's ratio: type the first figure, for example 50 for 50:1." })
      .min(8, "Maker's ratio must be at least 8:1.")
      .max(200, "Maker's ratio can be at most 200:1."),
    fuelType: nullable(keyOf(FUEL_WORDS, 'Fuel')),
    fuelDays: nullable(
      z
        .number({ error: 'Age of the fuel: type days.' })
        .min(0, "Age of the fuel can't be negative.")
        .max(20000, 'Age of the fuel: that is more than fifty years.'),
    ),
    stabilised: z.boolean(),
    note: longText('Note'),
  }),
  turn_over: z.strictObject({
    feel: keyOf(TURN_FEELS, 'How it turns'),
    method: keyOf(TURN_METHODS, 'Turned by'),
    plugIn: z.boolean({ error: 'Say whether the plug was in.' }),
    note: longText('Note'),
  }),
  plug: z.strictObject({ state: keyOf(PLUG_STATES, 'Plug'), note: longText('Note') }),
  air_filter: z.strictObject({
    filter: keyOf(FILTER_STATES, 'Air filter'),
    breather: nullable(keyOf(BREATHER_STATES, 'Breather')),
    note: longText('Note'),
  }),
  fluid: z.strictObject({
    action: z.enum(['drained', 'filled'], { error: 'Say whether it was drained or filled.' }),
    amount: volume('Amount'),
    what: optionalText('What it was', 200),
  }),
  cure: z.strictObject({ path: keyOf(CURES, 'Way the fuel came'), text: optionalText('What was done', 1000) }),
  stand_test: z
    .strictObject({
      startedAt: z.iso.datetime({ offset: true, error: 'Start: give a date and time.' }),
      endedAt: nullable(z.iso.datetime({ offset: true, error: 'End: give a date and time.' })),
      seen: nullable(keyOf(SEEN, 'What was seen')),
      minimumHours: z
        .number({ error: 'Hours to stand: type a figure.' })
        .min(1, 'A stand test takes at least 1 hour.')
        .max(72, 'A stand test takes at most 72 hours.'),
    })
    .refine(t => t.endedAt === null || Date.parse(t.endedAt) > Date.parse(t.startedAt), {
      path: ['endedAt'],
      message: 'The test must end after it started.',
    })
    .refine(t => t.endedAt === null || t.seen !== null, {
      path: ['seen'],
      message: 'Say what was seen on the paper: dry, damp or liquid.',
    }),
  made_safe: z.strictObject({
    done: z
      .array(keyOf(SAFE_STEPS, 'Step'))
      .refine(
        done => done.length === 0 || new Set(done).size === Object.keys(SAFE_STEPS).length,
        'Tick every step, or leave it and do it first.',
      ),
  }),
  compression: z
    .strictObject({
      feel: nullable(keyOf(COMPRESSION_FEELS, 'Feel')),
      dry: nullable(pressure('Dry reading')),
      wet: nullable(pressure('Wet reading')),
      throttleOpen: z.boolean(),
      pulls: nullable(count('Pulls', 1, 40)),
      temperature: keyOf(TEMPERATURES, 'Engine'),
      release: keyOf(RELEASE_STATES, 'Release'),
      hoseMl: nullable(figureIn('Hose', 0, 200, 'mL')),
      altitudeM: nullable(figureIn('Height', -500, 5500, 'm')),
      note: longText('Note'),
    })
    .refine(c => c.dry !== null || c.feel !== null, {
      path: ['dry'],
      message: 'Give the dry reading, or how it feels by hand.',
    })
    .refine(c => c.wet === null || c.dry !== null, {
      path: ['dry'],
      message: 'A wet reading needs the dry one beside it.',
    }),
  leak_down: z
    .strictObject({
      regulator: pressure('Regulator'),
      cylinder: pressure('Cylinder'),
      orificeMm: z
        .number({ error: 'Orifice: type mm.' })
        .min(0.3, 'The orifice must be at least 0.3 mm.')
        .max(4, 'The orifice can be at most 4 mm.'),
      heard: z.array(keyOf(HEARD, 'Where it is heard')).max(10, 'At most ten places.'),
      note: longText('Note'),
    })
    .superRefine(({ regulator, cylinder }, check) => {
      if (inner(regulator) < 100 || inner(regulator) > 1100)
        check.addIssue({
          code: 'custom',
          path: ['regulator', 'value'],
          message: 'The regulator must stand between 1 and 11 bar.',
        })
      if (inner(cylinder) > inner(regulator))
        check.addIssue({
          code: 'custom',
          path: ['cylinder', 'value'],
          message: "The cylinder can't read more than the regulator.",
        })
    }),
  crankcase: z
    .strictObject({
      start: signedPressure('Start'),
      end: signedPressure('End'),
      seconds: z
        .number({ error: 'Seconds: type a figure.' })
        .min(5, 'Wait at least 5 seconds.')
        .max(3600, 'An hour is the most.'),
      note: longText('Note'),
    })
    .superRefine(({ start, end }, check) => {
      const [from, to] = [inner(start), inner(end)]
      if (Math.abs(from) < 10 || from > 70 || from < -80)
        check.addIssue({
          code: 'custom',
          path: ['start', 'value'],
          message:
            'Start between 10 and 70 kPa of pressure, or 10 and 80 kPa of vacuum (as a negative figure): more can turn lip seals inside out.',
        })
      else if (from * to < 0 || Math.abs(to) > Math.abs(from) + 0.5)
        check.addIssue({
          code: 'custom',
          path: ['end', 'value'],
          message: 'It can only fall towards nothing: check the gauge and the hose.',
        })
    }),
  debris: z.strictObject({
    place: keyOf(DEBRIS_PLACES, 'Where it was found'),
    items: z.array(debrisItem).max(13, 'At most 13 kinds of debris in one sample.'),
    hoursSinceOil: nullable(hoursField('Hours on this oil')),
    hoursSinceRebuild: nullable(hoursField('Hours since new or rebuilt')),
    control: z
      .enum(['none', 'same', 'more', 'less'])
      .nullish()
      .transform(c => c ?? 'none'),
    note: longText('Note'),
  }),
  option,
  approval: z.strictObject({
    optionEntryId: idText('Option'),
    frozen,
    agreedBy: shortText('Who agreed', 120),
    how: keyOf(AGREED_HOW, 'How it was agreed'),
    conditions: optionalText('Conditions', 1000),
  }),
  waiting: z.strictObject({ for: keyOf(WAITING_FOR, 'Waiting for'), what: optionalText('What is awaited', 300) }),
  stage: z
    .strictObject({
      stage: keyOf(STAGES, 'Stage'),
      state: z.enum(['done', 'skipped', 'open']),
      reason: optionalText('Reason', 300),
    })
    .refine(s => s.state !== 'skipped' || s.reason, {
      path: ['reason'],
      message: 'Say in a few words why this stage is skipped.',
    }),
  note: z.strictObject({ stage: keyOf(STAGES, 'Stage'), text: shortText('Note', 20000) }),
  hand_back: z.strictObject({ to: shortText('Handed to', 120), words: longText('What was said') }),
  void: z.strictObject({ reason: shortText('Reason', 300) }),
}

const envelope = z
  .strictObject({
    id: idText('Entry'),
    kind: z.enum(Object.keys(BODY_SCHEMAS) as [EntryKind, ...EntryKind[]], {
      error: 'This kind of entry is not known.',
    }),
    at: z.iso.datetime({ offset: true, error: 'When: give a date and time.' }),
    by: z.string({ error: 'Say who is at the bench.' }).min(1, 'Say who is at the bench.'),
    how: nullable(
      z.enum(Object.keys(HOW_GOT) as [keyof typeof HOW_GOT], {
        error: 'Say how it was got: measured, by feel, by eye, claimed or estimated.',
      }),
    ),
    body: z.unknown(),
    supersedes: nullable(idText('Corrected entry')),
  })
  .superRefine((entry, check) => {
    if (FINDING_KINDS.includes(entry.kind) && entry.how === null)
      check.addIssue({
        code: 'custom',
        path: ['how'],
        message: 'Say how it was got: measured, by feel, by eye, claimed or estimated.',
      })
    if (entry.kind === 'void' && entry.supersedes === null)
      check.addIssue({ code: 'custom', path: ['supersedes'], message: 'Say which entry is undone.' })
    const body = BODY_SCHEMAS[entry.kind].safeParse(entry.body)
    if (!body.success)
      for (const issue of body.error.issues)
        check.addIssue({ code: 'custom', path: ['body', ...issue.path], message: wordsOf(issue) })
  })

/** An entry as it arrives or is read back. */
export const entrySchema = envelope.transform(
  (entry): Entry => ({ ...entry, body: BODY_SCHEMAS[entry.kind].parse(entry.body) }) as Entry,
)
