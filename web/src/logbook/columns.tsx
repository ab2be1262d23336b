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

/** What stands in the table; each with the width that it takes and the columns of the CSV that it is. */
export const COLUMNS = [
  { id: 'number', label: msg.number, width: '6rem', csv: ['number'] },
  { id: 'day', label: msg.day, width: '7rem', csv: ['createdAt'] },
  { id: 'verdict', label: msg.verdict, width: '10.500rem', csv: ['status', 'verdict'] },
  { id: 'child', label: msg.child, width: 'minmax(7rem,1.2fr)', csv: ['childName'] },
  { id: 'restraint', label: msg.restraint, width: 'minmax(8rem,1.2fr)', csv: ['restraintName'] },
  { id: 'car', label: msg.car, width: 'minmax(7rem,1fr)', csv: ['vehicleName'] },
  { id: 'route', label: msg.route, width: 'minmax(6rem,0.800fr)', csv: ['routeKind'] },
  { id: 'failed', label: msg.failedOnTheWay, width: 'minmax(9rem,2fr)', csv: ['faults'] },
  { id: 'fitter', label: msg.fitter, width: 'minmax(6rem,0.800fr)', csv: ['fitter'] },
  { id: 'came', label: msg.cameFitted, width: '7rem', csv: ['arrivedInstalled', 'elsewhere'] },
] as const
export type ColumnId = (typeof COLUMNS)[number]['id']

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
