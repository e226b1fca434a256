import { sheetLines } from '../../db/sheets'

export default answer(() => sheetLines(useDb()))
