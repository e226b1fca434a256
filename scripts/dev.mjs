import { bin, ensureInstalled, must, serverOptions } from './lib.mjs'

const { port, host, data } = serverOptions('data/dev')
ensureInstalled()
must(bin('nuxt'), ['dev', '--port', String(port), '--host', host], {
  extra: { NUXT_DATA_DIR: data, NUXT_SHOP_URL: `http://${host}:${port}` },
})
