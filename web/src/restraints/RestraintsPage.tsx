import { type IsoDate } from '@nimble-anchor/core/ground'
import { lintModel } from '@nimble-anchor/core/readings'
import { modelName, type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { ON_OPENING } from '../session/queries.ts'
import { DemoMark } from '../demo/DemoMark.tsx'
import { useCatalogue } from '../session/catalogue.ts'
import { useDay } from '../session/today.ts'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { CatalogueFrame } from './CatalogueFrame.tsx'
import { unitState } from './unitState.ts'
import * as msg from './messages.en.ts'

const EXPORTS = [
  { file: 'restraints.json', label: msg.modelsAndUnitsJson },
  { file: 'restraints.csv', label: msg.modelsCsv },
  { file: 'units.csv', label: msg.unitsCsv },
]

function countText(units: readonly RestraintUnit[], model: RestraintModel, today: IsoDate | undefined): string {
  const sound = units.filter((u) => unitState(model, u, today).mark === 'pass').length
  if (units.length === 0) return msg.noneOnTheShelf
  return sound === units.length ? msg.onTheShelf(units.length) : msg.onTheShelfSound(units.length, sound)
}

/** Every restraint model with its modes and what there is of it on the shelf. */
export default function RestraintsPage() {
  const { catalogue, status } = useCatalogue(ON_OPENING)
  const today = useDay((d) => d.today)
  const [query, setQuery] = useState('')
  const models = useMemo(
    () =>
      (catalogue?.models ?? [])
        .filter((m) =>
          `${modelName(m)} ${m.modes.map((x) => x.label).join(' ')}`.toLowerCase().includes(query.trim().toLowerCase()),
        )
        .toSorted((a, b) => modelName(a).localeCompare(modelName(b))),
    [catalogue, query],
  )
  return (
    <CatalogueFrame
      title={msg.restraints}
      windowTitle={msg.restraintsNimbleAnchor}
      add={{ path: '/restraints/new', button: msg.newRestraint2, command: msg.newRestraint }}
      search={
        <SearchField
          className="order-last w-full sm:order-none sm:max-w-sm sm:flex-1"
          label={msg.findARestraint}
          placeholder={msg.findByMakerNameOr}
          value={query}
          onChange={setQuery}
        />
      }
      files={EXPORTS}
      isFailed={status === 'failed'}
    >
      {catalogue && models.length === 0 && (
        <Panel title={query ? msg.noSuchRestraint : msg.noRestraintYet}>
          <p>{query ? msg.nothingInTheCatalogueHas : msg.importACatalogueOrEnter}</p>
        </Panel>
      )}
      {models.length > 0 && (
        <Panel
          title={msg.catalogue}
          fills
          className="lg:flex-1"
          aside={<span className="text-sm text-ink-soft">{msg.models(models.length)}</span>}
        >
          <ul className="-my-3 divide-y divide-hair">
            {models.map((model) => {
              const units = (catalogue?.units ?? []).filter((u) => u.modelId === model.id)
              const lints = lintModel(model)
              return (
                <li key={model.id}>
                  <Link
                    to={`/restraints/${model.id}`}
                    className="-mx-3.5 grid min-h-11 items-center gap-x-4 gap-y-0.5 px-3.5 py-1.5 hover:bg-shoal sm:grid-cols-[13rem_minmax(0,1fr)_12rem]"
                  >
                    <span className="font-bold">
                      {modelName(model)}
                      <DemoMark kind="models" id={model.id} />
                    </span>
                    <span className="text-[0.95rem]">
                      {model.modes.map((m) => `UN ${m.approval.regulation} ${m.label}`).join(' · ')}
                      {lints.length > 0 && (
                        <span className="block text-sm">
                          <StateMark state="undecided" size={13} />{' '}
                          {msg.contradictsItsRegulation2(lints[0]?.message ?? '')}
                        </span>
                      )}
                    </span>
                    <span className="text-sm text-ink-soft sm:text-right">{countText(units, model, today)}</span>
                  </Link>
                </li>
              )
            })}
          </ul>
        </Panel>
      )}
    </CatalogueFrame>
  )
}
