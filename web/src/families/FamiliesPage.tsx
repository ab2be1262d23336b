import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { DemoMark } from '../demo/DemoMark.tsx'
import { api } from '../session/api.ts'
import { withQueries } from '../session/queries.tsx'
import { Button } from '../ui/Button.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import { dayOf } from './dayOf.ts'

/** Everybody that something was fitted for, by family. */
export default withQueries(function FamiliesPage() {
  const { data: families, isError, refetch } = useQuery({ queryKey: ['families'], queryFn: () => api.families() })
  const [search, setSearch] = useState('')
  useEffect(() => {
    document.title = 'Families · Nimble Anchor'
  }, [])
  const wanted = search.trim().toLowerCase()
  const shown = (families ?? []).filter((f) =>
    `${f.name} ${f.children.map((c) => c.name).join(' ')}`.toLowerCase().includes(wanted),
  )
  return (
    <Page width="narrow">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl font-bold tracking-tight">Families</h1>
        <SearchField
          label="Find a family or a child"
          value={search}
          onChange={setSearch}
          className="w-full sm:max-w-sm"
        />
      </div>
      <Panel
        fills
        className="lg:flex-1"
        title={families === undefined ? 'Families' : `${shown.length} of ${families.length}`}
      >
        {families === undefined && !isError && <p className="text-ink-soft">Loading.</p>}
        {isError && (
          <div role="alert">
            <p className="mb-2">The server does not answer.</p>
            <Button onClick={() => void refetch()}>Try again</Button>
          </div>
        )}
        {families !== undefined && shown.length === 0 && (
          <p className="text-ink-soft">
            {wanted ? 'No family of that name.' : 'No family yet: a child is added when its first fitting begins.'}
          </p>
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
                <span>{f.children.map((c) => c.name).join(', ') || 'no child'}</span>
                <span className="text-sm text-ink-soft">
                  {f.fittings === 0
                    ? 'nothing fitted yet'
                    : `${f.fittings} ${f.fittings === 1 ? 'fitting' : 'fittings'}, last ${dayOf(f.lastAt ?? '')}`}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </Panel>
    </Page>
  )
})
