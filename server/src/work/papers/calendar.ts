import { type FittingId } from '@nimble-anchor/core/ground'
import { type AheadItem } from '@nimble-anchor/core/ahead'
import { type Case } from '@nimble-anchor/core/casefile'
import { aheadWhenText } from '@nimble-anchor/core/handover'
import { addDays } from '@nimble-anchor/core/quantities'
import ical, { ICalAlarmType, ICalEventTransparency } from 'ical-generator'

/** How long before a forecast day a reminder comes: at its early end there may still be time. */
const REMIND_DAYS = 7

/**
 * What is due for one fitting as iCalendar: whole days, each at the early end
 * of its forecast, since being late is the danger. The same fitting always
 * gives the same entries, so that a calendar replaces them.
 */
export function calendarOf(fittingId: FittingId, c: Case, ahead: readonly AheadItem[], stamp: Date): string {
  // Only the first name: calendars travel further than files.
  const name = c.child.name ?? 'Child'
  const calendar = ical({
    name: `Restraint of ${name}`,
    prodId: { company: 'Nimble Anchor', product: 'handover', language: 'EN' },
  })
  for (const item of ahead) {
    const event = calendar.createEvent({
      id: `${item.id}@${fittingId}`,
      stamp,
      start: new Date(`${item.early}T00:00:00Z`),
      end: new Date(`${addDays(item.early, 1)}T00:00:00Z`),
      allDay: true,
      timezone: 'UTC',
      transparency: ICalEventTransparency.TRANSPARENT,
      summary: `${name}: ${item.title}`,
      description: `${aheadWhenText(item)}. ${item.because}. Measure again and look; the restraint's manual decides.`,
    })
    event.createAlarm({ type: ICalAlarmType.display, triggerBefore: REMIND_DAYS * 86_400, description: item.title })
  }
  return calendar.toString()
}
