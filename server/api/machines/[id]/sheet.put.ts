import { z } from 'zod'
import { idText } from '#core/schema/words'
import { machineOf, moveToSheet } from '../../../db/machines'

export default answer(async event => {
  const { id } = machineOf(useDb(), routeId(event))
  const { sheetId, by } = await readChecked(event, z.strictObject({ sheetId: idText('Sheet'), by: idText('Person') }))
  moveToSheet(useDb(), id, sheetId, by)
  return { id, sheetId }
})
