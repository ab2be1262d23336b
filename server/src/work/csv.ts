import {
  readTable,
  TABLE_NAMES,
  tableOfHeader,
  toFault,
  toTable,
  type ReadItem,
  type TableName,
} from '@nimble-anchor/core/formats'
import { err, type Fault, type Result } from '@nimble-anchor/core/ground'
import { parse } from 'csv-parse/sync'
import { stringify } from 'csv-stringify/sync'
import { guardCell, plainCell } from '../http/cells'

export const toCsv = (table: TableName, items: readonly unknown[]): string =>
  stringify(toTable(table, items).map((row) => row.map(guardCell)))

/** Spreadsheets of some countries put semicolons between cells: whichever the header has more of. */
function delimiterOf(text: string): string {
  const [header = ''] = text.split('\n', 1)
  return header.split(';').length > header.split(',').length ? ';' : ','
}

/** Reads a spreadsheet of restraints, units or vehicles; which of them, its header says. */
export function readCsv(text: string, tell?: (share: number) => void): Result<readonly ReadItem[], readonly Fault[]> {
  let rows: string[][]
  try {
    rows = parse(text, { bom: true, delimiter: delimiterOf(text), skip_empty_lines: true, relax_column_count: true })
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error)
    return err([{ path: '$', message: `cannot be read as CSV: ${message}` }])
  }
  const header = rows[0] ?? []
  const table = tableOfHeader(header)
  if (!table) {
    return err([{ path: 'row 1', message: `must name the columns of a table: ${TABLE_NAMES.join(', ')}` }])
  }
  const read = readTable(
    table,
    rows.map((row) => row.map(plainCell)),
    tell,
  )
  return read.ok ? read : err(read.error.map(toFault))
}
