/** Where the unit that was used last for figures of one kind is kept in this browser. */
export const unitKey = (kind: string): string => `remedium:unit:${kind}`

/** The unit that was used last for figures of this kind, where the field offers it. */
export function rememberedUnit(kind: string, units: readonly string[], otherwise = units[0] ?? ''): string {
  const used = localStorage.getItem(unitKey(kind)) ?? ''
  return units.includes(used) ? used : otherwise
}
