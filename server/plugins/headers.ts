import { createHash } from 'node:crypto'

const hash = (script: string): string => `'sha256-${createHash('sha256').update(script).digest('base64')}'`

/** Scripts that stand in the page itself are known by their hashes: whatever else gets in there is not run. */
const scriptsOf = (html: string): string =>
  [...html.matchAll(/<script\b([^>]*)>([\s\S]*?)<\/script>/g)]
    .filter(([, attributes = '']) => !/\bsrc=/.test(attributes))
    .map(([, , script = '']) => hash(script))
    .join(' ')

const csp = (scripts: string): string =>
  `default-src 'self'; script-src 'self' ${scripts}; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self' data:; worker-src 'self' blob:; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'`

/** What every page says to the browser that opens it. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:response', (response, { event }) => {
    const headers = (response.headers ??= {}) as Record<string, string>
    delete headers['x-powered-by']
    removeResponseHeader(event, 'x-powered-by')
    setHeader(event, 'content-security-policy', csp(scriptsOf(String(response.body ?? ''))))
  })
})
