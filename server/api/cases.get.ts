import { sameComplaint } from '../db/cases'

/** Earlier jobs with the same complaint: ?about=smoke&engineClass=S4&except=<job> */
export default answer(event => {
  const { about, engineClass, except } = getQuery(event)
  return sameComplaint(useDb(), String(about ?? ''), String(engineClass ?? ''), String(except ?? ''))
})
