import { dateText } from '@nimble-anchor/core/quantities'
import type { FamilyView } from '@nimble-anchor/core/formats'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { Link } from 'react-router'
import { closedWord } from '../ui/closedWord.ts'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

type Fitting = FamilyView['fittings'][number]

/** Fittings bound into one ride, or of one day in one car; the newest first. */
function ridesOf(
  fittings: readonly Fitting[],
): readonly { readonly key: string; readonly fittings: readonly Fitting[] }[] {
  const rides = new Map<string, Fitting[]>()
  for (const f of fittings) {
    const key = f.rideId ?? `${f.updatedAt.slice(0, 10)} ${f.vehicleName ?? ''}`
    rides.set(key, [...(rides.get(key) ?? []), f])
  }
  return [...rides].map(([key, of]) => ({ key, fittings: of }))
}

/** What was fitted when, by the rides that the family took. */
export function Rides({ fittings }: { readonly fittings: readonly Fitting[] }) {
  if (fittings.length === 0) return <p className="text-ink-soft">{msg.noneYet}</p>
  return (
    <ul className="-my-2 divide-y divide-hair">
      {ridesOf(fittings).map(({ key, fittings: of }) => (
        <li key={key} className="py-1.5">
          <p className="text-sm text-ink-soft">
            {dateText(of[0]?.updatedAt ?? '')} · {of[0]?.vehicleName ?? msg.noCarYet}
            {of[0]?.rideId != null && (
              <Link
                to={`/rides/${of[0].rideId}`}
                className="ml-3 inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
              >
                {msg.theWholeRide}
              </Link>
            )}
          </p>
          <ul>
            {of.map((f) => (
              <li key={f.id}>
                <Link
                  to={`/fittings/${f.id}`}
                  className="grid min-h-11 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 hover:bg-shoal sm:grid-cols-[8rem_minmax(0,1fr)_auto]"
                >
                  <span className="truncate font-bold">{f.childName}</span>
                  <span className="order-3 col-span-2 truncate sm:order-none sm:col-span-1">
                    {f.restraintName ?? msg.noRestraintYet}
                    {f.revises !== null && msg.revision}
                  </span>
                  <StateMark
                    state={VERDICT_MARK[f.verdict]}
                    word={f.status === 'signed' ? closedWord(f) : VERDICT_TEXT[f.verdict]}
                  />
                </Link>
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  )
}
