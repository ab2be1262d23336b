import { dateText } from '@nimble-anchor/core/quantities'
import { modelName, ROUTE_KINDS } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { ON_OPENING } from '../session/queries.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { DateField } from '../ui/DateField.tsx'
import { parseDay } from '../ui/days.ts'
import { FilterChip, FilterChipShell } from '../ui/FilterChip.tsx'
import { EMPTY_QUERY, isFiltered, type LogbookQuery } from './query.ts'
import { CHECK_RULES, ruleTitle } from './ruleTitle.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly query: LogbookQuery
  readonly onChange: (over: Partial<LogbookQuery>) => void
}

/** What the list is narrowed by: one line of chips, each opening on its choices. */
export function Filters({ query, onChange }: Props) {
  const { catalogue } = useCatalogue(ON_OPENING)
  const days =
    query.from === '' && query.to === ''
      ? undefined
      : query.to === ''
        ? `from ${dateText(query.from)}`
        : query.from === ''
          ? `to ${dateText(query.to)}`
          : `${dateText(query.from)} to ${dateText(query.to)}`
  return (
    <div className="flex gap-1.5 overflow-x-auto sm:flex-wrap sm:overflow-visible">
      <FilterChip
        label={msg.state}
        value={query.status}
        options={[
          { id: 'open', label: msg.open },
          { id: 'signed', label: msg.closed },
        ]}
        onChange={(id) => onChange({ status: id as LogbookQuery['status'] })}
      />
      <FilterChip
        label={msg.verdict}
        value={query.verdict}
        options={Object.entries(VERDICT_TEXT).map(([id, label]) => ({ id, label: label.toLowerCase() }))}
        onChange={(id) => onChange({ verdict: id as LogbookQuery['verdict'] })}
      />
      <FilterChip
        label={msg.route}
        value={query.route}
        options={Object.entries(ROUTE_KINDS).map(([id, label]) => ({ id, label }))}
        onChange={(route) => onChange({ route })}
      />
      <FilterChip
        label={msg.restraint}
        value={query.modelId}
        options={(catalogue?.models ?? []).map((m) => ({ id: m.id, label: modelName(m) }))}
        onChange={(modelId) => onChange({ modelId })}
      />
      <FilterChip
        label={msg.car}
        value={query.vehicleId}
        options={(catalogue?.vehicles ?? []).map((v) => ({ id: v.id, label: vehicleName(v) }))}
        onChange={(vehicleId) => onChange({ vehicleId })}
      />
      <FilterChip
        label={msg.failedCheck}
        value={query.withFaults ? ANY_CHECK : query.fault}
        options={[
          { id: ANY_CHECK, label: msg.anyCheck },
          ...CHECK_RULES.map((id) => ({ id, label: ruleTitle(id) })).toSorted((a, b) => a.label.localeCompare(b.label)),
        ]}
        onChange={(id) => onChange({ withFaults: id === ANY_CHECK, fault: id === ANY_CHECK ? '' : id })}
      />
      <FilterChipShell label={msg.begun} chosen={days} onClear={() => onChange({ from: '', to: '' })}>
        {() => (
          <div className="flex flex-col gap-2 p-1">
            <DateField
              label={msg.from}
              value={query.from}
              onChange={(from) => onChange({ from: parseDay(from) ?? '' })}
            />
            <DateField label={msg.to} value={query.to} onChange={(to) => onChange({ to: parseDay(to) ?? '' })} />
          </div>
        )}
      </FilterChipShell>
      {query.unitId !== '' && (
        <FilterChip
          label={msg.unitAsShellOrBase}
          value={query.unitId}
          options={(catalogue?.units ?? []).map((u) => ({ id: u.id, label: u.serial }))}
          onChange={(unitId) => onChange({ unitId })}
        />
      )}
      {isFiltered(query) && (
        <Button look="quiet" onClick={() => onChange(EMPTY_QUERY)}>
          {msg.showEverything}
        </Button>
      )}
    </div>
  )
}

/** No rule has an id like it. */
const ANY_CHECK = '*'
