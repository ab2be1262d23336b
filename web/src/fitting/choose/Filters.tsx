import { DIRECTION_WORD } from '@nimble-anchor/core/restraint'
import { SelectField } from '../../ui/SelectField.tsx'
import { NO_FILTERS, HOLD_KIND_TEXT, useChooseView, type Filters as FilterValues } from './view.ts'
import { CheckBox } from '../../ui/CheckBox.tsx'
import { Button } from '../../ui/Button.tsx'
import * as msg from './messages.en.ts'

const DIRECTIONS = [
  { id: 'all', label: msg.anyDirection },
  ...(['rearward', 'lateral', 'forward'] as const).map((id) => ({ id, label: DIRECTION_WORD[id] })),
]
const REGULATIONS = [
  { id: 'all', label: msg.bothRegulations },
  { id: 'R129', label: msg.unR129ByStature },
  { id: 'R44', label: msg.unR44ByMass },
]
const ROUTES = [
  { id: 'all', label: msg.anyRoute },
  ...Object.entries(HOLD_KIND_TEXT).map(([id, label]) => ({ id, label })),
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
      <legend className="sr-only">{msg.showOnly}</legend>
      <SelectField
        label={msg.direction}
        hidesLabel
        value={filters.direction}
        options={DIRECTIONS}
        onChange={(direction) => setFilters({ direction: direction as FilterValues['direction'] })}
      />
      <SelectField
        label={msg.regulation}
        hidesLabel
        value={filters.regulation}
        options={REGULATIONS}
        onChange={(regulation) => setFilters({ regulation: regulation as FilterValues['regulation'] })}
      />
      <SelectField
        label={msg.route}
        hidesLabel
        value={filters.route}
        options={ROUTES}
        onChange={(route) => setFilters({ route: route as FilterValues['route'] })}
      />
      {tags.length > 0 && (
        <SelectField
          label={msg.badge}
          hidesLabel
          value={filters.tag}
          options={[
            { id: 'all', label: msg.anyBadge },
            ...tags.map((id) => ({ id, label: msg.badge2(id.replaceAll('-', ' ')) })),
          ]}
          onChange={(tag) => setFilters({ tag })}
        />
      )}
      <CheckBox checked={filters.shelfOnly} onChange={(shelfOnly) => setFilters({ shelfOnly })}>
        {msg.onTheShelf}
      </CheckBox>
      <CheckBox
        checked={filters.fitsCar && carName !== undefined}
        disabled={carName === undefined}
        onChange={(fitsCar) => setFilters({ fitsCar })}
      >
        {carName === undefined ? msg.fitsTheCar : msg.fitsThe(carName)}
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
          {msg.showEverything}
        </Button>
      )}
    </fieldset>
  )
}
