import { Columns3, Download } from 'lucide-react'
import { Popover } from 'radix-ui'
import { lazy, Suspense, useDeferredValue, useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { usePreferences } from '../session/preferences.ts'
import { Page } from '../ui/Page.tsx'
import { Button } from '../ui/Button.tsx'
import { CheckBox } from '../ui/CheckBox.tsx'
import { FileButton } from '../ui/FileButton.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import { COLUMNS, type ColumnId } from './columns.tsx'
import { Filters } from './Filters.tsx'
import { LogbookTable } from './LogbookTable.tsx'
import { isFiltered, paramsOf, queryOf, type LogbookQuery } from './query.ts'
import { useLogbook } from './useLogbook.ts'
import * as msg from './messages.en.ts'

const LogbookCharts = lazy(() => import('./LogbookCharts.tsx'))

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
  useEffect(() => {
    document.title = msg.logbookNimbleAnchor
  }, [])
  const shown = usePreferences((s) => s.logbookColumns) as readonly ColumnId[]
  const csvColumns = COLUMNS.filter(({ id }) => shown.includes(id)).flatMap((c) => c.csv)
  return (
    <Page hasVerdicts>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
        <h1 className="text-3xl font-bold tracking-tight">{msg.logbook}</h1>
        <SearchField
          label={msg.searchTheLogbook}
          placeholder={msg.nameCarPlateUnitFitter}
          value={query.q}
          onChange={(q) => change({ q })}
          className="order-last w-full sm:order-none sm:max-w-md sm:flex-1"
        />
        <div className="flex flex-wrap gap-2">
          <Button aria-expanded={showsCharts} onClick={() => setShowsCharts(!showsCharts)}>
            {showsCharts ? msg.hideTheCharts : msg.charts}
          </Button>
          <Save asked={asked} columns={csvColumns} />
        </div>
      </div>
      <div className="mb-3">
        <Filters query={query} onChange={change} />
      </div>
      {showsCharts ? (
        <div className="min-h-0 lg:flex-1 lg:overflow-y-auto">
          <Suspense fallback={<p className="p-4 text-ink-soft">{msg.loading}</p>}>
            <LogbookCharts
              asked={asked}
              onCheck={(fault) => {
                change({ fault, withFaults: false })
                setShowsCharts(false)
              }}
            />
          </Suspense>
        </div>
      ) : (
        <section className="flex min-h-0 flex-col rounded-[3px] border border-line bg-sheet lg:flex-1">
          <header className="flex items-center justify-between gap-3 px-3.5 py-1">
            <h2 className="text-[1.02rem] font-bold">
              <span role="status">
                {list.total === undefined
                  ? msg.fittings
                  : `${list.total.toLocaleString()} ${list.total === 1 ? msg.fitting : msg.fittings2}`}
              </span>
            </h2>
            <span className="hidden sm:block">
              <ColumnChoice />
            </span>
          </header>
          {list.failed && (
            <p role="alert" className="p-3.5">
              {msg.theServerDoesNotAnswerChange}
            </p>
          )}
          {list.total === undefined && !list.failed && <p className="p-3.5 text-ink-soft">{msg.loading}</p>}
          {list.total === 0 && (
            <p className="p-3.5 text-ink-soft">
              {isFiltered(query) ? msg.nothingOfThatKindIs : msg.nothingHasBeenFittedYet}
            </p>
          )}
          {list.total !== undefined && list.total > 0 && <LogbookTable list={list} total={list.total} shown={shown} />}
        </section>
      )}
    </Page>
  )
}

/** The found fittings as files: the table as it is shown, or everything. */
function Save({ asked, columns }: { readonly asked: string; readonly columns: readonly string[] }) {
  const csv = new URLSearchParams(asked)
  csv.set('columns', columns.join(','))
  return (
    <>
      <FileButton path={`/api/logbook.csv?${csv}`} name="logbook.csv">
        <Download size={18} aria-hidden="true" />
        {msg.csv}
      </FileButton>
      <FileButton path={`/api/logbook.json?${asked}`} name="logbook.json">
        <Download size={18} aria-hidden="true" />
        {msg.json}
      </FileButton>
    </>
  )
}

/** Which columns stand in the table, and in its CSV. */
function ColumnChoice() {
  const { logbookColumns, setLogbookColumns } = usePreferences()
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button look="quiet">
          <Columns3 size={18} aria-hidden="true" />
          {msg.columns}
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          aria-label={msg.columns2}
          className="z-40 w-60 rounded-[4px] border-2 border-ink bg-sheet p-2 text-ink shadow-lg"
        >
          {COLUMNS.map(({ id, label }) => (
            <CheckBox
              key={id}
              checked={logbookColumns.includes(id)}
              disabled={logbookColumns.length === 1 && logbookColumns.includes(id)}
              onChange={(isShown) =>
                setLogbookColumns(
                  COLUMNS.map((c) => c.id).filter((c) => (c === id ? isShown : logbookColumns.includes(c))),
                )
              }
            >
              {label}
            </CheckBox>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
