import { policySchema } from '#shared/schemas/shop'
import { versionOf } from '../../db/differences'
import { policyOf, savePolicy } from '../../db/shop'
import { checkVersion } from '../../db/versions'

export default answer(async event => {
  const { version: seen, ...typed } = await readChecked(event, policySchema)
  checkVersion(useDb(), { of: [['shop_policy', '1']], seen, now: policyOf(useDb()), typed })
  savePolicy(useDb(), typed)
  keepShopClock()
  const policy = policyOf(useDb())
  return { ...policy, version: versionOf(policy) }
})
