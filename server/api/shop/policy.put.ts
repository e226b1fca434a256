import { policySchema } from '#shared/schemas/shop'
import { policyOf, savePolicy } from '../../db/shop'

export default answer(async event => {
  savePolicy(useDb(), await readChecked(event, policySchema))
  return policyOf(useDb())
})
