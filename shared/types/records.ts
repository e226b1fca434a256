import type { BillDraft, GivenBill, Payment } from '#core/handover/bill'
import type { ProposedBill } from '#core/handover/proposedBill'
import type { BackupReason } from '#shared/backups'
import type { z } from 'zod'
import type { Assessment } from '#core/assess'
import type { StuckHistory } from '#core/verdict/stuckAllowance'
import type { Entry } from '#core/entries/types'
import type { ShopCounts } from '#core/engine/shopCounts'
import type { Visit } from '#core/entries/file'
import type { EngineFacts } from '#core/engine/facts'
import type { ShopPolicy } from '#core/engine/policy'
import type { EngineClass, MachineKind } from '#core/engine/words'
import type { Role } from '#core/people/roles'
import type { Stage } from '#core/log/words'
import type { FillTable } from '#core/oil/fillMarks'
import type { SpecValue } from '#core/spec/specValue'
import type { Quote } from '#core/handover/quote'
import type { machineSchema, newJobSchema, updateMachineSchema } from '../schemas/machines'
import type { ownerAnswerSchema } from '../schemas/owner'
import type { saveShelfSchema } from '../schemas/parts'

export interface Person {
  id: string
  name: string
  initials: string
  active: boolean
  role: Role
  /** signs what asks for a senior */
  senior: boolean
  hasPin: boolean
  version: string
}
export interface Customer {
  id: string
  name: string
  contact: string | null
  /** whether pictures of the machine may be kept, and messages sent; null: nobody asked */
  mayPhoto: boolean | null
  mayMessage: boolean | null
  /** that papers are written in for them, one of the shop's; null: as the shop writes */
  language: string | null
}
export type MachineFields = z.output<typeof machineSchema>
export interface Machine extends MachineFields {
  id: string
  customerId: string
}
export type NewJobParsed = z.output<typeof newJobSchema>
export type UpdateMachine = z.output<typeof updateMachineSchema>

/** One job with all that it is judged from. */
export interface JobView {
  id: string
  number: number
  createdAt: string
  customer: Customer
  machine: Machine
  facts: EngineFacts
  spec: SpecValue[]
  fill: FillTable | null
  sheet: { id: string; name: string }
  entries: Entry[]
  /** rows of the log that can't be read: they stand on disk as they were */
  unreadable: { id: string; kind: string; at: string; why: string }[]
  /** earlier visits, oldest first */
  history: (Visit & { id: string })[]
  /** what this shop's closed jobs on this class of engine really were */
  counts: ShopCounts
}
/** A job with what its page also asks of the shop. */
export interface JobPage extends JobView {
  /** what this shop's fasteners did so far */ stuck: StuckHistory
}

export interface Sheet {
  id: string
  name: string
  engineClass: EngineClass
  values: SpecValue[]
  fill: FillTable | null
  updatedAt: string
  version: string
  machines: { id: string; name: string; customerName: string }[]
}
export interface SheetLine {
  id: string
  name: string
  engineClass: EngineClass
  updatedAt: string
  machines: number
  figures: number
  conflicts: number
  unchecked: number
  fillTable: boolean
}
/** An earlier job with the same complaint, and what it turned out to be. */
export interface CaseLine {
  id: string
  number: number
  at: string
  machineName: string
  words: string
  cause: string | null
  proof: string | null
}
/** A closed job that looks alike; `shared` are the signs that both show, in words. */
export interface AlikeLine {
  id: string
  number: number
  machineName: string
  cause: string
  proof: string
  share: number
  shared: string[]
}
/** A machine that carries a quarantined batch. */
export interface CarrierLine {
  jobId: string
  number: number
  machineName: string
  customerName: string
  what: string
  batch: string
  at: string
}
export interface OutboxLine {
  id: string
  at: string
  subject: string
  text: string
  customerName: string
  contact: string | null
  /** 0: the owner wants no messages */
  mayMessage: number | null
  jobId: string | null
}
export interface ImportReport {
  lines: { line: number; message: string }[]
  added: string[]
  same: number
  conflicts: string[]
  doubts: string[]
  applied: boolean
  sheetId: string | null
  /** of the sheet that it was compared with */
  version: string | null
}

/** Something that is due to be looked at again, on whichever machine. */
export interface WatchLine {
  /** of the entry that says it */
  id: string
  jobId: string
  machineId: string
  machine: string
  /** what, when, and from which job */
  words: string
  /** YYYY-MM-DD; null: by the meter */
  dueOn: string | null
}

/** One line of Today and of a machine's history. */
export interface JobLine {
  id: string
  number: number
  createdAt: string
  machineId: string
  machineName: string
  machineKind: MachineKind
  customerName: string
  complaint: string | null
  stage: Stage
  stages: Assessment['stages']
  stops: Assessment['stops']
  nextTitle: string | null
  waiting: Assessment['waiting']
  closed: boolean
  /** handed back with a stop standing: not to be run */
  outNotToRun: boolean
  lean: {
    outcome: string
    name: string
    p10: number
    p90: number
    mends: boolean
    agreed: boolean
    /** false: nobody said what it is worth */ known: boolean
  } | null
  finding: { mark: string; headline: string } | null
  /** what of it can't be read or judged, in words */
  trouble: string | null
  /** something changed since it was judged; it is judged again in a moment */
  stale?: boolean
  lastAt: string
}

export interface MachineLine {
  id: string
  name: string
  kind: MachineKind
  customerName: string
  meter: string
  jobs: number
  open: boolean
  /** number and day of its last job */
  last: number
  lastAt: string
}
export interface ShopView {
  policy: ShopPolicy
  version: string
  /** the shop's first day, ISO 8601 */
  since: string | null
  people: Person[]
}

export type OwnerAnswer = z.output<typeof ownerAnswerSchema>
/** A quote as it was sent, with its answer. */
export interface QuoteLine {
  id: string
  createdAt: string
  expiresAt: string
  answeredAt: string | null
  answer: OwnerAnswer | null
  /** a newer question, or the shop itself, closed it */
  closedAt: string | null
  withdrawnBy: string | null
  quote: Quote
}
/** What the owner's page shows. */
export interface QuotePage {
  quote: Omit<Quote, 'frozen'>
  number: number
  machine: string
  owner: string
  shop: string
  address: string
  askedAt: string
  expiresAt: string
  answer: OwnerAnswer | null
}
/** One part of a supplier's list; `priceMinor` null: not to be had. */
export interface PriceRow {
  id: string
  supplier: string
  number: string
  name: string
  kind: 'retail' | 'trade' | 'donor'
  priceMinor: number | null
  leadDays: number | null
  stock: number | null
  supersededBy: string | null
  pricedOn: string
}
export interface PriceReport {
  lines: { line: number; message: string }[]
  added: string[]
  changed: string[]
  same: number
  applied: boolean
  /** of the known prices that it was compared with */
  version: string
}
export type ShelfFields = Omit<z.output<typeof saveShelfSchema>, 'by' | 'version'>
/** A part kept from an engine that was given up. */
export interface ShelfItem extends ShelfFields {
  id: string
  number: number
  part: string | null
  engineClass: EngineClass
  fromJobId: string | null
  fromNumber: number | null
  state: 'shelf' | 'reserved' | 'used' | 'gone'
  jobId: string | null
  jobNumber: number | null
  createdAt: string
  version: string
}

/** A backup of the shop as its list shows it. */
export interface BackupOnList {
  name: string
  madeAt: string
  reason: BackupReason
  bytes: number
  jobs: number
  entries: number
  photos: number
  lastEntryAt: string | null
  /** pictures on record that were gone when it was made */
  missing: string[]
}

/** Why the last try did not become a backup. */
export interface BackupFailure {
  at: string
  why: string
}

export interface BackupsView {
  folder: string
  making: boolean
  lines: BackupOnList[]
  failed: BackupFailure | null
  /** a copy that follows all the time, and the pictures still on their way to it */
  replica: { to: string; waiting: { name: string; why: string }[]; failed: string | null } | null
  old: boolean
}

/** How the place stands where the shop's data lie. */
export interface ShopState {
  storage: { words: string | null; refuses: boolean }
  backup: { lastAt: string | null; old: boolean; failed: BackupFailure | null }
}

/** The money of a job at the counter. */
export interface JobBills {
  proposed: ProposedBill
  /** the owner as a bill would print it */
  to: BillDraft['to']
  bills: GivenBill[]
  payments: Payment[]
  /** smallest money units; less than nothing: to be paid back */
  dueMinor: number
}

export interface TakingLine extends Payment {
  jobId: string
  number: number
  machine: string
  owner: string
}
/** What came over the counter on one day; smallest money units. */
export interface Takings {
  day: string
  currency: string
  lines: TakingLine[]
  sums: { paidBy: Payment['paidBy']; minor: number }[]
  totalMinor: number
}
