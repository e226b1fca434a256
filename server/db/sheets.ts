import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import type { EngineClass } from '#core/engine/words'
import { ENGINE_CLASSES } from '#core/engine/words'
import type { FillTable } from '#core/oil/fillMarks'
import type { SpecValue } from '#core/spec/specValue'
import { conflictsOf } from '#core/spec/specValue'
import { sheetBodySchema } from '#shared/schemas/specs'
import type { Sheet, SheetLine } from '#shared/types/records'
import { keepChange } from './changes'
import { versionOf } from './differences'
import { Refusal } from './refusal'
import { anywhere, row, rows, run } from './statements'

const SHEETS = `
  SELECT   s.id, s.name, s.engine_class AS engineClass, s.body, s.updated_at AS updatedAt,
           (SELECT COUNT(*) FROM engines e WHERE e.spec_sheet_id = s.id) AS machines
  FROM     spec_sheets s
  WHERE    s.name >= @after COLLATE NOCASE AND (s.name > @after COLLATE NOCASE OR s.id > @afterId) AND (s.name LIKE @like ESCAPE '\\' OR s.engine_class IN (SELECT value FROM json_each(@classes)))
    AND    (@engineClass IS NULL OR s.engine_class = @engineClass)
    AND    (@figures = 0 OR json_array_length(s.body, '$.values') > 0)
  ORDER BY s.name COLLATE NOCASE, s.id
  LIMIT    200`
const SHEET =
  'SELECT id, name, engine_class AS engineClass, body, updated_at AS updatedAt FROM spec_sheets WHERE id = ?'
const MACHINES_OF_SHEET = `
  SELECT   m.id, m.name, c.name AS customerName
  FROM     engines e
  JOIN     machines m ON m.id = e.machine_id
  JOIN     customers c ON c.id = m.customer_id
  WHERE    e.spec_sheet_id = ?
  ORDER BY m.name`
const ADD_SHEET =
  'INSERT INTO spec_sheets (id, name, engine_class, body, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?)'
const SAVE_SHEET = 'UPDATE spec_sheets SET name = ?, engine_class = ?, body = ?, updated_at = ? WHERE id = ?'
const CHANGES_OF_SHEET =
  "SELECT at, by, before, after FROM changes WHERE record = 'spec_sheets' AND row_id = ? ORDER BY seq DESC LIMIT 20"

interface SheetRow {
  id: string
  name: string
  engineClass: EngineClass
  body: string
  updatedAt: string
}
export interface SheetBody {
  values: SpecValue[]
  fill: FillTable | null
}

export const sheetBody = (json: string): SheetBody => sheetBodySchema.parse(JSON.parse(json))

export interface SheetsAsked {
  /** anywhere in the name, or in what its class of engine is called */
  words?: string
  engineClass?: string | null
  /** only those that hold a figure */
  figures?: boolean
  /** name and id that the page before ended with */
  after?: string
  afterId?: string
}

/** A page of sheets by name, two hundred at most. */
export function sheetLines(
  db: Database,
  { words = '', engineClass = null, figures = false, after = '', afterId = '' }: SheetsAsked = {},
): SheetLine[] {
  const sought = words.trim().toLowerCase()
  const classes = Object.entries(ENGINE_CLASSES).flatMap(([k, word]) =>
    word.toLowerCase().includes(sought) ? [k] : [],
  )
  const asked = {
    like: anywhere(words),
    classes: JSON.stringify(classes),
    engineClass,
    figures: figures ? 1 : 0,
    after,
    afterId,
  }
  return rows<SheetRow & { machines: number }>(db, SHEETS, asked).map(({ body, ...line }) => {
    const { values, fill } = sheetBody(body)
    return {
      ...line,
      figures: values.length,
      conflicts: conflictsOf(values).length,
      unchecked: values.filter(v => !v.checkedBy).length,
      fillTable: fill !== null,
    }
  })
}

export function sheetOf(db: Database, id: string): Sheet {
  const found = row<SheetRow>(db, SHEET, id)
  if (!found) throw new Refusal(404, 'There is no such sheet. Look under Specs.')
  const { body, ...rest } = found
  const { values, fill } = sheetBody(body)
  return {
    ...rest,
    values,
    fill,
    version: versionOf(sheetFields({ ...rest, values, fill })),
    machines: rows<{ id: string; name: string; customerName: string }>(db, MACHINES_OF_SHEET, id),
  }
}

/** What of a sheet is saved, and has a version. */
export const sheetFields = ({
  name,
  engineClass,
  values,
  fill,
}: { name: string; engineClass: EngineClass } & SheetBody) => ({
  name,
  engineClass,
  values,
  fill,
})

/** Adds a sheet; runs inside the caller's transaction. */
export function addSheet(db: Database, name: string, engineClass: EngineClass, body: SheetBody, id = ulid()): string {
  const now = new Date().toISOString()
  run(db, ADD_SHEET, id, name, engineClass, JSON.stringify(body), now, now)
  return id
}

/** Changes a sheet, keeping what it said before. */
export function saveSheet(
  db: Database,
  id: string,
  { name, engineClass, values, fill }: { name: string; engineClass: EngineClass } & SheetBody,
  by: string,
): void {
  db.transaction(() => {
    const was = sheetOf(db, id)
    keepChange(
      db,
      'spec_sheets',
      id,
      by,
      { name: was.name, engineClass: was.engineClass, values: was.values, fill: was.fill },
      { name, engineClass, values, fill },
    )
    run(db, SAVE_SHEET, name, engineClass, JSON.stringify({ values, fill }), new Date().toISOString(), id)
  }).immediate()
}

export const sheetChanges = (
  db: Database,
  id: string,
): { at: string; by: string | null; before: string; after: string }[] => rows(db, CHANGES_OF_SHEET, id)
