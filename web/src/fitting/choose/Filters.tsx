import { DIRECTION_WORD } from '@nimble-anchor/core/restraint'
import { SelectField } from '../../ui/SelectField.tsx'
import { NO_FILTERS, ROUTE_KIND_TEXT, useChooseView, type Filters as FilterValues } from './view.ts'
import { CheckBox } from '../../ui/CheckBox.tsx'
import { Button } from '../../ui/Button.tsx'

const DIRECTIONS = [
  { id: 'all', label: 'any direction' },
  ...(['rearward', 'lateral', 'forward'] as const).map((id) => ({ id, label: DIRECTION_WORD[id] })),
]
const REGULATIONS = [
  { id: 'all', label: 'both regulations' },
  { id: 'R129', label: 'UN R129, by stature' },
  { id: 'R44', label: 'UN R44, by mass' },
]
const ROUTES = [
  { id: 'all', label: 'any route' },
  ...Object.entries(ROUTE_KIND_TEXT).map(([id, label]) => ({ id, label })),
]

interface Props {
  readonly carName: string | undefined
  readonly count: string
  /** The badges that models of this stock carry. */
  readonly tags: readonly string[]
}

/** What the list shows; it never changes what is judged. */
export function Filters({ carName, count, tags }: Props) {
  const { filters, setFilters } = useChooseView()
  const isFiltered = JSON.stringify(filters) !== JSON.stringify(NO_FILTERS)
  return (
    <fieldset className="flex flex-wrap items-center gap-x-3 gap-y-1 *:max-md:basis-full">
      <legend className="sr-only">Show only</legend>
      <SelectField
        label="Direction"
        hidesLabel
        value={filters.direction}
        options={DIRECTIONS}
        onChange={(direction) => setFilters({ direction: direction as FilterValues['direction'] })}
      />
      <SelectField
        label="Regulation"
        hidesLabel
        value={filters.regulation}
        options={REGULATIONS}
        onChange={(regulation) => setFilters({ regulation: regulation as FilterValues['regulation'] })}
      />
      <SelectField
        label="Route"
        hidesLabel
        value={filters.route}
        options={ROUTES}
        onChange={(route) => setFilters({ route: route as FilterValues['route'] })}
      />
      {tags.length > 0 && (
        <SelectField
          label="Badge"
          hidesLabel
          value={filters.tag}
          options={[
            { id: 'all', label: 'any badge' },
            ...tags.map((id) => ({ id, label: `badge: ${id.replaceAll('-', ' ')}` })),
          ]}
          onChange={(tag) => setFilters({ tag })}
        />
      )}
      <CheckBox checked={filters.shelfOnly} onChange={(shelfOnly) => setFilters({ shelfOnly })}>
        on the shelf
      </CheckBox>
      <CheckBox
        checked={filters.fitsCar && carName !== undefined}
        disabled={carName === undefined}
        onChange={(fitsCar) => setFilters({ fitsCar })}
      >
        {carName === undefined ? 'fits the car' : `fits the ${carName}`}
      </CheckBox>
      <p className="ml-auto text-sm text-ink-soft" role="status">
        {count}
      </p>
      {isFiltered && (
        <Button
          look="bare"
          onClick={() => setFilters(NO_FILTERS)}
          className="min-h-11 justify-self-start underline underline-offset-4"
        >
          Show everything
        </Button>
      )}
    </fieldset>
  )
}
