import { lintModel } from '@nimble-anchor/core/readings'
import { modelName, type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import { FileUp, Plus } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { useCommands } from '../commands/commands.ts'
import { DemoMark } from '../demo/DemoMark.tsx'
import { ExportLinks } from '../form/ExportLinks.tsx'
import { useMay } from '../session/who.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { withQueries } from '../session/queries.tsx'
import { useToday } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { ImportDialog } from './ImportDialog.tsx'
import { unitState } from './unitState.ts'

const EXPORTS = [
  { file: 'restraints.json', label: 'Models and units, JSON' },
  { file: 'restraints.csv', label: 'Models, CSV' },
  { file: 'units.csv', label: 'Units, CSV' },
]

function countText(units: readonly RestraintUnit[], model: RestraintModel, today: string | undefined): string {
  const sound = units.filter((u) => unitState(model, u, today).mark === 'pass').length
  if (units.length === 0) return 'none on the shelf'
  return sound === units.length ? `${units.length} on the shelf` : `${units.length} on the shelf, ${sound} sound`
}

/** Every restraint model with its modes and what there is of it on the shelf. */
export default withQueries(function RestraintsPage() {
  const { catalogue, status, load } = useCatalogue()
  const today = useToday((s) => s.today)
  const navigate = useNavigate()
  const register = useCommands((s) => s.register)
  const [query, setQuery] = useState('')
  const [isImporting, setImporting] = useState(false)
  const isLead = useMay('lead')
  useEffect(() => {
    document.title = 'Restraints · Nimble Anchor'
    void load()
  }, [load])
  useEffect(
    () =>
      register([
        {
          id: 'new-restraint',
          label: 'New restraint',
          group: 'Do',
          key: 'n',
          run: () => void navigate('/restraints/new'),
        },
        { id: 'import-catalogue', label: 'Import a catalogue', group: 'Do', key: 'i', run: () => setImporting(true) },
      ]),
    [register, navigate],
  )
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
    <Page width="middle">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl font-bold tracking-tight">Restraints</h1>
        <SearchField
          className="order-last w-full sm:order-none sm:max-w-sm sm:flex-1"
          label="Find a restraint"
          placeholder="Find by maker, name or mode"
          value={query}
          onChange={setQuery}
        />
        <div className="flex flex-wrap gap-2">
          {isLead && (
            <>
              <Button onClick={() => setImporting(true)}>
                <FileUp size={18} aria-hidden="true" /> Import
              </Button>
              <Button look="main" onClick={() => void navigate('/restraints/new')}>
                <Plus size={18} aria-hidden="true" /> New restraint
              </Button>
            </>
          )}
        </div>
      </div>
      {status === 'failed' && (
        <Panel title="The server does not answer">
          <Button onClick={() => void load()}>Try again</Button>
        </Panel>
      )}
      {catalogue && models.length === 0 && (
        <Panel title={query ? 'No such restraint' : 'No restraint yet'}>
          <p>
            {query
              ? 'Nothing in the catalogue has these words.'
              : 'Import a catalogue, or enter the first from its manual.'}
          </p>
        </Panel>
      )}
      {models.length > 0 && (
        <Panel
          title="Catalogue"
          fills
          className="lg:flex-1"
          aside={<span className="text-sm text-ink-soft">{models.length} models</span>}
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
                          <StateMark state="undecided" size={13} /> contradicts its regulation: {lints[0]?.message}
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
      <ExportLinks files={EXPORTS} />
      <ImportDialog open={isImporting} onOpenChange={setImporting} />
    </Page>
  )
})
