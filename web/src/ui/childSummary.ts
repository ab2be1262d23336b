import { type IsoDate } from '@nimble-anchor/core/ground'
import { ageMonthsOf, type Child } from '@nimble-anchor/core/child'
import { formatAge, formatInterval, middle, toInterval } from '@nimble-anchor/core/quantities'
import * as msg from './messages.en.ts'

/** "16 months · 10.4 ± 0.1 kg · 79 ± 0.5 cm": what tells one child from another. */
export function childSummary(child: Child, today: IsoDate): string {
  const age = ageMonthsOf(child, today)
  const mass = toInterval(child.massKg)
  const stature = toInterval(child.statureCm)
  return (
    [
      age && formatAge(middle(age)),
      mass ? formatInterval(mass, 'kg') : msg.notWeighed,
      stature ? formatInterval(stature, 'cm') : msg.notMeasured,
    ]
      .filter(Boolean)
      // A line breaks between two measures, never inside one.
      .map((text) => String(text).replaceAll(' ', '\u00a0'))
      .join(' · ')
  )
}
