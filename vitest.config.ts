import { readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import { routesIn } from './server/routesIn'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  plugins: [
    {
      name: 'virtual-modules',
      resolveId: id => (['#migrations', '#pdf-fonts', '#routes'].includes(id) ? `\0${id}` : undefined),
      load(id) {
        // unit tests read what a document says, not how its letters look
        if (id === '\0#pdf-fonts') return 'export default {}'
        if (id === '\0#routes') return `export default ${JSON.stringify(routesIn(here('./server/api/')))}`
        if (id !== '\0#migrations') return undefined
        const folder = here('./server/migrations/')
        return `export default ${JSON.stringify(
          readdirSync(folder)
            .sort()
            .map(name => ({ name, sql: readFileSync(folder + name, 'utf8') })),
        )}`
      },
    },
  ],
  resolve: { alias: { '#core': here('./core'), '#shared': here('./shared') } },
  test: {
    projects: [
      { extends: true, test: { name: 'unit', environment: 'node', include: ['tests/unit/**/*.test.ts'] } },
      {
        extends: true,
        test: {
          name: 'api',
          environment: 'node',
          include: ['tests/api/**/*.test.ts'],
          testTimeout: 30_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
    ],
  },
})
