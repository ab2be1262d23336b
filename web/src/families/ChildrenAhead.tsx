import { dateText } from '@nimble-anchor/core/quantities'
import { IsoDate } from '@nimble-anchor/core/ground'
import type { Child } from '@nimble-anchor/core/child'
import type { FamilyView } from '@nimble-anchor/core/formats'

import { useQueries } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { queries } from '../session/queries.ts'
import { RoadAhead } from '../ahead/RoadAhead.tsx'
import { RoadChart, RoadKey, type RoadRow } from '../ahead/RoadChart.tsx'
import { legsOf } from '../ahead/ways.ts'
import { api } from '../session/api.ts'
import { childSummary } from '../ui/childSummary.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly view: FamilyView
  readonly today: IsoDate | undefined
  readonly onMoved: () => void
}

const nameOf = (c: Child): string => [c.name, c.familyName].filter(Boolean).join(' ')

/** A road that was worked out from older measures says so. */
const asMeasured = (asOf: IsoDate | undefined, today: IsoDate): string =>
  asOf === undefined || asOf >= today ? '' : msg.aheadAsMeasured(dateText(asOf))

/** The years of all children of a family on one axis, with what the shelf holds for them. */
export function ChildrenAhead({ view, today, onMoved }: Props) {
  const [openId, setOpenId] = useState<string>()
  const newestOf = (child: Child) => view.fittings.find((f) => f.childId === child.id)
  const roads = useQueries(
    {
      queries: view.children.map((child) => {
        const fittingId = newestOf(child)?.id
        return {
          queryKey: ['ahead', fittingId],
          queryFn: () => api.ahead(fittingId ?? ''),
          enabled: fittingId !== undefined,
          staleTime: 5 * 60_000,
        }
      }),
    },
    queries,
  )
  const rows = view.children.map((child, i): RoadRow => {
    const road = roads[i]
    const [way] = road?.data?.sequences ?? []
    return {
      id: child.id,
      name: child.name,
      onOpen: newestOf(child) && (() => setOpenId(child.id)),
      openLabel: msg.roadAhead(nameOf(child)),
      note:
        today === undefined
          ? undefined
          : [childSummary(child, today), asMeasured(road?.data?.asOf, today)].filter(Boolean).join('; '),
      legs: way ? legsOf(way) : [],
      items: (road?.data?.items ?? []).filter((item) => item.kind !== 'next-check' && item.kind !== 'unit-ends'),
      isLoading: road?.isFetching === true && road.data === undefined,
      empty:
        newestOf(child) === undefined
          ? msg.nothingWasFittedYet
          : road?.isError
            ? msg.theServerDoesNotAnswer2
            : undefined,
    }
  })
  const open = view.children.find((c) => c.id === openId)
  const openRoad = roads[view.children.findIndex((c) => c.id === openId)]
  const fitting = open && newestOf(open)
  return (
    <Panel title={msg.theYearsAheadWithWhat} className="shrink-0">
      {view.children.length === 0 ? (
        <p className="text-ink-soft">{msg.noChildOfThisFamily}</p>
      ) : (
        <>
          <RoadChart
            today={today ?? IsoDate(view.fittings[0]?.updatedAt.slice(0, 10) ?? '1970-01-01')}
            rows={rows}
            label={msg.theYearsAheadOfEach}
          />
          <RoadKey />
        </>
      )}
      {open && fitting && (
        <Dialog open onOpenChange={(isOpen) => !isOpen && setOpenId(undefined)} title={nameOf(open)} isWide>
          <p className="mb-2 flex flex-wrap items-center gap-x-4 text-ink-soft">
            <span>{today === undefined ? '' : childSummary(open, today)}</span>
            <Link
              to={`/fittings/${fitting.id}/growth`}
              className="inline-flex min-h-11 items-center underline underline-offset-4"
            >
              {msg.growth}
            </Link>
            {view.children.length > 1 && (
              <Button
                look="quiet"
                aria-label={msg.notOfThisFamily2(nameOf(open))}
                onClick={() =>
                  void api.moveChild(open.id, null).then(() => {
                    toast(msg.standsInAFamilyOf(nameOf(open)), {
                      action: {
                        label: msg.undo,
                        onClick: () => void api.moveChild(open.id, view.id).then(onMoved, sayRefusal),
                      },
                    })
                    setOpenId(undefined)
                    onMoved()
                  }, sayRefusal)
                }
              >
                {msg.notOfThisFamily}
              </Button>
            )}
          </p>
          {today !== undefined && (
            <RoadAhead
              fittingId={fitting.id}
              today={today}
              known={{ ahead: openRoad?.data ?? null, failed: openRoad?.isError ?? false, isSaved: true }}
            />
          )}
        </Dialog>
      )}
    </Panel>
  )
}
