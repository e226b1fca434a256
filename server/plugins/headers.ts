import { createHash } from 'node:crypto'

const hash = (script: string): string => `'sha256-${createHash('sha256').update(script).digest('base64')}'`

/** Scripts that stand in the page itself are known by their hashes: whatever else gets in there is not run. */
const scriptsOf = (html: string): string =>
  [...html.matchAll(/<script\b([^>]*)>([\s\S]*?)<\/script>/g)]
    .filter(([, attributes = '']) => !/\bsrc=/.test(attributes))
    .map(([, , script = '']) => hash(script))
    .join(' ')

const CSP = 'content-security-policy'
/** What every page says to the browser that opens it: the rule of every answer (nuxt.config.ts), and which scripts are its own. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:response', (response, { event }) => {
    const headers = (response.headers ??= {}) as Record<string, string>
    delete headers['x-powered-by']
    removeResponseHeader(event, 'x-powered-by')
    const rule = String(getResponseHeader(event, CSP))
    setHeader(
      event,
      CSP,
      rule.replace("script-src 'self'", own => `${own} ${scriptsOf(String(response.body ?? ''))}`),
    )
  })
})
