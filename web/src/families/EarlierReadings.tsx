import type { Child } from '@nimble-anchor/core/child'
import type { GrowthReading } from '@nimble-anchor/core/formats'
import { dateText, formatInterval } from '@nimble-anchor/core/quantities'
import { useQueries } from '@tanstack/react-query'
import { readingsOf } from '../session/readings.ts'
import { queries } from '../session/queries.ts'
import * as msg from './messages.en.ts'

/** Readings of one day once: two fittings of a day are measured once. */
const byDay = (readings: readonly GrowthReading[]): readonly GrowthReading[] =>
  [...new Map(readings.map((r) => [r.on, r])).values()].toSorted((a, b) => b.on.localeCompare(a.on))

/** What each child measured at its fittings, the newest first. */
export function EarlierReadings({ familyChildren }: { readonly familyChildren: readonly Child[] }) {
  const all = useQueries({ queries: familyChildren.map((c) => readingsOf(c.id)) }, queries)
  return (
    <div className="flex flex-col gap-3 p-1">
      {familyChildren.map((child, i) => {
        const asked = all[i]
        const readings = byDay(asked?.data ?? [])
        return (
          <section key={child.id}>
            <h3 className="font-bold">{child.name}</h3>
            {asked?.isPending && <p className="text-ink-soft">{msg.loading}</p>}
            {asked?.isError && <p role="alert">{msg.theServerDoesNotAnswer}</p>}
            {asked?.isSuccess && readings.length === 0 && <p className="text-ink-soft">{msg.notMeasuredAtAFitting}</p>}
            {readings.length > 0 && (
              <table className="w-full table-fixed text-sm">
                <thead className="sr-only">
                  <tr>
                    <th scope="col">{msg.day}</th>
                    <th scope="col">{msg.mass}</th>
                    <th scope="col">{msg.stature}</th>
                  </tr>
                </thead>
                <tbody>
                  {readings.map((r) => (
                    <tr key={r.on} className="border-b border-hair">
                      <th scope="row" className="py-1 text-left font-normal text-ink-soft">
                        {dateText(r.on)}
                      </th>
                      <td className="text-right">{r.massKg ? formatInterval(r.massKg, 'kg') : msg.notWeighed}</td>
                      <td className="text-right">
                        {r.statureCm ? formatInterval(r.statureCm, 'cm') : msg.notMeasured}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </section>
        )
      })}
    </div>
  )
}
