/** Words of the trade that mean one thing; shops, countries and books use one or the other. */
const SAME: readonly (readonly string[])[] = [
  ['piston', 'seker'],
  ['ring', 'rings', 'ring seker'],
  ['bore', 'cylinder', 'barrel', 'jug', 'buring'],
  ['rebore', 'kolter'],
  ['valve', 'klep', 'klap'],
  ['camshaft', 'cam', 'noken'],
  ['rocker', 'pelatuk'],
  ['exhaust', 'muffler', 'silencer', 'knalpot'],
  ['plug', 'spark plug', 'busi'],
  ['oil', 'oli'],
  ["won't start", 'will not start', 'mogok'],
  ['smokes', 'smoke', 'ngebul'],
  ['lash', 'valve clearance', 'tappet', 'gap'],
  ['pin', 'wrist pin', 'gudgeon'],
  ['big end', 'rod journal'],
  ['sump', 'oil pan'],
  ['side valve', 'flathead', 'l-head'],
  ['lap', 'grind in'],
  ['locked', 'seized', 'stuck'],
  ['petrol', 'gasoline', 'gas'],
  ['mower', 'lawnmower'],
  ['top dead centre', 'top', 'tdc'],
]

/** What can also stand for a word; phrases of two words stand as they are. */
const others = new Map<string, Set<string>>()
for (const group of SAME)
  for (const word of group) others.set(word, new Set([...(others.get(word) ?? []), ...group.filter(w => w !== word)]))

/**
 * Other words of the trade for what somebody typed.
 * @param word in any case
 * @returns none for a word that has no other
 */
export const otherWords = (word: string): string[] => [...(others.get(word.toLowerCase()) ?? [])]

/** Words that stand in a text in any order, each by itself, by its beginning, or by another word of the trade. */
export function holds(text: string, typed: string): boolean {
  const words = typed.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []
  const said = ` ${text.toLowerCase()}`
  return (
    words.length > 0 &&
    words.every(w => [w, ...otherWords(w)].some(other => said.includes(` ${other}`) || said.includes(`-${other}`)))
  )
}
