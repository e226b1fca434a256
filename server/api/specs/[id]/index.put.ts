import { choiceFault } from '#core/spec/choosing'
import { Refusal } from '../../../db/refusal'
import { policyOf, somebody } from '../../../db/shop'
import { saveSheetSchema } from '#shared/schemas/specs'
import { saveSheet, sheetFields, sheetOf } from '../../../db/sheets'
import { checkVersion } from '../../../db/versions'

export default answer(async event => {
  const { id } = sheetOf(useDb(), routeId(event))
  const { by, version: seen, ...typed } = await readChecked(event, saveSheetSchema)
  const before = sheetOf(useDb(), id)
  const fault = choiceFault(typed.values, before.values, policyOf(useDb()), somebody(useDb(), by)?.senior ?? false)
  if (fault)
    throw new Refusal(422, fault.message, [{ field: `values.${fault.at}.${fault.field}`, message: fault.message }])
  checkVersion(useDb(), { of: [['spec_sheets', id]], seen, now: sheetFields(sheetOf(useDb(), id)), typed })
  saveSheet(useDb(), id, typed, by)
  return { id, version: sheetOf(useDb(), id).version }
})
