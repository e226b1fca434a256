import { InputError } from './errors'
import type { Calculator } from './registry/calculator'
import type { JsonSchema } from './registry/fieldTypes'
import type { CalcCurves } from './registry/curves'
import { CALCULATOR_CURVES } from './registry/curves'
import { parseInputs } from './registry/objectField'
import { OIL_CALCULATORS, UNIT_CALCULATORS } from './registry/basics'
import { COMPRESSION_CALCULATORS } from './registry/compression'
import { DEBRIS_CALCULATORS, DECISION_CALCULATORS } from './registry/decision'
import { DIAGNOSIS_CALCULATORS } from './registry/diagnosis'
import { LIFE_CALCULATORS } from './registry/life'
import { BORE_CALCULATORS } from './registry/bore'
import { CRANK_CALCULATORS } from './registry/crank'
import { IGNITION_CALCULATORS } from './registry/ignition'
import { PUMP_CALCULATORS } from './registry/pump'
import { VALVE_CALCULATORS } from './registry/valves'
import { MIX_CALCULATORS } from './registry/mix'
import { MEASURE_CALCULATORS, TIGHTNESS_CALCULATORS } from './registry/tightness'

/** Calculators by what a technician would look under. */
export const CALCULATOR_GROUPS: Record<string, readonly Calculator[]> = {
  Oil: OIL_CALCULATORS,
  'Mix and fuel': MIX_CALCULATORS,
  Compression: COMPRESSION_CALCULATORS,
  'Leaks and tightness': TIGHTNESS_CALCULATORS,
  Debris: DEBRIS_CALCULATORS,
  'Bore, rings, squish': BORE_CALCULATORS,
  'Crank and bearings': CRANK_CALCULATORS,
  Valves: VALVE_CALCULATORS,
  'Oil pump': PUMP_CALCULATORS,
  Ignition: IGNITION_CALCULATORS,
  'Gauges and heat': MEASURE_CALCULATORS,
  Deciding: DECISION_CALCULATORS,
  'Service life': LIFE_CALCULATORS,
  Diagnosis: DIAGNOSIS_CALCULATORS,
  Units: UNIT_CALCULATORS,
}

/** Every calculator by name: one registry for the bench tools, the API and the command line. */
export const CALCULATORS: ReadonlyMap<string, Calculator> = new Map(
  Object.values(CALCULATOR_GROUPS)
    .flat()
    .map(c => [c.name, c]),
)

export interface CalcFailure {
  error: string
  field: string
  message: string
}
export type CalcAnswer = Record<string, unknown> | CalcFailure

/**
 * Runs a calculator on inputs from outside.
 * @returns the answer, or `{ error, field, message }` for bad input or an unknown name; it never throws for either
 */
export function calculate(name: unknown, inputs: unknown): CalcAnswer {
  try {
    const found = typeof name === 'string' ? CALCULATORS.get(name) : undefined
    if (!found)
      throw new InputError(
        'bad_choice',
        'fn',
        `There is no calculator called ${JSON.stringify(name) ?? 'that'}. The names are: ${[...CALCULATORS.keys()].join(', ')}.`,
      )
    return found.run(inputs) as CalcAnswer
  } catch (error) {
    if (error instanceof InputError) return { error: error.code, field: error.field, message: error.message }
    throw error
  }
}

/**
 * What a calculator answers while one of its inputs runs.
 * @returns curves in the units they name; null where nothing runs, or while the inputs can't be computed with
 */
export function curvesOf(name: string, inputs: unknown): CalcCurves | null {
  const [found, draw] = [CALCULATORS.get(name), CALCULATOR_CURVES.get(name)]
  if (!found || !draw) return null
  try {
    return draw(parseInputs(found.input, inputs))
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

export const isFailure = (answer: CalcAnswer): answer is CalcFailure => 'error' in answer

/** Names, one-line descriptions and JSON Schema of the inputs. */
export function describeCalculators(): { name: string; about: string; input: JsonSchema }[] {
  return [...CALCULATORS.values()].map(c => ({ name: c.name, about: c.about, input: c.input.schema() }))
}
