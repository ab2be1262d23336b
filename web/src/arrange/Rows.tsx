import type { Names, RowOf } from '@nimble-anchor/core/arrange'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import { useState } from 'react'
import { Choices } from '../ui/Choices.tsx'
import { RowSection } from './RowSection.tsx'
import * as msg from './messages.en.ts'

interface RowsProps {
  readonly rows: readonly RowOf[]
  readonly vehicle: Vehicle
  readonly names: Names
  readonly isChild: (riderId: string) => boolean
}

/** The rows from behind, one of them looked at: first the one where most sit side by side. */
export function Rows({ rows, vehicle, names, isChild }: RowsProps) {
  const childrenIn = (r: RowOf): number => r.stands.filter((s) => isChild(s.riderId)).length
  const fullest = rows.toSorted((a, b) => childrenIn(b) - childrenIn(a) || b.row - a.row)[0]
  const [shown, setShown] = useState(String(fullest?.row))
  const row = rows.find((r) => String(r.row) === shown) ?? fullest
  if (row === undefined) return null
  return (
    <section aria-label={msg.rowFromBehind} className="relative shrink-0">
      {rows.length > 1 && (
        <div className="mb-1 lg:absolute lg:top-1 lg:left-1">
          <Choices
            legend={msg.rowFromBehind}
            hideLegend
            value={String(row.row)}
            onChoose={setShown}
            options={rows.map((r) => ({ id: String(r.row), label: msg.row(r.row) }))}
          />
        </div>
      )}
      <RowSection row={row} vehicle={vehicle} names={names} isAside={rows.length > 1} />
    </section>
  )
}
