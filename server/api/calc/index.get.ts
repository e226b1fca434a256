import { describeCalculators } from '#core/calculators'

export default answer(() => describeCalculators())
