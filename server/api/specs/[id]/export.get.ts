import { sheetCsv, sheetJson } from '../../../documents/sheetFile'
import { sheetOf } from '../../../db/sheets'

export default answer(event => {
  const sheet = sheetOf(useDb(), routeId(event))
  const csv = getQuery(event).as === 'csv'
  const name =
    sheet.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'sheet'
  setHeader(event, 'content-type', csv ? 'text/csv; charset=utf-8' : 'application/json')
  setHeader(event, 'content-disposition', `attachment; filename="${name}.${csv ? 'csv' : 'json'}"`)
  return csv ? sheetCsv(sheet) : sheetJson(sheet)
})
