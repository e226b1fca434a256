/** The fluid, not a part that is named after it. Only for lines from before, whose part nobody picked. */
const OIL = /\boil\b/i
const OF_OIL =
  /\boil[ -]?(seal|pump|filter|ring|pipe|line|hose|cooler|jet|strainer|screen|plug|pan|tank|switch|cap|slinger|pick|feed|drain|gauge|light|lamp|stick|way|gallery|scraper)|\b(o-?rings?|seals?|gaskets?|filter|plug|washer)\b/i

export const namesOil = (what: string): boolean => OIL.test(what) && !OF_OIL.test(what)
