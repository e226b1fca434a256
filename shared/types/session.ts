import type { CareSection } from '#core/handover/careSections'
import type { EntryKind } from '#core/entries/types'
import type { Role } from '#core/people/roles'

/** Who is at the bench. */
export interface Me {
  id: string
  name: string
  initials: string
  role: Role
  senior: boolean
}

/** How a browser stands with the shop. */
export interface SessionView {
  shopName: string
  /** a made-up shop that signs in by itself */
  demo: boolean
  device: { id: string; name: string; expiresAt: string; locked: boolean } | null
  /** it was let in once and taken back: what it keeps is to be emptied */
  withdrawn: boolean
  person: (Me & { logs: EntryKind[] }) | null
  /** who may come to the bench at this device; none before it is let in */
  people: { id: string; name: string; initials: string; hasPin: boolean }[]
  idleMinutes: number
}

/** A device as the keeper sees it. */
export interface DeviceLine {
  id: string
  name: string
  letInAt: string
  /** null: by the first link, or by itself in the demo */
  letInBy: string | null
  expiresAt: string
  seenAt: string
  withdrawnAt: string | null
  emptiedAt: string | null
  lockedAt: string | null
  personName: string | null
}

/** A code that lets a device in, told once. */
export interface DeviceCode {
  code: string
  expiresAt: string
  /** where it is typed: the address with the code behind a #, which no server sees */
  link: string
  /** the same as a square, an SVG */
  square: string
}

/** A secret address that was given out: the address itself is told once. */
export interface SecretLine {
  id: string
  madeBy: string
  madeAt: string
  withdrawnAt: string | null
}
export interface NewSecret extends SecretLine {
  /** null when it was told already, and the answer was lost */
  link: string | null
}

/** The owner's care page. */
export interface CarePage {
  shopName: string
  shopAddress: string
  machineName: string
  number: number
  /** what stands against running it, first */
  warnings: string[]
  sections: CareSection[]
  caution: string
}
