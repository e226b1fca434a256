import { describe, expect, it } from 'vitest'
import { heardIn } from '#core/entries/complaint/heard'

describe('what a complaint is probably about', () => {
  it.each([
    ['It slowed down, then stopped dead. Won’t turn over.', ['no_power', 'wont_turn']],
    ['No kick at all in the pedal.', ['wont_start']],
    ['Blue smoke since spring, and the oil light flickers', ['smoke', 'uses_oil']],
    ['Surges at idle', ['no_power']],
    ['Oil rises and smells of petrol', ['oil_rises']],
    ['Dies when it is hot', ['dies', 'overheats']],
    ['Came in a box, half built', ['in_pieces']],
  ])('%s', (words, about) => {
    expect(heardIn(words).slice(0, about.length)).toEqual(about)
  })
  it('is silent about words that nobody foresaw', () => {
    expect(heardIn('Grandfather wants it back')).toEqual([])
  })
})
