import type { FamilySummary } from '@nimble-anchor/core/formats'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { api } from '../session/api.ts'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'

const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })

/** Everybody that something was fitted for, by family. */
export default function FamiliesPage() {
  const [families, setFamilies] = useState<readonly FamilySummary[] | null | 'failed'>(null)
  const [search, setSearch] = useState('')
  useEffect(() => {
    document.title = 'Families · Nimble Anchor'
    api.families().then(setFamilies, () => setFamilies('failed'))
  }, [])
  const wanted = search.trim().toLowerCase()
  const shown = Array.isArray(families)
    ? (families as readonly FamilySummary[]).filter((f) =>
        `${f.name} ${f.children.map((c) => c.name).join(' ')}`.toLowerCase().includes(wanted),
      )
    : []
  return (
    <div className="mx-auto max-w-4xl p-3 sm:p-5">
      <h1 className="mb-3 text-3xl font-bold tracking-tight">Families</h1>
      <SearchField label="Find a family or a child" value={search} onChange={setSearch} className="mb-3 max-w-sm" />
      <Panel title={families === null || families === 'failed' ? 'Families' : `${shown.length} of ${families.length}`}>
        {families === null && <p className="text-ink-soft">Loading.</p>}
        {families === 'failed' && <p role="alert">The server does not answer. Load the page again in a moment.</p>}
        {families !== null && families !== 'failed' && shown.length === 0 && (
          <p className="text-ink-soft">
            {wanted ? 'No family of that name.' : 'No family yet: a child is added when its first fitting begins.'}
          </p>
        )}
        <ul className="-my-2 divide-y divide-hair">
          {shown.map((f) => (
            <li key={f.id}>
              <Link
                to={`/families/${f.id}`}
                className="grid min-h-12 gap-x-4 py-2.5 hover:bg-shoal sm:grid-cols-[11rem_1fr_auto] sm:items-baseline"
              >
                <span className="text-[1.05rem] font-bold">{f.name}</span>
                <span>{f.children.map((c) => c.name).join(', ') || 'no child'}</span>
                <span className="text-sm text-ink-soft">
                  {f.fittings === 0
                    ? 'nothing fitted yet'
                    : `${f.fittings} ${f.fittings === 1 ? 'fitting' : 'fittings'}, last ${day.format(new Date(f.lastAt ?? ''))}`}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </Panel>
    </div>
  )
}
