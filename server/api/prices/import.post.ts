import { importPricesSchema } from '#shared/schemas/records'
import { importPrices } from '../../db/prices'
import { Refusal } from '../../db/refusal'
import { personOf } from '../../db/shop'

/** Reads a price list; without `apply` nothing is changed and the answer says what would be. */
export default answer(async (event) => {
  const ask = await readChecked(event, importPricesSchema)
  if (!personOf(useDb(), ask.by)) throw new Refusal(422, 'Say who is at the bench.', [{ field: 'by', message: 'Choose one of the shop\'s people.' }])
  return importPrices(useDb(), ask)
})
