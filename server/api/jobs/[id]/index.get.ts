import { jobPageJson } from '../../../db/jobPages'

export default answer(event => {
  const json = jobPageJson(useDb(), routeId(event))
  setHeader(event, 'content-type', 'application/json')
  return json
})
