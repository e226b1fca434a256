import type { ShopView } from '#shared/types/records'
import { versionOf } from '../../db/differences'
import { peopleOf, policyOf, shopSince } from '../../db/shop'

export default answer((): ShopView => {
  const policy = policyOf(useDb())
  return { policy, version: versionOf(policy), since: shopSince(useDb()), people: peopleOf(useDb()) }
})
