import { TIE } from '../errors'

/** What one entry says of how much oil there is, mL. */
export type OilMove =
  /** poured in; on top of what was there, into an empty engine, or onto nobody knows what */
  | { did: 'poured'; ml: number; onTop: 'some' | 'empty' | 'unknown' }
  | { did: 'drawn_off'; ml: number }
  /** all of it came out */
  | { did: 'emptied'; ml: number }
  /** read on the stick or the glass; `atLeast` where it stood off its scale */
  | { did: 'read'; ml: number; atLeast: boolean }

export interface OilAccount {
  /** what is in it by what was poured and let out, mL; null where nothing to begin from is known */
  nowMl: number | null
  /** the steps that it was added up from, oldest first: + in, − out */
  steps: { sign: '+' | '−'; ml: number }[]
  /** what the stick says beside it, where the two don't agree, mL */
  apartMl: number | null
  /** more was drawn off than can have been in it */
  short: boolean
}

/** The stick and what was poured may lie this far apart, as a share of the fill: a film stays, a stick is read to a millimetre. Shop judgement. */
export const APART = 0.12

/**
 * Adds up what was in an engine from what came out, what was drawn off and what was poured in.
 * What came out of it is the best evidence and begins the account anew; a stick that agrees within a tenth of the fill leaves it as it is, and one
 * that does not is shown beside it.
 * @param capacityMl the maker's whole fill, mL
 * @example oilAccount([{ did: 'poured', ml: 950, onTop: 'empty' }, { did: 'drawn_off', ml: 430 }], 500).nowMl  // => 520
 */
export function oilAccount(moves: readonly OilMove[], capacityMl: number): OilAccount {
  const account: OilAccount = { nowMl: null, steps: [], apartMl: null, short: false }
  const begin = (ml: number, steps: OilAccount['steps']): void => {
    Object.assign(account, { nowMl: ml, steps, apartMl: null, short: false })
  }
  for (const move of moves) {
    const { nowMl } = account
    switch (move.did) {
      case 'emptied':
        begin(0, [])
        break
      case 'poured':
        if (move.onTop === 'empty') begin(move.ml, [{ sign: '+', ml: move.ml }])
        else if (move.onTop === 'unknown') Object.assign(account, { nowMl: null, steps: [] })
        else if (nowMl !== null) {
          account.nowMl = nowMl + move.ml
          account.steps.push({ sign: '+', ml: move.ml })
        }
        break
      case 'drawn_off':
        if (nowMl !== null) {
          account.short = move.ml > nowMl + TIE
          account.nowMl = Math.max(0, nowMl - move.ml)
          account.steps.push({ sign: '−', ml: move.ml })
        }
        break
      case 'read':
        if (nowMl === null) {
          if (!move.atLeast) begin(move.ml, [])
        } else account.apartMl = agree(nowMl, move, capacityMl) ? null : move.ml
    }
  }
  return account
}

/** Whether a reading of the stick is what was poured in: off its scale it says only "that much or more". */
const agree = (nowMl: number, { ml, atLeast }: { ml: number; atLeast: boolean }, capacityMl: number): boolean =>
  (atLeast && nowMl >= ml - TIE) || Math.abs(nowMl - ml) <= APART * capacityMl + TIE
