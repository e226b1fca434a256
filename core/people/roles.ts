import type { KeyOf } from '../words/keys'

/** What somebody does in the shop; each person has one, and a keeper may do all of it. */
export const ROLES = {
  bench: { label: 'Bench', does: 'logs, orders parts, asks the owner' },
  counter: { label: 'Counter', does: 'books in, looks after owners, parts, papers and payments' },
  keeper: { label: 'Keeper', does: 'all of it, and people, rates, rules, sheets, devices and backups' },
} as const
export type Role = KeyOf<typeof ROLES>

/** What can be done here, each with those who may; nothing is open to a role that does not stand here. */
const MAY = {
  /** read jobs, machines, sheets, parts and what the program works out of them */
  look: ['bench', 'counter', 'keeper'],
  /** put on the log what was seen, measured, judged and done */
  log: ['bench', 'keeper'],
  /** what is heard and seen at the counter as well as at the bench */
  hear: ['bench', 'counter', 'keeper'],
  /** put questions to the owner, and take the answer */
  ask: ['bench', 'counter', 'keeper'],
  order: ['bench', 'counter', 'keeper'],
  book: ['counter', 'keeper'],
  owners: ['counter', 'keeper'],
  /** what a machine and its engine are */
  machines: ['bench', 'counter', 'keeper'],
  /** prices and the shelf */
  parts: ['bench', 'counter', 'keeper'],
  prices: ['counter', 'keeper'],
  /** what the owner is given on paper */
  papers: ['counter', 'keeper'],
  payments: ['counter', 'keeper'],
  sheets: ['keeper'],
  people: ['keeper'],
  rules: ['keeper'],
  backups: ['keeper'],
  devices: ['keeper'],
} as const satisfies Record<string, readonly Role[]>
export type Right = KeyOf<typeof MAY>

/** Whether a role has a right. */
export const may = (role: Role, right: Right): boolean => (MAY[right] as readonly Role[]).includes(role)

/** Who may, in words: "the counter or a keeper". */
export function whoMay(right: Right): string {
  const all = MAY[right].map(r => (r === 'keeper' ? 'a keeper' : `the ${ROLES[r].label.toLowerCase()}`))
  return all.length === 1 ? (all[0] ?? '') : `${all.slice(0, -1).join(', ')} or ${all.at(-1)}`
}
