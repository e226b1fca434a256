import { importPricesSchema } from '#shared/schemas/parts'
import { importPrices } from '../../db/prices'
import { checkPerson } from '../../db/shop'

/** Reads a price list; without `apply` nothing is changed and the answer says what would be. */
export default answer(async event => {
  const ask = await readChecked(event, importPricesSchema)
  checkPerson(useDb(), ask.by)
  return importPrices(useDb(), ask)
})
