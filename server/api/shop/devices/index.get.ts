import { devicesOf } from '../../../db/devices'

export default answer(() => devicesOf(useDb()))
