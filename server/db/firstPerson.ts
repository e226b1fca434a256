import type { Database } from 'better-sqlite3'
import type { z } from 'zod'
import type { firstSchema } from '#shared/schemas/session'
import { codeOf, usedUp } from './devices'
import { Refusal } from './refusal'
import { addPerson, personOf, policyOf, savePerson, savePolicy } from './shop'

/**
 * Uses the first link up: names the shop, and makes somebody its keeper.
 * @param pin hashed
 * @returns the keeper's id
 * @throws Refusal 403 when the code is not the shop's first one
 */
export function startShop(db: Database, { code, shopName, person }: z.output<typeof firstSchema>, pin: string): string {
  return db
    .transaction(() => {
      if (!codeOf(db, code).first)
        throw new Refusal(403, 'This code lets a device in; it does not make a keeper.', [
          { field: 'code', message: 'Take the first link of the shop.' },
        ])
      const policy = policyOf(db)
      if (shopName && shopName !== policy.shopName) savePolicy(db, { ...policy, shopName })
      const keeper = 'id' in person ? known(person.id) : null
      const fields = { active: true, role: 'keeper' as const, senior: true }
      const id = keeper
        ? savePerson(db, keeper.id, { name: keeper.name, initials: keeper.initials, ...fields }, pin).id
        : addPerson(db, { ...(person as { name: string; initials: string }), ...fields }, undefined, pin).id
      usedUp(db, code)
      return id
    })
    .immediate()

  function known(id: string): { id: string; name: string; initials: string } {
    const found = personOf(db, id)
    if (!found)
      throw new Refusal(422, 'There is no such person in this shop.', [
        { field: 'person', message: 'Choose one of the people, or write a new one.' },
      ])
    return found
  }
}
