import type { Case } from '@nimble-anchor/core/casefile'
import type { RideView } from '@nimble-anchor/core/formats'
import { settingsToRemember } from '@nimble-anchor/core/handover'
import { onSeatText, RIDE_VERDICT_TEXT } from '@nimble-anchor/core/ride'
import { paperDate } from '@nimble-anchor/core/quantities'
import { CAUTION, VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import type { Content } from 'pdfmake/interfaces'
import { heading, paper, pdfOf, rows, RULED, SOFT } from './page'

/** One sheet for all who travel at once: who sits where in what, in which order they go in, what is set. */
export function rideSheet(view: RideView, cases: readonly Case[]): Promise<Buffer> {
  const { members, adults, loading, vehicle } = view
  const place = (id: string): string => vehicle?.positions.find((p) => p.id === id)?.label ?? id
  const places = (ids: readonly string[]): string => ids.map(place).join(' and ')
  const nameOf = (id: string): string =>
    members.find((m) => m.id === id)?.childName ?? onSeatText(adults.find((a) => a.id === id))
  const day = cases[0]?.today
  const seats: Content = {
    layout: RULED,
    table: {
      headerRows: 1,
      widths: [80, 110, '*', 90],
      body: [
        ['Child', 'Place', 'Restraint', 'Fitting'].map((text) => ({ text, color: SOFT, fontSize: 9 })),
        ...members.map((m): Content[] => [
          { text: m.childName, bold: true },
          { text: places(m.positionIds) || 'none yet' },
          { text: [m.restraintName, m.modeLabel].filter(Boolean).join(', ') || 'none yet' },
          { text: `${VERDICT_TEXT[m.verdict]}${m.isOutdated ? '; look again beside the others' : ''}` },
        ]),
        ...adults.map((a): Content[] => [{ text: onSeatText(a), bold: true }, { text: place(a.positionId) }, '', '']),
      ],
    },
  }
  return pdfOf(
    paper('One ride', CAUTION, [
      { text: 'This ride', fontSize: 18, bold: true },
      {
        text: [vehicle && vehicleName(vehicle), day && `judged for ${paperDate(day)}`].filter(Boolean).join(', '),
        color: SOFT,
        margin: [0, 0, 0, 8],
      },
      { text: RIDE_VERDICT_TEXT[view.verdict], fontSize: 15, bold: true },
      heading('Who sits where'),
      seats,
      heading('In this order'),
      {
        ol: [
          ...members.map((m) => `Install the restraint of ${m.childName} at ${places(m.positionIds) || 'its place'}.`),
          ...loading.map(
            ({ id, past }) =>
              `${nameOf(id)} gets in${past.length === 0 ? '' : `, past ${past.map(place).join(', then ')}`}.`,
          ),
        ],
      },
      ...members.flatMap((m, i): Content[] => {
        const c = cases[i]
        const settings = c ? settingsToRemember(c) : []
        return settings.length === 0
          ? []
          : [heading(`Set for ${m.childName}`), rows(settings.map(({ name, value }) => [name, value] as const))]
      }),
    ]),
  )
}
