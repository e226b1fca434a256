import { describe, expect, it } from 'vitest'
import { loggerRefusal, mayLog } from '#core/entries/mayLog'
import { rightFor } from '#core/entries/rooms'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import type { EntryKind } from '#core/entries/types'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { consentRefusal } from '#core/people/consent'
import { afterWrong, pinFault, waitSeconds } from '#core/people/pin'
import type { Right, Role } from '#core/people/roles'
import { may, ROLES, whoMay } from '#core/people/roles'

const ENTRY_KINDS = Object.keys(BODY_SCHEMAS) as EntryKind[]
const RIGHTS: Right[] = ['look', 'log', 'hear', 'ask', 'order', 'book', 'owners', 'machines', 'parts', 'prices']
const KEPT: Right[] = ['sheets', 'people', 'rules', 'backups', 'devices']

describe('roles', () => {
  it('a keeper may do everything; what is a keeper’s is nobody else’s', () => {
    for (const right of [...RIGHTS, ...KEPT, 'papers', 'payments'] as Right[])
      expect([right, may('keeper', right)]).toEqual([right, true])
    for (const right of KEPT)
      for (const role of ['bench', 'counter'] as Role[])
        expect([role, right, may(role, right)]).toEqual([role, right, false])
  })
  it('the bench logs and does not book in, the counter books in and does not log', () => {
    expect([may('bench', 'log'), may('bench', 'book'), may('counter', 'log'), may('counter', 'book')]).toEqual([
      true,
      false,
      false,
      true,
    ])
    expect([whoMay('log'), whoMay('rules'), whoMay('ask')]).toEqual([
      'the bench or a keeper',
      'a keeper',
      'the bench, the counter or a keeper',
    ])
  })
  it('every kind of entry can be logged by somebody of the bench or the counter, and every role logs something', () => {
    for (const kind of ENTRY_KINDS)
      expect([kind, may('bench', rightFor(kind)) || may('counter', rightFor(kind))]).toEqual([kind, true])
    for (const role of Object.keys(ROLES) as Role[])
      expect(ENTRY_KINDS.some(k => mayLog({ role, senior: false }, k))).toBe(true)
    expect(ENTRY_KINDS.filter(k => !mayLog({ role: 'counter', senior: false }, k))).toEqual(
      expect.arrayContaining(['oil', 'compression', 'measure', 'made_safe', 'sign_off', 'option', 'as_found']),
    )
  })
  it('a stop is signed by a senior, or by anybody at the bench where the shop says so', () => {
    const junior = { role: 'bench' as const, senior: false }
    expect(loggerRefusal(junior, 'sign_off', DEFAULT_POLICY)?.message).toContain('senior')
    expect(loggerRefusal({ ...junior, senior: true }, 'sign_off', DEFAULT_POLICY)).toBeNull()
    expect(loggerRefusal(junior, 'sign_off', { signers: 'anyone' })).toBeNull()
    expect(loggerRefusal({ role: 'counter', senior: true }, 'sign_off', { signers: 'anyone' })?.field).toBe('kind')
  })
})

describe('a PIN', () => {
  it('has 4 to 8 figures that do not follow on', () => {
    for (const pin of ['7402', '13579', '90210831']) expect([pin, pinFault(pin)]).toEqual([pin, null])
    for (const pin of ['123', '123456789', '12a4', '', '1111', '1234', '98765', '٣٤٥٦'])
      expect([pin, pinFault(pin)]).not.toEqual([pin, null])
  })
  it('that is wrong waits a minute after every fifth, and locks at the twentieth', () => {
    const now = new Date('2026-05-04T09:00:00Z')
    let tries: ReturnType<typeof afterWrong> = { wrong: 0, waitUntil: null, locked: false }
    const waits: number[] = []
    for (let n = 1; n <= 20; n++) {
      tries = afterWrong(tries, now)
      waits.push(waitSeconds(tries, now))
      expect(tries.locked).toBe(n === 20)
    }
    expect(waits.map((s, i) => (s ? i + 1 : 0)).filter(Boolean)).toEqual([5, 10, 15, 20])
    expect(waits[4]).toBe(60)
    expect(waitSeconds(tries, new Date('2026-05-04T09:00:59.500Z'))).toBe(1)
    expect(waitSeconds(tries, new Date('2026-05-04T09:01:00Z'))).toBe(0)
  })
})

describe("an owner's word", () => {
  it('holds for what it was given for; nobody asked is no refusal', () => {
    expect(consentRefusal({ mayPhoto: null, mayMessage: null }, 'photo')).toBeNull()
    expect(consentRefusal({ mayPhoto: false, mayMessage: true }, 'message')).toBeNull()
    expect(consentRefusal({ mayPhoto: false, mayMessage: true }, 'photo')).toContain('no pictures')
    expect(consentRefusal({ mayPhoto: true, mayMessage: false }, 'message')).toContain('no messages')
  })
})
