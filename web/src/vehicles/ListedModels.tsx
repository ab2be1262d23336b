import { modelName } from '@nimble-anchor/core/restraint'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { useListed } from '../session/catalogue.ts'
import { CheckBox } from '../ui/CheckBox.tsx'
import { Fold } from '../ui/Fold.tsx'
import * as msg from './messages.en.ts'

/** Restraints on the car maker's own list for one place; of one that is not ticked nothing is said. */
export function ListedModels({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const name = `${base}.handbook.listedModelIds`
  const listed = (useWatch({ name }) as readonly string[] | undefined) ?? []
  const models = useListed((c) => c.models) ?? []
  // Ids that no model here has stay in the list: another catalogue may bring them.
  const set = (id: string, is: boolean): void => {
    const next = is ? [...listed, id] : listed.filter((x) => x !== id)
    setValue(name, next.length === 0 ? undefined : next, { shouldDirty: true })
  }
  return (
    <Fold className="mt-2" summary={msg.carMakersOwnListOf(listed.length === 0 ? msg.notReadYet : listed.length)}>
      {models.length === 0 && <p className="text-ink-soft">{msg.noRestraintIsKnownYet}</p>}
      <div className="flex flex-wrap gap-x-5">
        {models.map((m) => (
          <CheckBox key={m.id} checked={listed.includes(m.id)} onChange={(is) => set(m.id, is)}>
            {modelName(m)}
          </CheckBox>
        ))}
      </div>
    </Fold>
  )
}
