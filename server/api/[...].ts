import routes from '#routes'
import { Refusal } from '../db/refusal'

/** What answers here, by its path: a name in brackets stands for any one part. */
const known = routes.map(({ path, method }) => ({
  method,
  is: new RegExp(`^${path.replace(/\[[^\]]+\]/g, '[^/]+')}$`),
}))

/** Whatever is not a route of ours is said to be none: a program that asks for a wrong address must not be given the page. */
export default answer(event => {
  const path = event.path.split('?')[0] ?? ''
  const methods = known.filter(r => r.is.test(path)).map(r => r.method)
  if (!methods.length) throw new Refusal(404, `There is no ${path} here.`)
  setHeader(event, 'allow', methods.join(', '))
  throw new Refusal(405, `${path} does not answer to ${event.method}, only to ${methods.join(' and ')}.`)
})
