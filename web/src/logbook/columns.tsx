import { dateText } from '@nimble-anchor/core/quantities'
import type { LogbookRow } from '@nimble-anchor/core/formats'
import { ROUTE_KINDS } from '@nimble-anchor/core/restraint'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { columnVisibilityFeature, createColumnHelper, tableFeatures } from '@tanstack/react-table'
import { DemoWord } from '../demo/DemoMark.tsx'
import type { ReactNode } from 'react'
import { closedWord } from '../ui/closedWord.ts'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { ruleTitle } from './ruleTitle.ts'
import * as msg from './messages.en.ts'

export const features = tableFeatures({ columnVisibilityFeature })
const helper = createColumnHelper<typeof features, LogbookRow>()

/** What stands in the table; each with the room that it needs, its share of what is left over, and the columns of the CSV that it is. */
export const COLUMNS = [
  { id: 'number', label: msg.number, needsRem: 6, share: 0, csv: ['number'] },
  { id: 'day', label: msg.day, needsRem: 7, share: 0, csv: ['createdAt'] },
  { id: 'verdict', label: msg.verdict, needsRem: 10.5, share: 0, csv: ['status', 'verdict'] },
  { id: 'child', label: msg.child, needsRem: 7, share: 1.2, csv: ['childName'] },
  { id: 'restraint', label: msg.restraint, needsRem: 8, share: 1.2, csv: ['restraintName'] },
  { id: 'car', label: msg.car, needsRem: 7, share: 1, csv: ['vehicleName'] },
  { id: 'route', label: msg.route, needsRem: 6, share: 0.8, csv: ['routeKind'] },
  { id: 'failed', label: msg.failedOnTheWay, needsRem: 9, share: 2, csv: ['faults'] },
  { id: 'fitter', label: msg.fitter, needsRem: 6, share: 0.8, csv: ['fitter'] },
  { id: 'came', label: msg.cameFitted, needsRem: 7, share: 0, csv: ['arrivedInstalled', 'elsewhere'] },
] as const
export type ColumnId = (typeof COLUMNS)[number]['id']

/** The room between two columns, and what stands beside the table: its edges, the page's, the bar to scroll by. */
const GAP_REM = 1
const BESIDE_REM = 5.5

/** How wide a window must be for these columns to stand side by side, in rem. */
export function tableRem(shown: readonly ColumnId[]): number {
  const columns = COLUMNS.filter(({ id }) => shown.includes(id))
  return columns.reduce((rem, c) => rem + c.needsRem + GAP_REM, BESIDE_REM - GAP_REM)
}
/** The same as the tracks of a grid. */
export const tracksOf = (shown: readonly ColumnId[]): string =>
  COLUMNS.filter(({ id }) => shown.includes(id))
    .map(({ needsRem, share }) => (share === 0 ? `${needsRem}rem` : `minmax(${needsRem}rem,${share}fr)`))
    .join(' ')

const CELLS: Record<ColumnId, (row: LogbookRow, demoUpTo: number) => ReactNode> = {
  number: (row, demoUpTo) => (
    <>
      {row.number}
      {row.number <= demoUpTo && <DemoWord />}
    </>
  ),
  day: (row) => <time dateTime={row.createdAt}>{dateText(row.createdAt)}</time>,
  verdict: (row) => (
    <StateMark
      state={VERDICT_MARK[row.verdict]}
      word={row.status === 'signed' ? closedWord(row) : VERDICT_TEXT[row.verdict]}
    />
  ),
  child: (row) => <b>{row.childName}</b>,
  restraint: (row) => row.restraintName ?? msg.noRestraintYet,
  car: (row) => row.vehicleName ?? msg.noCarYet,
  route: (row) => (row.routeKind === null ? '' : ROUTE_KINDS[row.routeKind]),
  failed: (row) => row.faults.map(ruleTitle).join(', '),
  fitter: (row) => row.fitter,
  came: (row) => (row.elsewhere ? msg.signedElsewhere : row.arrivedInstalled ? msg.alreadyFitted : ''),
}

export const columnsOf = (demoUpTo: number) =>
  COLUMNS.map(({ id, label }) =>
    helper.display({ id, header: label, cell: ({ row }) => CELLS[id](row.original, demoUpTo) }),
  )
