import { useFieldArray, useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { Fields, Part, Rows } from '../form/fields.tsx'
import {
  ADJUSTERS,
  BODY_FIELDS,
  GUIDE_FIELDS,
  INSERT_FIELDS,
  MAKERS_FIGURES,
  MODE_FIELDS,
  MODE_PARTS,
  NEW_ROUTE,
  R129_FIELDS,
  R44_FIELDS,
  RANGE_FIELDS,
  RECLINE_FIELDS,
  ROUTE_FIELDS,
  ROUTE_PARTS,
  SLOT_FIELDS,
  SPAN_FIELDS,
  STRAP_FIELDS,
} from './specs.ts'
import { SelectField } from '../ui/SelectField.tsx'

const APPROVALS = { R44: { regulation: 'R44' }, R129: { regulation: 'R129' } } as const

function Regulation({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const regulation = useWatch({ name: `${base}.approval.regulation` }) as keyof typeof APPROVALS | undefined
  return (
    <div>
      <SelectField
        className="mb-2 max-w-60"
        label="Approved to"
        value={regulation ?? ''}
        placeholder="read the label"
        options={[
          { id: 'R129', label: 'UN R129, by stature' },
          { id: 'R44', label: 'UN R44, by mass' },
        ]}
        onChange={(id) => setValue(`${base}.approval`, APPROVALS[id as keyof typeof APPROVALS], { shouldDirty: true })}
      />
      {regulation && <Fields specs={regulation === 'R44' ? R44_FIELDS : R129_FIELDS} base={base} />}
    </div>
  )
}

/** Which kind it is, and no figure: heights are read or measured. */
const STARTS: Record<string, unknown> = {
  slots: { kind: 'slots', heightsMm: [] },
  stepless: { kind: 'stepless' },
  'follows-head-support': { kind: 'follows-head-support' },
}

function Straps({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const kind = (useWatch({ name: `${base}.strap.adjuster.kind` }) as string | undefined) ?? ''
  return (
    <fieldset className="mt-3">
      <legend className="text-sm font-bold">Shoulder straps</legend>
      <SelectField
        className="mb-2 max-w-60"
        label="Adjusted by"
        value={kind}
        options={ADJUSTERS.map(([id, label]) => ({ id, label }))}
        onChange={(id) => {
          const start = STARTS[id]
          setValue(`${base}.strap`, start === undefined ? undefined : { adjuster: start }, { shouldDirty: true })
        }}
      />
      {kind !== '' && (
        <Fields specs={[...(kind === 'slots' ? SLOT_FIELDS : SPAN_FIELDS), ...STRAP_FIELDS]} base={base} />
      )}
    </fieldset>
  )
}

/** Steps themselves are written as JSON; that the manual asks for none is said here. */
function StepsRead({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const steps = useWatch({ name: `${base}.steps` }) as readonly unknown[] | undefined
  const name = `${base}.steps`
  if (steps !== undefined && steps.length > 0)
    return <p className="mt-2 text-sm">{steps.length} steps of the maker’s own, in the JSON below.</p>
  return (
    <SelectField
      className="mt-2 max-w-60"
      label="Steps of the maker’s own"
      value={steps === undefined ? 'open' : 'none'}
      options={[
        { id: 'open', label: 'not read yet' },
        { id: 'none', label: 'none beside the usual' },
      ]}
      onChange={(id) => setValue(name, id === 'none' ? [] : undefined, { shouldDirty: true })}
    />
  )
}

/** Everything of one mode that is usually stated; the rest stands in the JSON below the form. */
export function ModeForm({ base }: { readonly base: string }) {
  const { fields, append, remove } = useFieldArray<FieldValues>({ name: `${base}.routes` })
  const routes = (useWatch({ name: `${base}.routes` }) as { id: string; label?: string }[] | undefined) ?? []
  return (
    <div>
      <Fields specs={MODE_FIELDS} base={base} columns={4} />
      <div className="mt-3">
        <Regulation base={base} />
      </div>
      <fieldset className="mt-3">
        <legend className="mb-1 text-sm font-bold">The mode’s own ranges; they win over the group</legend>
        <Fields specs={RANGE_FIELDS} base={base} columns={4} />
      </fieldset>
      <Straps base={base} />
      <fieldset className="mt-3">
        <legend className="mb-1 text-sm font-bold">Head and shell</legend>
        <Fields specs={BODY_FIELDS} base={base} />
      </fieldset>
      <div className="mt-3 flex flex-col gap-1">
        {MODE_PARTS.map((part) => (
          <Part key={part.key} spec={part} base={base} />
        ))}
      </div>
      <fieldset className="mt-3">
        <legend className="mb-1 text-sm font-bold">The maker’s own figures; they win over any school</legend>
        <Fields specs={MAKERS_FIGURES} base={base} columns={4} />
      </fieldset>
      <Rows
        title="Recline positions"
        name={`${base}.reclines`}
        specs={RECLINE_FIELDS}
        fresh={(n) => ({ id: String(n + 1), label: String(n + 1) })}
        add="Add a recline position"
        canBeNone
      />
      <Rows
        title="Inserts, in the order they come out"
        name={`${base}.inserts`}
        specs={INSERT_FIELDS}
        fresh={(n) => ({ id: `insert-${n + 1}`, name: '' })}
        add="Add an insert"
        canBeNone
      />
      {fields.map((field, i) => {
        const at = `${base}.routes.${i}`
        return (
          <section
            key={field.id}
            className="mt-4 rounded-[3px] border border-line bg-paper p-3"
            aria-label={`Route ${i + 1}`}
          >
            <div className="mb-1 flex items-center justify-between gap-2">
              <h3 className="font-bold">Route {i + 1}</h3>
              {fields.length > 1 && (
                <Button look="quiet" onClick={() => remove(i)}>
                  Take this route away
                </Button>
              )}
            </div>
            <Fields specs={ROUTE_FIELDS} base={at} />
            {ROUTE_PARTS.map((part) => (
              <Part key={part.key} spec={part} base={at}>
                {part.key === 'belt' && (
                  <Rows
                    title="Belt path, in the order the belt meets it"
                    name={`${at}.belt.path`}
                    specs={GUIDE_FIELDS}
                    fresh={() => ({ mark: '' })}
                    add="Add a guide"
                  />
                )}
              </Part>
            ))}
            <StepsRead base={at} />
          </section>
        )
      })}
      <Button
        className="mt-3"
        onClick={() =>
          append({
            ...NEW_ROUTE,
            id: idFrom(
              'route',
              routes.map((r) => r.id),
            ),
          })
        }
      >
        Add a route
      </Button>
    </div>
  )
}
