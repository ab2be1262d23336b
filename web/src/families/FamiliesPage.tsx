import { dateText } from '@nimble-anchor/core/quantities'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { familiesAsked } from '../session/families.ts'
import { useAnswer } from '../session/queries.ts'
import { DemoMark } from '../demo/DemoMark.tsx'
import { Button } from '../ui/Button.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import * as msg from './messages.en.ts'

/** Everybody that something was fitted for, by family. */
export default function FamiliesPage() {
  const { data: families, isError, refetch } = useAnswer(familiesAsked)
  const [search, setSearch] = useState('')
  useEffect(() => {
    document.title = msg.familiesNimbleAnchor
  }, [])
  const wanted = search.trim().toLowerCase()
  const shown = (families ?? []).filter((f) =>
    `${f.name} ${f.children.map((c) => c.name).join(' ')}`.toLowerCase().includes(wanted),
  )
  return (
    <Page width="narrow">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl font-bold tracking-tight">{msg.families}</h1>
        <SearchField label={msg.findAFamilyOrA} value={search} onChange={setSearch} className="w-full sm:max-w-sm" />
      </div>
      <Panel
        fills
        className="lg:flex-1"
        title={families === undefined ? msg.families : msg.ofWord(shown.length, families.length)}
      >
        {families === undefined && !isError && <p className="text-ink-soft">{msg.loading}</p>}
        {isError && (
          <div role="alert">
            <p className="mb-2">{msg.theServerDoesNotAnswer}</p>
            <Button onClick={() => void refetch()}>{msg.tryAgain}</Button>
          </div>
        )}
        {families !== undefined && shown.length === 0 && (
          <p className="text-ink-soft">{wanted ? msg.noFamilyOfThatName : msg.noFamilyYetAChild}</p>
        )}
        <ul className="-my-2 divide-y divide-hair">
          {shown.map((f) => (
            <li key={f.id}>
              <Link
                to={`/families/${f.id}`}
                className="grid min-h-11 gap-x-4 py-1.5 hover:bg-shoal sm:grid-cols-[13rem_1fr_auto] sm:items-center"
              >
                <span className="text-[1.05rem] font-bold">
                  {f.name}
                  <DemoMark kind="families" id={f.id} />
                </span>
                <span>{f.children.map((c) => c.name).join(', ') || msg.noChild}</span>
                <span className="text-sm text-ink-soft">
                  {f.fittings === 0
                    ? msg.nothingFittedYet
                    : msg.last(f.fittings, f.fittings === 1 ? msg.fitting : msg.fittings, dateText(f.lastAt ?? ''))}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </Panel>
    </Page>
  )
}
