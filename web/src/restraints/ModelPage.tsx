import { useEffect, useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { useCatalogue } from '../session/catalogue.ts'
import { Panel } from '../ui/Panel.tsx'
import { ModelForm } from './ModelForm.tsx'
import { NEW_MODEL } from './specs.ts'
import { Units } from './Units.tsx'

/** One model: what the manual says of it, and the units of it on the shelf. */
export default function ModelPage() {
  const { id = '' } = useParams()
  const { catalogue, status, load } = useCatalogue()
  useEffect(() => {
    if (!catalogue) void load()
  }, [catalogue, load])
  const model = useMemo(() => catalogue?.models?.find((m) => m.id === id), [catalogue, id])
  const isNew = id === 'new'
  if (!catalogue)
    return <p className="p-8 text-ink-soft">{status === 'failed' ? 'The server does not answer.' : 'Loading.'}</p>
  return (
    <div className="mx-auto max-w-6xl p-3 sm:p-5">
      <p>
        <Link to="/restraints" className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4">
          All restraints
        </Link>
      </p>
      {!isNew && !model ? (
        <Panel title="There is no such restraint">
          <p>It may have been taken away, or its address mistyped.</p>
        </Panel>
      ) : (
        <>
          <ModelForm
            key={id}
            model={model ?? NEW_MODEL}
            isNew={isNew}
            taken={(catalogue.models ?? []).map((m) => m.id)}
          />
          {model && (
            <Units
              model={model}
              units={(catalogue.units ?? []).filter((u) => u.modelId === model.id)}
              taken={(catalogue.units ?? []).map((u) => u.id)}
            />
          )}
        </>
      )}
    </div>
  )
}
