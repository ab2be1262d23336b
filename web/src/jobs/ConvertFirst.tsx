import { modeStoodIn, type Mode, type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import { useNavigate } from 'react-router'
import { api } from '../session/api.ts'
import { fitterName } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly model: RestraintModel
  readonly unit: RestraintUnit
  readonly to: Mode
}

/** Begins the conversion that a mode asks for, from the mode that the unit stands in. */
export function ConvertFirst({ model, unit, to }: Props) {
  const navigate = useNavigate()
  const from = modeStoodIn(model, unit, to) ?? model.modes.find((m) => m.id !== to.id)
  if (!from) return null
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-3">
      <Button
        onClick={() =>
          void api
            .beginJob({ unitId: unit.id, kind: 'convert', who: fitterName(), fromModeId: from.id, toModeId: to.id })
            .then((job) => navigate(`/jobs/${job.id}`), sayRefusal)
        }
      >
        {msg.convertFirst(unit.serial)}
      </Button>
      <span className="text-sm text-ink-soft">{msg.itStandsAs(from.label)}</span>
    </p>
  )
}
