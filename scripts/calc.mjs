import { bundle, ensureInstalled } from './lib.mjs'

ensureInstalled({ quiet: true })
const { main } = await import(await bundle('scripts/calc.ts', ['core']))
await main(process.argv.slice(2))
