import { existsSync, readFileSync, statSync } from 'node:fs'
import { dirname, join, relative, sep } from 'node:path'

/** The floors of core/, from the ground up: a file imports from its own floor and from below, types included. */
export const FLOORS = [
  ['errors.ts', 'types', 'words', 'units'],
  ['engine', 'people'],
  ['log', 'judgement.ts'],
  ['spec', 'oil', 'mix', 'compression', 'debris', 'measure', 'wear', 'teardown', 'estimate', 'life'],
  ['catalogue', 'schema'],
  ['entries'],
  ['condition'],
  ['diagnosis', 'next', 'verdict'],
  ['handover', 'parts', 'salvage'],
  ['assessment.ts', 'registry'],
  ['assess.ts'],
  ['practice'],
  ['gates.ts', 'calculators.ts'],
]

const roomOf = (core, file) => {
  const first = relative(core, file).split(sep)[0]
  return first.endsWith('.d.ts') ? 'types' : first
}
export const floorOf = room => FLOORS.findIndex(floor => floor.includes(room))

/** The file that an import of a file names, or null where it is none of ours. */
function target(file, spec) {
  if (!spec.startsWith('.')) return null
  const path = join(dirname(file), spec)
  return [`${path}.ts`, join(path, 'index.ts'), path].find(p => existsSync(p) && statSync(p).isFile()) ?? null
}

const IMPORTS = /^(?:import|export)\b[^'"]*?\bfrom\s+['"]([^'"]+)['"]/gm
const known = new Map()
function importsOf(file) {
  const changed = statSync(file).mtimeMs
  const before = known.get(file)
  if (before?.changed === changed) return before.files
  const files = [...readFileSync(file, 'utf8').matchAll(IMPORTS)].map(m => target(file, m[1])).filter(Boolean)
  known.set(file, { changed, files })
  return files
}

/** The way back from one file to another along imports, or null. */
function wayBack(from, to, seen = new Set()) {
  if (from === to) return [from]
  if (seen.has(from)) return null
  seen.add(from)
  for (const next of importsOf(from)) {
    const way = wayBack(next, to, seen)
    if (way) return [from, ...way]
  }
  return null
}

/** Arrows inside core/ go down only, and never in a circle. */
export const arrows = {
  meta: { type: 'problem', schema: [], messages: { up: '{{ why }}', circle: '{{ why }}' } },
  create(context) {
    const file = context.filename
    const at = file.lastIndexOf(`${sep}core${sep}`)
    if (at < 0) return {}
    const core = file.slice(0, at + 5)
    const mine = roomOf(core, file)
    const look = node => {
      const found = node.source && target(file, String(node.source.value))
      if (!found?.startsWith(core + sep)) return
      const theirs = roomOf(core, found)
      const floors = [floorOf(mine), floorOf(theirs)]
      if (floors.includes(-1))
        context.report({
          node,
          messageId: 'up',
          data: { why: `${floors[0] < 0 ? mine : theirs} has no floor: give it one in scripts/lint/arrows.mjs.` },
        })
      else if (floors[0] < floors[1])
        context.report({ node, messageId: 'up', data: { why: `${mine} lies below ${theirs}: arrows go down only.` } })
      const back = wayBack(found, file)
      if (back)
        context.report({
          node,
          messageId: 'circle',
          data: { why: `A circle: ${[file, ...back].map(f => relative(core, f)).join(' → ')}.` },
        })
    }
    return { ImportDeclaration: look, ExportNamedDeclaration: look, ExportAllDeclaration: look }
  },
}
