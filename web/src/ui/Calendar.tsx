import { DayPicker } from 'react-day-picker'

interface Props {
  readonly value: string
  readonly min?: string | undefined
  readonly max?: string | undefined
  readonly onPick: (iso: string) => void
}

const toDate = (iso: string): Date => new Date(`${iso}T12:00:00`)
const toIso = (date: Date): string =>
  `${String(date.getFullYear()).padStart(4, '0')}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`

/** The first day of a week where the reader lives; Monday where the browser does not say. */
function weekStart(): 0 | 1 | 2 | 3 | 4 | 5 | 6 {
  const locale = new Intl.Locale(navigator.language) as Intl.Locale & {
    readonly weekInfo?: { readonly firstDay: number }
  }
  return ((locale.weekInfo?.firstDay ?? 1) % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6
}

const name = (date: Date, options: Intl.DateTimeFormatOptions): string => new Intl.DateTimeFormat(undefined, options).format(date) // prettier-ignore
const SQUARE = 'size-10 text-center'

/** A month to pick a day from, years and months by lists of their own. */
export default function Calendar({ value, min, max, onPick }: Props) {
  const chosen = value === '' ? undefined : toDate(value)
  const last = max === undefined ? undefined : toDate(max)
  return (
    <DayPicker
      mode="single"
      autoFocus
      selected={chosen}
      defaultMonth={chosen ?? last ?? new Date()}
      weekStartsOn={weekStart()}
      disabled={[
        ...(min === undefined ? [] : [{ before: toDate(min) }]),
        ...(last === undefined ? [] : [{ after: last }]),
      ]}
      onSelect={(date) => date && onPick(toIso(date))}
      formatters={{
        formatCaption: (month) => name(month, { month: 'long', year: 'numeric' }),
        formatWeekdayName: (day) => name(day, { weekday: 'short' }),
        formatDay: (day) => String(day.getDate()),
      }}
      classNames={{
        months: 'relative',
        month_caption: 'grid h-11 place-items-center font-bold',
        nav: 'absolute inset-x-0 top-0 flex h-11 justify-between',
        button_previous: 'grid size-11 place-items-center hover:bg-shoal',
        button_next: 'grid size-11 place-items-center hover:bg-shoal',
        chevron: 'size-5 fill-ink',
        weekday: `${SQUARE} text-sm font-normal text-ink-soft`,
        day: 'p-0',
        day_button: `${SQUARE} hover:bg-shoal focus-visible:outline-3 focus-visible:-outline-offset-2 focus-visible:outline-magenta disabled:text-hair`,
        selected: 'bg-shoal-deep font-bold',
        today: 'underline underline-offset-4',
        outside: 'text-hair',
        disabled: 'text-hair',
      }}
    />
  )
}
