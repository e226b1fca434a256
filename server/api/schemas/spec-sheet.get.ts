import { sheetFileJsonSchema } from '../../documents/sheetFile'

/** The published schema of a sheet's JSON file. */
export default answer(() => sheetFileJsonSchema())
