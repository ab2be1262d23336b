import { UnitId } from '@nimble-anchor/core/ground'
import { type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { DemoMark } from '../demo/DemoMark.tsx'
import { NOTHING_SEEN } from '../session/api.ts'
import { loadCatalogue } from '../session/catalogue.ts'
import { useMay } from '../session/who.ts'
import { useDay } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { idFrom } from '../ui/ids.ts'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark } from '../ui/StateMark.tsx'
import { UnitForm } from './UnitForm.tsx'
import { unitState } from './unitState.ts'
import { keepUnit } from './unitStore.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly model: RestraintModel
  readonly units: readonly RestraintUnit[]
  readonly taken: readonly string[]
}

/** What is on the shelf of one model, each with its state in words; each leads to its own page. */
export function Units({ model, units, taken }: Props) {
  const today = useDay((d) => d.today)
  const isLead = useMay('lead')
  const [added, setAdded] = useState<Partial<RestraintUnit>>()
  return (
    <Panel
      title={msg.unitsOnTheShelf}
      fills
      aside={
        isLead && (
          <Button
            onClick={() => setAdded({ id: UnitId(idFrom(`u-${model.name}`, taken)), modelId: model.id, serial: '' })}
          >
            <Plus size={18} aria-hidden="true" />
            {msg.addAUnit}
          </Button>
        )
      }
    >
      {units.length === 0 && <p className="text-ink-soft">{msg.noneTheModelIsIn}</p>}
      <ul className="-my-2 divide-y divide-hair">
        {units.map((unit) => {
          const state = unitState(model, unit, today)
          return (
            <li key={unit.id}>
              <Link
                to={`/units/${unit.id}`}
                className="grid min-h-11 gap-x-4 py-2 hover:bg-shoal sm:grid-cols-[9rem_minmax(0,1fr)] sm:items-baseline"
              >
                <span className="font-bold">
                  {unit.serial}
                  <DemoMark kind="units" id={unit.id} />
                </span>
                <span>
                  <StateMark state={state.mark} size={14} /> {state.text}
                  <span className="block text-sm text-ink-soft">{unit.shelf ?? msg.noShelfNamed}</span>
                </span>
              </Link>
            </li>
          )
        })}
      </ul>
      <Dialog open={added !== undefined} onOpenChange={(isOpen) => !isOpen && setAdded(undefined)} title={msg.newUnit}>
        {added && (
          <UnitForm
            model={model}
            unit={added}
            isNew
            onKeep={(unit) =>
              void keepUnit(unit, NOTHING_SEEN).then(() => {
                setAdded(undefined)
                return loadCatalogue()
              }, sayRefusal)
            }
          />
        )}
      </Dialog>
    </Panel>
  )
}
