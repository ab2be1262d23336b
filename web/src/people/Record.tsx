import { dateText } from '@nimble-anchor/core/quantities'
import type { AuditRow } from '@nimble-anchor/core/formats'
import { useState } from 'react'
import { useAnswer } from '../session/queries.ts'
import { useRefusalSaid } from '../ui/useRefusalSaid.ts'
import { auditAsked } from './questions.ts'
import { SearchField } from '../ui/SearchField.tsx'
import * as msg from './messages.en.ts'

const NONE: readonly AuditRow[] = []

/** Who signed in, exported, erased, or changed what; nobody can take a line out. */
export function Record() {
  const { data: rows = NONE, error } = useAnswer(auditAsked)
  useRefusalSaid(error)
  const [search, setSearch] = useState('')
  const wanted = search.trim().toLowerCase()
  const shown = rows.filter((r) => `${r.who} ${r.what}`.toLowerCase().includes(wanted))
  return (
    <div className="rounded-[3px] border border-line bg-sheet p-3.5">
      <SearchField label={msg.findAPersonOrA} value={search} onChange={setSearch} className="mb-2 max-w-sm" />
      {shown.length === 0 && (
        <p className="text-ink-soft">{rows.length === 0 ? msg.nothingYet : msg.nothingOfThatName}</p>
      )}
      <ol className="divide-y divide-hair">
        {shown.map((r) => (
          <li key={r.number} className="flex flex-wrap gap-x-4 py-1.5">
            <time dateTime={r.notedAt} className="text-sm text-ink-soft">
              {dateText(r.notedAt, 'day-and-time')}
            </time>
            <span>
              <b>{r.who}</b> {r.what}
            </span>
          </li>
        ))}
      </ol>
    </div>
  )
}
