import { CALCULATORS, calculate, isFailure } from '#core/calculators'
import { Refusal } from '../../db/refusal'

export default answer(async event => {
  const name = routeId(event, 'name')
  if (!CALCULATORS.has(name)) throw new Refusal(404, `There is no calculator called ${name}. GET /api/calc lists them.`)
  const result = calculate(name, await readJson(event))
  if (isFailure(result)) setResponseStatus(event, 422)
  return result
})
