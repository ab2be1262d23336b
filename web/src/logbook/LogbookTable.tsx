import { dateText } from '@nimble-anchor/core/quantities'
import type { LogbookRow } from '@nimble-anchor/core/formats'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { useTable } from '@tanstack/react-table'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useMemo, useRef } from 'react'
import { Link } from 'react-router'
import { useDemo } from '../demo/useDemo.ts'
import { closedWord } from '../ui/closedWord.ts'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { useMedia } from '../ui/useMedia.ts'
import { COLUMNS, columnsOf, features, tableRem, tracksOf, type ColumnId } from './columns.tsx'
import { ruleTitle } from './ruleTitle.ts'
import type { LogbookList } from './useLogbook.ts'
import * as msg from './messages.en.ts'

/** Three lines where the columns have no room side by side, else one. */
const ROW_PX = { narrow: 108, wide: 46 } as const

/** A hand that scrolls rests this long where it looks. */
const PAUSE_MS = 80

const NONE: LogbookRow[] = []

/** Only the rows in sight are in the page, however long the book. */
export function LogbookTable({
  list,
  total,
  shown,
}: {
  readonly list: LogbookList
  readonly total: number
  readonly shown: readonly ColumnId[]
}) {
  const scroller = useRef<HTMLDivElement>(null)
  const isWide = useMedia(`(min-width: ${tableRem(shown)}rem)`)
  const rowPx = isWide ? ROW_PX.wide : ROW_PX.narrow
  // The library hands out functions that change with every scroll; nothing here is kept from them.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: total,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowPx,
    overscan: 6,
    useFlushSync: false,
  })
  const items = virtual.getVirtualItems()
  const first = items[0]?.index ?? 0
  const last = items.at(-1)?.index ?? 0
  const { need } = list
  useEffect(() => virtual.measure(), [virtual, rowPx])
  useEffect(() => {
    // What is only scrolled past is not fetched.
    const timer = setTimeout(() => need(first, last), PAUSE_MS)
    return () => clearTimeout(timer)
  })
  const demoUpTo = useDemo()?.lastNumber ?? 0
  const columns = useMemo(() => columnsOf(demoUpTo), [demoUpTo])
  const data = useMemo(() => {
    const rows = items.flatMap((item) => list.row(item.index) ?? [])
    return rows.length === 0 ? NONE : rows
  }, [items, list])
  const table = useTable({
    features,
    columns,
    data,
    getRowId: (row) => row.id,
    state: { columnVisibility: Object.fromEntries(COLUMNS.map(({ id }) => [id, shown.includes(id)])) },
  })
  const grid = tracksOf(shown)
  const byId = new Map(table.getRowModel().rows.map((r) => [r.id, r]))
  return (
    <>
      {isWide && (
        <div
          aria-hidden="true"
          className="grid shrink-0 gap-x-4 border-b border-line px-3.5 pb-1 text-sm text-ink-soft"
          style={{ gridTemplateColumns: grid }}
        >
          {table.getHeaderGroups()[0]?.headers.map((header) => (
            <span key={header.id} className="truncate">
              <table.FlexRender header={header} />
            </span>
          ))}
        </div>
      )}
      <div
        ref={scroller}
        tabIndex={0}
        role="region"
        aria-label={msg.fittingsNewestFirst}
        className="max-h-[70dvh] min-h-40 overflow-y-auto lg:max-h-none lg:flex-1"
      >
        <ul style={{ height: virtual.getTotalSize() }} className="relative">
          {items.map((item) => {
            const row = list.row(item.index)
            const cells = row && byId.get(row.id)?.getVisibleCells()
            return (
              <li
                key={item.key}
                aria-setsize={total}
                aria-posinset={item.index + 1}
                style={{ transform: `translateY(${item.start}px)`, height: rowPx }}
                className="absolute inset-x-0 top-0 border-b border-hair"
              >
                {row === undefined ? (
                  <span className="block p-2.5 text-ink-soft">{msg.loading}</span>
                ) : isWide ? (
                  <Link
                    to={`/fittings/${row.id}`}
                    className="grid h-full items-center gap-x-4 px-3.5 hover:bg-shoal"
                    style={{ gridTemplateColumns: grid }}
                  >
                    {cells?.map((cell) => (
                      <span key={cell.id} className="truncate">
                        <table.FlexRender cell={cell} />
                      </span>
                    ))}
                  </Link>
                ) : (
                  <Card row={row} />
                )}
              </li>
            )
          })}
        </ul>
      </div>
    </>
  )
}

function Card({ row }: { readonly row: LogbookRow }) {
  return (
    <Link
      to={`/fittings/${row.id}`}
      className="grid h-full grid-cols-[1fr_auto] content-center gap-x-4 px-3.5 leading-snug hover:bg-shoal"
    >
      <StateMark
        state={VERDICT_MARK[row.verdict]}
        word={row.status === 'signed' ? closedWord(row) : VERDICT_TEXT[row.verdict]}
      />
      <time dateTime={row.createdAt} className="text-ink-soft">
        {dateText(row.createdAt)}
      </time>
      <span className="col-span-2 min-w-0">
        <span className="block truncate">
          <b>{row.childName}</b> · {row.restraintName ?? msg.noRestraintYet} · {row.vehicleName ?? msg.noCarYet}
        </span>
        <span className="block truncate text-sm text-ink-soft">
          {[
            row.arrivedInstalled && msg.cameAlreadyFitted,
            row.elsewhere && msg.signedElsewhere,
            row.faults.length > 0 && msg.failedOnTheWay2(row.faults.map(ruleTitle).join(', ')),
            row.fitter,
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </span>
    </Link>
  )
}
