import { z } from 'zod'
import { idText } from '#core/schema/words'
import { machineOf, moveToSheet } from '../../../db/machines'
import { checkPerson } from '../../../db/shop'

export default answer(async event => {
  const { id } = machineOf(useDb(), routeId(event))
  const { sheetId, by } = await readChecked(event, z.strictObject({ sheetId: idText('Sheet'), by: idText('Person') }))
  checkPerson(useDb(), by)
  moveToSheet(useDb(), id, sheetId, by)
  return { id, sheetId }
})
