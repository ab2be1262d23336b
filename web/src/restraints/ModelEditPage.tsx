import { useMemo } from 'react'
import { useParams } from 'react-router'
import { useCatalogue } from '../session/catalogue.ts'
import { Missing } from '../ui/Missing.tsx'
import { ModelForm } from './ModelForm.tsx'
import { NEW_MODEL } from './specs.ts'
import * as msg from './messages.en.ts'

/** A model as a form, from its manual: a new one, or one that is known. */
export default function ModelEditPage() {
  const { id } = useParams()
  const { catalogue, status } = useCatalogue()
  const model = useMemo(() => catalogue?.models?.find((m) => m.id === id), [catalogue, id])
  if (!catalogue)
    return <p className="p-8 text-ink-soft">{status === 'failed' ? msg.theServerDoesNotAnswer2 : msg.loading}</p>
  if (id !== undefined && !model)
    return <Missing title={msg.thereIsNoSuchRestraint} to="/restraints" label={msg.allRestraints} />
  return (
    <ModelForm
      key={id ?? 'new'}
      model={model ?? NEW_MODEL}
      isNew={id === undefined}
      taken={(catalogue.models ?? []).map((m) => m.id)}
    />
  )
}
