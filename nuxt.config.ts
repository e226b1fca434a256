import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { migrationsModule, nodeBundle } from './scripts/nodeBundle.mjs'
import { routesIn } from './server/routesIn'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))

/** The typeface of printed documents as a module, so that the built server carries it. */
function pdfFontsModule(): string {
  const folder = dirname(createRequire(import.meta.url).resolve('@expo-google-fonts/barlow/package.json'))
  const files = [
    '400Regular/Barlow_400Regular.ttf',
    '400Regular_Italic/Barlow_400Regular_Italic.ttf',
    '600SemiBold/Barlow_600SemiBold.ttf',
  ]
  return `export default ${JSON.stringify(Object.fromEntries(files.map(f => [f.split('/')[1], readFileSync(join(folder, f), 'base64')])))}`
}

const routesModule = (): string => `export default ${JSON.stringify(routesIn(here('./server/api/')))}`

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  buildDir: process.env.REMEDIUM_BUILD_DIR || '.nuxt',
  telemetry: false,
  devtools: { enabled: false },
  ssr: false,
  modules: ['@pinia/nuxt', '@element-plus/nuxt', '@nuxt/eslint'],
  css: [
    '@fontsource/barlow/400.css',
    '@fontsource/barlow/400-italic.css',
    '@fontsource/barlow/500.css',
    '@fontsource/barlow/600.css',
    '@fontsource/barlow-condensed/500.css',
    '@fontsource/barlow-condensed/600.css',
    '~/assets/tokens.css',
    '~/assets/element.css',
    '~/assets/main.css',
  ],
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Remedium',
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'theme-color', content: '#f3efe5', media: '(prefers-color-scheme: light)' },
        { name: 'theme-color', content: '#15191a', media: '(prefers-color-scheme: dark)' },
        {
          name: 'description',
          content:
            'The repair bench on one sheet: what was found on a small engine, what is wrong with it, and what it is worth doing.',
        },
      ],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
    },
  },
  components: [
    { path: '~/components', pathPrefix: false },
    { path: '~/entries', pathPrefix: false, extensions: ['vue'] },
  ],
  alias: { '#core': here('./core') },
  elementPlus: { importStyle: 'css', defaultLocale: 'en' },
  // NUXT_DATA_DIR; NUXT_BACKUP_DIR: best on another disk; NUXT_SHOP_URL: how other devices in the shop reach this computer, for the square on a tag
  // NUXT_SESSION_PASSWORD: what seals a device's cookie, 32 letters or more; left out, one is made and kept beside the data
  // NUXT_DEMO: a made-up shop that signs in by itself
  runtimeConfig: {
    dataDir: './data/shop',
    backupDir: '',
    replicaDir: '',
    shopUrl: '',
    sessionPassword: '',
    demo: false,
  },
  nitro: {
    virtual: { '#migrations': migrationsModule, '#pdf-fonts': pdfFontsModule, '#routes': routesModule },
    errorHandler: here('./server/error.ts'),
    compressPublicAssets: { gzip: true, brotli: true },
    // only the worker asks for it
    externals: { traceInclude: [createRequire(import.meta.url).resolve('pdfmake')] },
    hooks: {
      // what takes its time on the server, as one file for its threads: it shares the server's modules and none of its memory
      compiled: nitro =>
        nodeBundle(
          'server/worker/main.ts',
          nitro.options.dev ? here('./.nuxt/worker.mjs') : join(nitro.options.output.serverDir, 'worker.mjs'),
          { virtual: { '#pdf-fonts': pdfFontsModule }, external: ['pdfmake'] },
        ),
    },
  },
  routeRules: {
    '/**': {
      headers: {
        // a page's own scripts are let in by their hashes: server/plugins/headers.ts
        'content-security-policy':
          "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self' data:; worker-src 'self' blob:; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
        'x-content-type-options': 'nosniff',
        'referrer-policy': 'same-origin',
        'permissions-policy':
          'camera=(self), microphone=(self), geolocation=(), payment=(), usb=(), browsing-topics=()',
        'cross-origin-opener-policy': 'same-origin',
        'cross-origin-resource-policy': 'same-origin',
      },
    },
    '/api/**': { headers: { 'cache-control': 'no-store' } },
  },
  // a space between two words stays one, also where the line was broken there
  vue: { compilerOptions: { whitespace: 'preserve' } },
  vite: {
    worker: { format: 'es' },
    // found late they would reload the first page of a developer
    optimizeDeps: {
      include: ['@vueuse/core', 'comlink', 'dayjs', 'element-plus/es', 'fft.js', 'pinia', 'ulid', 'zod'],
    },
  },
  // without it a page that is not rendered on the server has no entry to start from
  $development: { experimental: { viteEnvironmentApi: true } },
  typescript: { strict: true, typeCheck: false },
  eslint: { config: { stylistic: false } },
})
