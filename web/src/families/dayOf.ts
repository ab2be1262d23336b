const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })

/** A time or a day, as a day in the reader's own order. */
export const dayOf = (iso: string): string => day.format(new Date(iso))
