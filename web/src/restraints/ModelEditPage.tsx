import { useEffect, useMemo } from 'react'
import { useParams } from 'react-router'
import { useCatalogue } from '../session/catalogue.ts'
import { Missing } from '../ui/Missing.tsx'
import { ModelForm } from './ModelForm.tsx'
import { NEW_MODEL } from './specs.ts'

/** A model as a form, from its manual: a new one, or one that is known. */
export default function ModelEditPage() {
  const { id } = useParams()
  const { catalogue, status, load } = useCatalogue()
  useEffect(() => {
    if (!catalogue) void load()
  }, [catalogue, load])
  const model = useMemo(() => catalogue?.models?.find((m) => m.id === id), [catalogue, id])
  if (!catalogue)
    return <p className="p-8 text-ink-soft">{status === 'failed' ? 'The server does not answer.' : 'Loading.'}</p>
  if (id !== undefined && !model)
    return <Missing title="There is no such restraint" to="/restraints" label="All restraints" />
  return (
    <ModelForm
      key={id ?? 'new'}
      model={model ?? NEW_MODEL}
      isNew={id === undefined}
      taken={(catalogue.models ?? []).map((m) => m.id)}
    />
  )
}
