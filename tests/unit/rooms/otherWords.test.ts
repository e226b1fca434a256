import { describe, expect, it } from 'vitest'
import { holds, otherWords } from '#core/words/otherWords'

describe('other words of the trade', () => {
  it('stand for each other in both directions', () => {
    expect(otherWords('Seized')).toEqual(expect.arrayContaining(['locked', 'stuck']))
    expect(otherWords('oli')).toEqual(['oil'])
    expect(otherWords('thistledown')).toEqual([])
  })
  it('are found in a text by their beginning, each typed word somewhere', () => {
    expect(holds('Petrol in the oil', 'gasoline oli')).toBe(true)
    expect(holds('Petrol in the oil', 'petrol water')).toBe(false)
    expect(holds('Valve held open, no lash', 'tappet')).toBe(true)
    expect(holds('Soil', 'oil')).toBe(false)
    expect(holds('Anything', ' ')).toBe(false)
  })
})
