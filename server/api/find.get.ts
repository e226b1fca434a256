import { findAnything } from '../db/find'

export default answer(event => {
  const { q } = getQuery(event)
  return typeof q === 'string' && q.trim() ? findAnything(useDb(), q.slice(0, 200)) : []
})
