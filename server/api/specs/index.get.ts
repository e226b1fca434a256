import { sheetLines } from '../../db/sheets'

/** Sheets by name, a page at a time: with `find` anywhere in the name or its class of engine, `engineClass`, `figures` for those that hold one, `after` and `afterId` of the one that the page before ended with. */
export default answer(event => {
  const { find, engineClass, figures, after, afterId } = getQuery(event)
  return sheetLines(useDb(), {
    words: String(find ?? '').slice(0, 80),
    engineClass: engineClass === undefined ? null : String(engineClass).slice(0, 4),
    figures: figures !== undefined,
    after: String(after ?? '').slice(0, 200),
    afterId: String(afterId ?? '').slice(0, 40),
  })
})
