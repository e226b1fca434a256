import { readdirSync } from 'node:fs'

/** Which paths under /api answer to which method, from the files of a folder; a name in brackets stands for any one part. */
export function routesIn(folder: string): { path: string; method: string }[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' }).flatMap(file => {
    const [, path, method] = /^(.+)\.(get|post|put|delete)\.ts$/.exec(file.replaceAll('\\', '/')) ?? []
    return path && method
      ? [{ path: `/api/${path.replace(/(^|\/)index$/, '')}`.replace(/\/$/, ''), method: method.toUpperCase() }]
      : []
  })
}
