import { secretLinks } from '../../../db/secretLinks'

/** Addresses of the shop's calendar that were given out. */
export default answer(() => secretLinks(useDb(), 'calendar', null))
