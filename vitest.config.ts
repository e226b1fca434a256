import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import { migrationsModule } from './scripts/nodeBundle.mjs'
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
        return id === '\0#migrations' ? migrationsModule() : undefined
      },
    },
  ],
  resolve: { alias: { '#core': here('./core'), '#shared': here('./shared') } },
  test: {
    projects: [
      {
        extends: true,
        // a slow machine fails nothing: speed is what the bench shows; files share what they import, which costs more than they do
        test: {
          name: 'unit',
          environment: 'node',
          include: ['tests/unit/**/*.test.ts'],
          testTimeout: 30_000,
          isolate: false,
        },
      },
      {
        extends: true,
        test: {
          name: 'api',
          environment: 'node',
          include: ['tests/api/**/*.test.ts'],
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
})
