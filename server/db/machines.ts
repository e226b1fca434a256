import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { MACHINE_KINDS } from '#core/engine/words'
import type { EngineFacts } from '#core/engine/facts'
import type { SpecValue } from '#core/spec/specValue'
import type { FillTable } from '#core/oil/fillMarks'
import { factsSchema } from '#shared/schemas/machines'
import type { Customer, Machine, MachineFields, MachineLine, UpdateMachine } from '#shared/types/records'
import { keepChange } from './changes'
import { asked } from './find'
import { Refusal } from './refusal'
import { addSheet, saveSheet, sheetBody, sheetOf } from './sheets'
import { row, rows, run } from './statements'

const CUSTOMERS =
  'SELECT id, name, contact, may_photo AS mayPhoto, may_message AS mayMessage, language FROM customers WHERE name >= @from COLLATE NOCASE AND name < @to COLLATE NOCASE ORDER BY name COLLATE NOCASE LIMIT 40'
const CUSTOMER =
  'SELECT id, name, contact, may_photo AS mayPhoto, may_message AS mayMessage, language FROM customers WHERE id = ?'
const ADD_CUSTOMER =
  'INSERT INTO customers (id, name, contact, may_photo, may_message, language, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)'
const SAVE_CUSTOMER =
  'UPDATE customers SET name = ?, contact = ?, may_photo = ?, may_message = ?, language = ?, updated_at = ? WHERE id = ?'
const MACHINE = `
  SELECT id, customer_id AS customerId, kind, name, serial, meter_reading AS meterReading, meter_unit AS meterUnit, meter_source AS meterSource
  FROM   machines
  WHERE  id = ?`
const LINE = `
  SELECT m.id, m.name, m.kind, c.name AS customerName, m.meter_reading AS meterReading, m.meter_unit AS meterUnit, m.meter_source AS meterSource,
         h.number AS last, j.created_at AS lastAt, (SELECT COUNT(*) FROM heads n WHERE n.machine_id = m.id) AS jobs,
         EXISTS (SELECT 1 FROM heads o WHERE o.machine_id = m.id AND o.closed = 0) AS open
  FROM   heads h
  JOIN   machines m ON m.id = h.machine_id
  JOIN   customers c ON c.id = m.customer_id
  JOIN   jobs j ON j.id = h.job_id
  WHERE  NOT EXISTS (SELECT 1 FROM heads later WHERE later.machine_id = h.machine_id AND later.number > h.number)`
/** The newest visit first, a page from before a number on. */
const LINES_BEFORE = `${LINE} AND h.number < @before ORDER BY h.number DESC LIMIT @limit`
const LINES_OF_KINDS = `${LINE} AND h.number < @before AND m.kind IN (SELECT value FROM json_each(@kinds)) ORDER BY h.number DESC LIMIT @limit`
const LINE_OF_MACHINE = `${LINE} AND h.machine_id = @id`
const FOUND = 'SELECT machine_id AS id FROM found_machines WHERE words MATCH @q ORDER BY rowid DESC LIMIT @limit'
const ADD_MACHINE = `
  INSERT INTO machines (id, customer_id, kind, name, serial, meter_reading, meter_unit, meter_source, created_at, updated_at)
  VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`
const SAVE_MACHINE = `
  UPDATE machines SET kind = ?, name = ?, serial = ?, meter_reading = ?, meter_unit = ?, meter_source = ?, updated_at = ?
  WHERE  id = ?`
const ENGINE = `
  SELECT e.id, e.facts, e.spec_sheet_id AS sheetId, s.name AS sheetName, s.body
  FROM   engines e
  JOIN   spec_sheets s ON s.id = e.spec_sheet_id
  WHERE  e.machine_id = ?`
const ENGINE_STAMP = `
  SELECT e.updated_at || s.updated_at AS stamp
  FROM   engines e
  JOIN   spec_sheets s ON s.id = e.spec_sheet_id
  WHERE  e.machine_id = ?`
const ADD_ENGINE =
  'INSERT INTO engines (id, machine_id, facts, spec_sheet_id, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?)'
const SAVE_METER =
  'UPDATE machines SET meter_reading = ?, meter_unit = ?, meter_source = ?, updated_at = ? WHERE id = ?'
const METER_CHANGES =
  "SELECT before, after FROM changes WHERE record = 'machines' AND row_id = ? ORDER BY seq LIMIT 500"
const MOVE_TO_SHEET = 'UPDATE engines SET spec_sheet_id = ?, updated_at = ? WHERE id = ?'
const SAVE_ENGINE = 'UPDATE engines SET facts = ?, updated_at = ? WHERE id = ?'

/** Owners whose name begins like this, forty at most. */
/** A yes, a no, or that nobody asked, as it is kept. */
const kept = (said: boolean | null | undefined): number | null =>
  said === null || said === undefined ? null : Number(said)
const said = (row: number | null): boolean | null => (row === null ? null : row === 1)
type CustomerRow = Omit<Customer, 'mayPhoto' | 'mayMessage'> & Record<'mayPhoto' | 'mayMessage', number | null>
const customer = (r: CustomerRow): Customer => ({ ...r, mayPhoto: said(r.mayPhoto), mayMessage: said(r.mayMessage) })

export const customersOf = (db: Database, begins = ''): Customer[] =>
  rows<CustomerRow>(db, CUSTOMERS, { from: begins, to: `${begins}\u{10ffff}` }).map(customer)

export function customerOf(db: Database, id: string): Customer {
  const found = row<CustomerRow>(db, CUSTOMER, id)
  if (!found) throw new Refusal(404, 'There is no such owner.')
  return customer(found)
}

export function machineOf(db: Database, id: string): Machine {
  const found = row<Machine>(db, MACHINE, id)
  if (!found) throw new Refusal(404, 'There is no such machine. It may have been typed wrongly; look under Machines.')
  return found
}

type LineRow = Omit<MachineLine, 'meter' | 'open'> &
  Pick<MachineFields, 'meterReading' | 'meterUnit' | 'meterSource'> & { open: number }
const asLine = ({ meterReading, meterUnit, meterSource, open, ...line }: LineRow): MachineLine => ({
  ...line,
  open: open === 1,
  meter: meterText({ meterReading, meterUnit, meterSource }),
})

/** A page of machines, the one that was here last first: all of them, or those with some words in name, owner, serial number or kind. */
export function machineLines(db: Database, words = '', before = Number.MAX_SAFE_INTEGER, limit = 50): MachineLine[] {
  if (!words.trim()) return rows<LineRow>(db, LINES_BEFORE, { before, limit }).map(asLine)
  const q = asked(words)
  const found = q === null ? [] : rows<{ id: string }>(db, FOUND, { q, limit })
  const named = found.flatMap(({ id }) => rows<LineRow>(db, LINE_OF_MACHINE, { id }))
  const sought = words.trim().toLowerCase()
  const kinds = Object.entries(MACHINE_KINDS).flatMap(([k, v]) => (v.label.toLowerCase().includes(sought) ? [k] : []))
  const ofKind = kinds.length ? rows<LineRow>(db, LINES_OF_KINDS, { before, limit, kinds: JSON.stringify(kinds) }) : []
  const all = new Map([...named.filter(m => m.last < before), ...ofKind].map(m => [m.id, m]))
  return [...all.values()]
    .sort((a, b) => b.last - a.last)
    .slice(0, limit)
    .map(asLine)
}

export function meterText({
  meterReading,
  meterUnit,
  meterSource,
}: Pick<MachineFields, 'meterReading' | 'meterUnit' | 'meterSource'>): string {
  if (meterReading === null) return 'running time unknown'
  return `${meterReading.toLocaleString('en-GB')} ${meterUnit}${meterSource === 'measured' ? '' : ` ${meterSource}`}`
}

export interface EngineRecord {
  id: string
  sheetId: string
  sheetName: string
  facts: EngineFacts
  spec: SpecValue[]
  fill: FillTable | null
}

/** Changes whenever the engine or its sheet does. */
export const engineStamp = (db: Database, machineId: string): string =>
  row<{ stamp: string }>(db, ENGINE_STAMP, machineId)?.stamp ?? ''

export function engineOf(db: Database, machineId: string): EngineRecord {
  const found = row<{ id: string; sheetId: string; sheetName: string; facts: string; body: string }>(
    db,
    ENGINE,
    machineId,
  )
  if (!found) throw new Refusal(404, 'This machine has no engine on record.')
  const { body, ...rest } = found
  const { values, fill } = sheetBody(body)
  return { ...rest, facts: factsSchema.parse(JSON.parse(found.facts)), spec: values, fill }
}

/** Adds a machine with its engine, on a sheet of its own or on one that is known; runs inside the caller's transaction. */
export function addMachine(
  db: Database,
  customerId: string,
  machine: MachineFields,
  facts: EngineFacts,
  spec: SpecValue[],
  sheetId: string | null = null,
  id = ulid(),
): string {
  const now = new Date().toISOString()
  run(
    db,
    ADD_MACHINE,
    id,
    customerId,
    machine.kind,
    machine.name,
    machine.serial,
    machine.meterReading,
    machine.meterUnit,
    machine.meterSource,
    now,
    now,
  )
  const sheet =
    sheetId === null
      ? addSheet(db, machine.name, facts.engineClass, { values: spec, fill: null })
      : sheetOf(db, sheetId).id
  run(db, ADD_ENGINE, ulid(), id, JSON.stringify(facts), sheet, now, now)
  return id
}

/** The running time that was logged last stands on the machine too; runs inside the caller's transaction. */
export function saveMeter(
  db: Database,
  machineId: string,
  by: string,
  meter: Pick<MachineFields, 'meterReading' | 'meterUnit' | 'meterSource'>,
): void {
  const { id: _, customerId: __, ...was } = machineOf(db, machineId)
  keepChange(db, 'machines', machineId, by, was, { ...was, ...meter })
  run(db, SAVE_METER, meter.meterReading, meter.meterUnit, meter.meterSource, new Date().toISOString(), machineId)
}

type Meter = Pick<MachineFields, 'meterReading' | 'meterUnit' | 'meterSource'>

/** What a machine's meter said before a reading was put on it; null where it never was. */
export function meterBefore(db: Database, machineId: string, reading: number | null): Meter | null {
  for (const { before, after } of rows<{ before: string; after: string }>(db, METER_CHANGES, machineId)) {
    const [was, then] = [JSON.parse(before) as Meter, JSON.parse(after) as Meter]
    if (then.meterReading === reading && was.meterReading !== reading)
      return { meterReading: was.meterReading, meterUnit: was.meterUnit, meterSource: was.meterSource }
  }
  return null
}

/** Puts an engine on another sheet: an engine like one that is known. */
export function moveToSheet(db: Database, machineId: string, sheetId: string, by: string): void {
  db.transaction(() => {
    const engine = engineOf(db, machineId)
    keepChange(db, 'engines', engine.id, by, { sheetId: engine.sheetId }, { sheetId: sheetOf(db, sheetId).id })
    run(db, MOVE_TO_SHEET, sheetId, new Date().toISOString(), engine.id)
  }).immediate()
}

export type NewCustomer = Pick<Customer, 'name' | 'contact'> & Partial<Customer>

export function addCustomer(
  db: Database,
  { name, contact, mayPhoto, mayMessage, language = null }: NewCustomer,
  id = ulid(),
): string {
  const now = new Date().toISOString()
  run(db, ADD_CUSTOMER, id, name, contact, kept(mayPhoto), kept(mayMessage), language, now, now)
  return id
}

/** What of a machine is saved together, and has a version: machine, engine, sheet and owner. */
export function machineRecord(db: Database, id: string): Omit<UpdateMachine, 'by' | 'version'> {
  const { customerId, id: _, ...machine } = machineOf(db, id)
  const { facts, spec } = engineOf(db, id)
  const { id: __, ...owner } = customerOf(db, customerId)
  return { machine, facts, spec, customer: owner }
}

/** The rows that it is made of. */
export function machineRows(db: Database, id: string): [record: string, id: string][] {
  const engine = engineOf(db, id)
  return [
    ['machines', id],
    ['engines', engine.id],
    ['spec_sheets', engine.sheetId],
    ['customers', machineOf(db, id).customerId],
  ]
}

/** Changes owner, machine, engine facts and sheet together, keeping what each said before. */
export function updateMachine(db: Database, id: string, next: Omit<UpdateMachine, 'version'>): void {
  db.transaction(() => {
    const { customerId, id: _, ...machine } = machineOf(db, id)
    const engine = engineOf(db, id)
    const { id: __, ...owner } = customerOf(db, customerId)
    const now = new Date().toISOString()
    keepChange(db, 'machines', id, next.by, machine, next.machine)
    keepChange(db, 'engines', engine.id, next.by, engine.facts, next.facts)
    keepChange(db, 'customers', customerId, next.by, owner, next.customer)
    run(
      db,
      SAVE_MACHINE,
      next.machine.kind,
      next.machine.name,
      next.machine.serial,
      next.machine.meterReading,
      next.machine.meterUnit,
      next.machine.meterSource,
      now,
      id,
    )
    run(db, SAVE_ENGINE, JSON.stringify(next.facts), now, engine.id)
    if (JSON.stringify(engine.spec) !== JSON.stringify(next.spec))
      saveSheet(
        db,
        engine.sheetId,
        { name: engine.sheetName, engineClass: next.facts.engineClass, values: next.spec, fill: engine.fill },
        next.by,
      )
    const { name, contact, mayPhoto, mayMessage, language } = next.customer
    run(db, SAVE_CUSTOMER, name, contact, kept(mayPhoto), kept(mayMessage), language, now, customerId)
  }).immediate()
}
