// Everything that must hold: import rules, types, unit tests, the built server's API, the real page. Ends with the runners' own closing lines.
import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { bin, buildBeside, ensureChromium, installPlain, must, root, run, runBeside, say } from './lib.mjs'

const started = Date.now()
const compile = installPlain()
ensureChromium()
must(bin('nuxt'), ['prepare'])
mkdirSync(join(root, 'test-results'), { recursive: true })

// the shops of the tests, gone when they are done
const shops = mkdtempSync(join(tmpdir(), 'remedium-tests-'))
const extra = { REMEDIUM_TESTS_AT: shops }
process.on('exit', () => rmSync(shops, { recursive: true, force: true, maxRetries: 3 }))

const failures = []
const check = (name, code) => {
  if (code !== 0) failures.push(name)
}
// two lanes: the build in a folder of its own, and what only reads
const [, [style, types, typesOfCore, lint]] = await Promise.all([
  compile().then(buildBeside),
  runBeside([
    [bin('prettier'), ['--check', '--log-level', 'warn', '.']],
    [bin('vue-tsc'), ['-b', '--noEmit']],
    [bin('tsc'), ['-p', 'core', '--noEmit']],
    [bin('eslint'), ['.']],
  ]),
])
check('eslint', lint)
check('prettier', style)
check('types', types)
check('types of core', typesOfCore)
const unitReport = join(root, 'test-results/vitest.json')
const pageReport = join(root, 'test-results/playwright.json')
check(
  'vitest',
  run(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitReport}`], { extra }),
)
check(
  'playwright',
  run(bin('playwright'), ['test', '--reporter=list,json'], {
    extra: { ...extra, PLAYWRIGHT_JSON_OUTPUT_FILE: pageReport },
  }),
)

const report = file => {
  try {
    return JSON.parse(readFileSync(file, 'utf8'))
  } catch {
    return null
  }
}
const unit = report(unitReport)
const page = report(pageReport)?.stats
// what passed at the second try only, passed, and is named
const flaky = page?.flaky ?? 0
if (flaky) say(`${flaky} of the page's tests passed at the second try only.`)
const passed = (unit?.numPassedTests ?? 0) + (page?.expected ?? 0) + flaky
const failed =
  (unit?.numFailedTests ?? 0) +
  (page?.unexpected ?? 0) +
  failures.filter(f => !['vitest', 'playwright'].includes(f)).length +
  (unit ? 0 : 1) +
  (page ? 0 : 1)
say(
  `Checked in ${((Date.now() - started) / 1000).toFixed(0)} s${failures.length ? `; failed: ${failures.join(', ')}` : ''}`,
)
console.log(`${passed} passed, ${Math.max(failed, failures.length ? 1 : 0)} failed`)
process.exit(failures.length ? 1 : 0)
