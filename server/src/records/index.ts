import { BookVisit } from './commands/book-visit'
import { ChangeVisit } from './commands/change-visit'
import { StrikeVisit } from './commands/strike-visit'
import { DayRead } from './day-read'
import { DueService } from './due.service'
import { LogbookService } from './logbook.service'

/** The day's queue, what has come due and the logbook: how they stand, and what can be done to them, one file each. */
export const RECORDS = [DueService, DayRead, BookVisit, ChangeVisit, StrikeVisit, LogbookService]
