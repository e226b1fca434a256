import type { z } from 'zod'
import type { Assessment } from '#core/assess'
import type { Entry } from '#core/job/entries'
import type { EngineFacts, ShopPolicy } from '#core/job/jobFile'
import type { MachineKind, Stage } from '#core/job/vocabulary'
import type { SpecValue } from '#core/spec/specValue'
import type { machineSchema, newJobSchema, updateMachineSchema } from '../schemas/records'

export interface Person { id: string, name: string, initials: string, active: boolean }
export interface Customer { id: string, name: string, contact: string | null }
export type MachineFields = z.output<typeof machineSchema>
export interface Machine extends MachineFields { id: string, customerId: string }
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
  entries: Entry[]
  earlier: { id: string, number: number, createdAt: string }[]
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
  lean: { outcome: string, name: string, p10: number, p90: number, mends: boolean, agreed: boolean } | null
  finding: { mark: string, headline: string } | null
  lastAt: string
}

export interface MachineLine { id: string, name: string, kind: MachineKind, customerName: string, meter: string, jobs: number, open: boolean, lastAt: string | null }
export interface ShopView { policy: ShopPolicy, people: Person[] }
