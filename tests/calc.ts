import { expect } from 'vitest'
import type { CalcAnswer } from '#core/calculators'
import { calculate } from '#core/calculators'

/** Runs a calculator that must succeed. */
export function calc(name: string, inputs: unknown): Record<string, any> {
  const answer = calculate(name, inputs)
  expect(answer).not.toHaveProperty('error')
  return answer as Record<string, any>
}

/** Runs a calculator that must refuse; the code and the field it names. */
export function refusal(name: string, inputs: unknown): string {
  const answer: CalcAnswer = calculate(name, inputs)
  expect(answer).toHaveProperty('message')
  return `${String(answer.error)} ${String(answer.field)}`
}
