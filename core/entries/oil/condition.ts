import type { Mark } from '../../judgement'
import type { OilBody } from './schema'

interface Condition {
  mark: Mark
  words: string[]
  details: string[]
  reasons: string[]
  ruined: boolean
}

/** Level says nothing about the oil itself: 'full but ruined' exists. */
export function conditionOf({ colour, thickness, smell, glitter, history }: OilBody): Condition {
  const details: string[] = []
  const words: string[] = []
  const reasons: string[] = []
  let mark: Mark = 'good'
  let ruined = false
  const worse = (to: Mark): void => {
    if (to === 'past' || mark === 'good') mark = to
  }
  if (glitter === 'flakes' || glitter === 'magnetic' || colour === 'silvery') {
    worse('past')
    ruined = true
    words.push('metal in it')
    reasons.push('there is metal in it')
    details.push(
      `Metal in the oil: ${glitter === 'magnetic' ? 'the magnet takes it, so think of gears, cam or a rolling bearing' : 'bright and not magnetic points at piston, rod, case or pump'}. Sample it before it is poured away.`,
    )
  } else if (glitter === 'fine') {
    worse('near')
    words.push('fine glitter')
    details.push('Fine glitter is normal in the first hours and a warning later: take a debris sample.')
  }
  if (colour === 'milky') {
    worse('past')
    ruined = true
    words.push('water in it')
    reasons.push('there is water in it')
    details.push('Milky means water: condensation on short trips, or coolant on a liquid-cooled engine.')
  }
  if (smell === 'petrol') {
    worse('past')
    ruined = true
    words.push('fuel in it')
    reasons.push('it smells of petrol')
    details.push('It smells of petrol: a high level may be fuel, not an overfill.')
  }
  if (smell === 'sweet') {
    worse('near')
    words.push('smells sweet')
    reasons.push('it smells of coolant')
    details.push('A sweet smell is coolant.')
  }
  if (colour === 'black' && thickness === 'thick') {
    worse('past')
    ruined = true
    words.push('ruined')
    reasons.push('it is black and thick')
    details.push('Black as treacle: ruined whatever the level, which alone can end a rod or a cam.')
  } else if (smell === 'burnt' || thickness === 'thick') {
    worse('near')
    words.push(smell === 'burnt' ? 'burnt' : 'thick')
    reasons.push(smell === 'burnt' ? 'it smells burnt' : 'it is thick')
    details.push(
      smell === 'burnt' ? 'It smells burnt: it has been hot or short.' : 'It is thick: overdue, or the wrong oil.',
    )
  }
  if (smell === null || smell === 'not_smelt') {
    reasons.push('it was not smelt')
    details.push('Not smelt yet: smell it before calling a high level an overfill.')
    if (mark === 'good') mark = 'open'
  }
  if (history === 'unknown') reasons.push('nobody knows what oil it is')
  // asked, and not answered, is not known
  if (history === null) reasons.push('nobody said what oil it is')
  return { mark, words, details, reasons, ruined }
}
