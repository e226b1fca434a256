import { peopleOf, policyOf } from '../../db/shop'

export default answer(() => ({ policy: policyOf(useDb()), people: peopleOf(useDb()) }))
