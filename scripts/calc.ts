import { readFileSync } from 'node:fs'
import { createInterface } from 'node:readline'
import { CALCULATORS, calculate, isFailure } from '../core/calculators'

const USE = `npm run -s calc -- <name> < input.json     one calculation; exit 2 on bad input
npm run -s calc -- --lines < lines.jsonl  one {"fn": name, "inputs": {…}} a line, one answer a line
npm run -s calc -- --list                 the names`

/** The calculators on the command line. */
export async function main(args: string[]): Promise<void> {
  const [first, ...rest] = args
  if (first === '--lines' && !rest.length) return lines()
  if (first === '--list' && !rest.length) {
    for (const { name, about } of CALCULATORS.values()) process.stdout.write(`${name}\t${about}\n`)
    return
  }
  if (!first || first.startsWith('-') || rest.length) {
    process.stderr.write(`${USE}\n`)
    process.exitCode = 2
    return
  }
  const answer = one(first, readFileSync(0, 'utf8'))
  process.stdout.write(`${JSON.stringify(answer)}\n`)
  if (isFailure(answer)) {
    process.stderr.write(`${answer.message}\n`)
    process.exitCode = 2
  }
}

function one(fn: unknown, text: string): ReturnType<typeof calculate> {
  let inputs: unknown
  try {
    inputs = JSON.parse(text)
  } catch {
    return { error: 'not_a_number', field: 'inputs', message: 'The input could not be read as JSON.' }
  }
  return calculate(fn, inputs)
}

async function lines(): Promise<void> {
  for await (const line of createInterface({ input: process.stdin })) {
    if (!line.trim()) continue
    let answer: ReturnType<typeof calculate>
    try {
      const call = JSON.parse(line) as { fn?: unknown; inputs?: unknown } | null
      answer = calculate(call?.fn, call?.inputs)
    } catch (error) {
      if (!(error instanceof SyntaxError)) throw error
      answer = { error: 'not_a_number', field: 'line', message: 'This line could not be read as JSON.' }
    }
    if (!process.stdout.write(`${JSON.stringify(answer)}\n`))
      await new Promise(done => process.stdout.once('drain', done))
  }
}
