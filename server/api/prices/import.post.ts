import { importPricesSchema } from '#shared/schemas/parts'
import { importPrices } from '../../db/prices'

/** Reads a price list; without `apply` nothing is changed and the answer says what would be. */
export default answer(async event => {
  const ask = await readChecked(event, importPricesSchema)
  return importPrices(useDb(), ask)
})
