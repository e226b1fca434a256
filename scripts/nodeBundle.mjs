// Node's own modules only at the start: this is read before anything is installed.
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

/** server/migrations/*.sql as the source of a module, so that whatever is bundled carries them. */
export function migrationsModule() {
  const folder = join(root, 'server/migrations')
  const files = readdirSync(folder)
    .filter(f => f.endsWith('.sql'))
    .sort()
  return `export default ${JSON.stringify(files.map(name => ({ name, sql: readFileSync(join(folder, name), 'utf8') })))}`
}

/**
 * One TypeScript program with all that it imports as one file that Node can run.
 * @param {string} entry below the project's root
 * @param {string} outfile
 * @param {{ virtual?: Record<string, () => string>, external?: string[] }} [options] modules that are no files, name → a function that
 *   gives their source; packages that are found at run time, besides the native ones
 */
export async function nodeBundle(entry, outfile, { virtual = {}, external = [] } = {}) {
  const { build } = await import('esbuild')
  const made = { '#migrations': migrationsModule, ...virtual }
  await build({
    entryPoints: [join(root, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'error',
    external: ['better-sqlite3', 'sharp', ...external],
    alias: { '#core': join(root, 'core'), '#shared': join(root, 'shared') },
    plugins: [
      {
        name: 'virtual',
        setup(b) {
          b.onResolve({ filter: /^#/ }, ({ path }) => (path in made ? { path, namespace: 'virtual' } : undefined))
          b.onLoad({ filter: /.*/, namespace: 'virtual' }, ({ path }) => ({ contents: made[path]() }))
        },
      },
    ],
    banner: { js: 'import { createRequire as __cr } from "node:module"; const require = __cr(import.meta.url);' },
  })
}
