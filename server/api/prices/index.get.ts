import { findPrices } from '../../db/prices'

/** Parts of the price lists by name or number. */
export default answer(event => findPrices(useDb(), String(getQuery(event).find ?? '').slice(0, 80)))
