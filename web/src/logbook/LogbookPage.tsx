import { type LogbookRow } from '@nimble-anchor/core/formats'
import { modelName, ROUTE_KINDS } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { useVirtualizer } from '@tanstack/react-virtual'
import { Download } from 'lucide-react'
import { lazy, Suspense, useDeferredValue, useEffect, useRef, useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { saveFromServer } from '../ui/saveFile.ts'
import { SearchField } from '../ui/SearchField.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { closedWord } from '../ui/closedWord.ts'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { useMedia } from '../ui/useMedia.ts'
import { EMPTY_QUERY, isFiltered, paramsOf, queryOf, type LogbookQuery } from './query.ts'
import { ruleTitle } from './ruleTitle.ts'
import { useLogbook, type LogbookList } from './useLogbook.ts'
import { CheckBox } from '../ui/CheckBox.tsx'
import { DateField } from '../ui/DateField.tsx'
import { parseDay } from '../ui/days.ts'

const LogbookCharts = lazy(() => import('./LogbookCharts.tsx'))
const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })

/** Every fitting there ever was: searched, filtered, counted, exported. */
export default function LogbookPage() {
  const [params, setParams] = useSearchParams()
  // The address follows the fields, never the other way: it changes only after a while, and a letter must show at once.
  const [query, setQuery] = useState(() => queryOf(params))
  const change = (over: Partial<LogbookQuery>): void => {
    const next = { ...query, ...over }
    setQuery(next)
    setParams(paramsOf(next), { replace: true })
  }
  const asked = useDeferredValue(paramsOf(query).toString())
  const list = useLogbook(asked)
  const [showsCharts, setShowsCharts] = useState(false)
  const catalogue = useCatalogue((s) => s.catalogue)
  useEffect(() => {
    document.title = 'Logbook · Nimble Anchor'
    void useCatalogue.getState().load()
  }, [])
  return (
    <div className="mx-auto max-w-6xl p-3 sm:p-5">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl font-bold tracking-tight">Logbook</h1>
        <div className="flex flex-wrap gap-2">
          <Button aria-expanded={showsCharts} onClick={() => setShowsCharts(!showsCharts)}>
            {showsCharts ? 'Hide the charts' : 'Charts'}
          </Button>
          <Button onClick={() => void saveFromServer(`/api/logbook.csv?${asked}`, 'logbook.csv')}>
            <Download size={18} aria-hidden="true" /> CSV
          </Button>
          <Button onClick={() => void saveFromServer(`/api/logbook.json?${asked}`, 'logbook.json')}>
            <Download size={18} aria-hidden="true" /> JSON
          </Button>
        </div>
      </div>
      <Panel className="mb-3">
        <div className="grid items-end gap-3 sm:grid-cols-2 lg:grid-cols-4">
          <SearchField
            label="Search the logbook"
            placeholder="Name, car, plate, unit, fitter, number"
            value={query.q}
            onChange={(q) => change({ q })}
            className="sm:col-span-2"
          />
          <SelectField
            label="State"
            value={query.status}
            options={[
              { id: '', label: 'open and closed' },
              { id: 'open', label: 'open' },
              { id: 'signed', label: 'closed' },
            ]}
            onChange={(id) => change({ status: id as LogbookQuery['status'] })}
          />
          <SelectField
            label="Verdict"
            value={query.verdict}
            options={[
              { id: '', label: 'any verdict' },
              ...Object.entries(VERDICT_TEXT).map(([id, label]) => ({ id, label: label.toLowerCase() })),
            ]}
            onChange={(id) => change({ verdict: id as LogbookQuery['verdict'] })}
          />
          <SelectField
            label="Route"
            value={query.route}
            options={[
              { id: '', label: 'any route' },
              ...Object.entries(ROUTE_KINDS).map(([id, label]) => ({ id, label })),
            ]}
            onChange={(route) => change({ route })}
          />
          <SelectField
            label="Restraint"
            value={query.modelId}
            options={[
              { id: '', label: 'any restraint' },
              ...(catalogue?.models ?? []).map((m) => ({ id: m.id, label: modelName(m) })),
            ]}
            onChange={(modelId) => change({ modelId })}
          />
          <SelectField
            label="Car"
            value={query.vehicleId}
            options={[
              { id: '', label: 'any car' },
              ...(catalogue?.vehicles ?? []).map((v) => ({ id: v.id, label: vehicleName(v) })),
            ]}
            onChange={(vehicleId) => change({ vehicleId })}
          />
          <div className="grid grid-cols-2 gap-2 sm:col-span-2">
            <DateField
              label="Begun from"
              value={query.from}
              onChange={(from) => change({ from: parseDay(from) ?? '' })}
            />
            <DateField label="to" value={query.to} onChange={(to) => change({ to: parseDay(to) ?? '' })} />
          </div>
          <CheckBox checked={query.withFaults} onChange={(withFaults) => change({ withFaults })}>
            Only with a failed check
          </CheckBox>
          {query.unitId !== '' && (
            <p className="sm:col-span-2">
              Only fittings with unit{' '}
              <span className="font-bold">
                {catalogue?.units?.find((u) => u.id === query.unitId)?.serial ?? query.unitId}
              </span>
              , as shell or as base.
            </p>
          )}
          {isFiltered(query) && (
            <div>
              <Button look="quiet" onClick={() => change(EMPTY_QUERY)}>
                Show everything
              </Button>
            </div>
          )}
        </div>
      </Panel>
      {showsCharts && (
        <Suspense fallback={<p className="p-4 text-ink-soft">Loading.</p>}>
          <LogbookCharts asked={asked} />
        </Suspense>
      )}
      <Panel
        title={
          <span role="status">
            {list.total === undefined
              ? 'Fittings'
              : `${list.total.toLocaleString()} ${list.total === 1 ? 'fitting' : 'fittings'}`}
          </span>
        }
      >
        {list.failed && <p role="alert">The server does not answer. Change the search, or load the page again.</p>}
        {list.total === 0 && (
          <p className="text-ink-soft">
            {isFiltered(query) ? 'Nothing of that kind is in the logbook.' : 'Nothing has been fitted yet.'}
          </p>
        )}
        {list.total !== undefined && list.total > 0 && <Rows list={list} total={list.total} />}
      </Panel>
    </div>
  )
}

/** Three lines on a phone, two beside a keyboard. */
const ROW_PX = { narrow: 108, wide: 66 } as const

/** A hand that scrolls rests this long where it looks. */
const PAUSE_MS = 80

/** Only the rows in sight are in the page, however long the book. */
function Rows({ list, total }: { readonly list: LogbookList; readonly total: number }) {
  const scroller = useRef<HTMLDivElement>(null)
  const rowPx = useMedia('(min-width: 640px)') ? ROW_PX.wide : ROW_PX.narrow
  // The library hands out functions that change with every scroll; nothing here is kept from them.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: total,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowPx,
    overscan: 4,
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
  return (
    <div
      ref={scroller}
      tabIndex={0}
      role="region"
      aria-label="Fittings, newest first"
      className="-m-3.5 max-h-[70dvh] overflow-y-auto"
    >
      <ul style={{ height: virtual.getTotalSize() }} className="relative">
        {items.map((item) => {
          const row = list.row(item.index)
          return (
            <li
              key={item.key}
              aria-setsize={total}
              aria-posinset={item.index + 1}
              style={{ transform: `translateY(${item.start}px)`, height: rowPx }}
              className="absolute inset-x-0 top-0 border-b border-hair"
            >
              {row ? <Row row={row} /> : <span className="block p-3.5 text-ink-soft">Loading.</span>}
            </li>
          )
        })}
      </ul>
    </div>
  )
}

function Row({ row }: { readonly row: LogbookRow }) {
  return (
    <Link
      to={`/fittings/${row.id}`}
      className="grid h-full grid-cols-[1fr_auto] content-center gap-x-4 px-3.5 leading-snug hover:bg-shoal sm:grid-cols-[4.500rem_7rem_10.500rem_minmax(0,1fr)] sm:items-baseline"
    >
      <span className="hidden text-ink-soft sm:block">{row.number}</span>
      <time dateTime={row.createdAt} className="order-2 text-ink-soft sm:order-none">
        {day.format(new Date(row.createdAt))}
      </time>
      <StateMark
        state={VERDICT_MARK[row.verdict]}
        word={row.status === 'signed' ? closedWord(row) : VERDICT_TEXT[row.verdict]}
      />
      <span className="order-3 col-span-2 min-w-0 sm:order-none sm:col-span-1">
        <span className="block truncate">
          <b>{row.childName}</b> · {row.restraintName ?? 'no restraint yet'} · {row.vehicleName ?? 'no car yet'}
        </span>
        <span className="block truncate text-sm text-ink-soft">
          {[
            row.arrivedInstalled && 'came already fitted',
            row.elsewhere && 'signed elsewhere',
            row.faults.length > 0 && `failed on the way: ${row.faults.map(ruleTitle).join(', ')}`,
            row.fitter,
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </span>
    </Link>
  )
}
