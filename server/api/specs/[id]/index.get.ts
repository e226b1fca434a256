import { sheetChanges, sheetOf } from '../../../db/sheets'

export default answer(event => {
  const sheet = sheetOf(useDb(), routeId(event))
  return { ...sheet, changes: sheetChanges(useDb(), sheet.id).map(({ at, by }) => ({ at, by })) }
})
