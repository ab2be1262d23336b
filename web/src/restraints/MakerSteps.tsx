import type { Mode, Route } from '@nimble-anchor/core/restraint'
import { STEPS_EN } from '@nimble-anchor/core/procedure'
import { ArrowDown, ArrowUp } from 'lucide-react'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Rows } from '../form/parts.tsx'
import { pick, type FieldSpec } from '../form/spec.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { SelectField } from '../ui/SelectField.tsx'
import { STEP_FIELDS } from './specs.ts'
import * as msg from './messages.en.ts'

type Step = Partial<NonNullable<Route['steps']>[number]>
type Insert = Partial<NonNullable<Mode['inserts']>[number]>

/** A choice that names what has been removed since stays to be seen, and is put right by choosing anew. */
const withGone = (
  options: readonly (readonly [string, string])[],
  named: readonly (string | undefined)[],
): readonly (readonly [string, string])[] => {
  const known = new Set(options.map(([id]) => id))
  return [...options, ...[...new Set(named)].flatMap((id) => (id === undefined || id === '' || known.has(id) ? [] : [[id, `“${id}”, no longer there`] as const]))] // prettier-ignore
}

interface StepRowsProps {
  readonly title: string
  readonly name: string
  readonly specs: readonly FieldSpec[]
  /** A list that may be said to be empty. */
  readonly canBeNone?: boolean
}

/** Steps of the maker's, each with the other half that must not be forgotten. */
export function StepRows({ title, name, specs, canBeNone = false }: StepRowsProps) {
  const steps = (useWatch({ name }) as readonly Step[] | undefined) ?? []
  const halves = steps.flatMap((s, i) => (s.id === undefined ? [] : [[s.id, s.text?.trim() ? s.text : `step ${i + 1}`] as const])) // prettier-ignore
  const pairs = withGone(
    halves,
    steps.map((s) => s.pairWith),
  )
  const all: readonly FieldSpec[] = [
    // A step may come after another of the maker's own.
    ...specs.map((spec) => (spec.key === 'after' ? { ...spec, options: [...(spec.options ?? []), ...halves] } : spec)),
    ...(pairs.length > 1 ? [pick('pairWith', msg.itsOtherHalfNotTo, pairs, true)] : []),
  ]
  return (
    <Rows
      title={title}
      name={name}
      specs={all}
      fresh={(_, rows) => ({ id: idFrom('step', rows.map((r) => (r as Step).id ?? '')), text: '' })} // prettier-ignore
      add={msg.addAStep}
      canBeNone={canBeNone}
    />
  )
}

/** The maker's own steps of one route: also the padding that each is about. */
export function MakerSteps({ base }: { readonly base: string }) {
  const name = `${base}.steps`
  const steps = (useWatch({ name }) as readonly Step[] | undefined) ?? []
  const inserts = (useWatch({ name: `${base.split('.').slice(0, 2).join('.')}.inserts` }) as readonly Insert[] | undefined) ?? [] // prettier-ignore
  const pieces = inserts.flatMap((x, i) => (x.id === undefined ? [] : [[x.id, x.name?.trim() ? x.name : `insert ${i + 1}`] as const])) // prettier-ignore
  const about = withGone(
    pieces,
    steps.map((s) => s.whileInsert),
  )
  return (
    <StepRows
      title={msg.stepsOfTheMakersOwnBeside}
      name={name}
      specs={[
        ...STEP_FIELDS,
        ...(about.length > 0 ? [pick('whileInsert', msg.onlyWhileThisPieceIs, about, true)] : []),
      ]}
      canBeNone
    />
  )
}

const USUAL = Object.entries(STEPS_EN).map(([id, { title }]) => ({ id, label: title }))
const titleOf = (id: string): string => USUAL.find((o) => o.id === id)?.label ?? msg.noUsualStep(id)

/** Usual steps in the maker's own order: those that are not named keep their usual place. */
export function StepOrder({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const name = `${base}.stepOrder`
  const order = (useWatch({ name }) as readonly string[] | undefined) ?? []
  const keep = (next: readonly string[]): void =>
    setValue(name, next.length === 0 ? undefined : next, { shouldDirty: true })
  const swap = (i: number, k: number): void => keep(order.map((id, at) => (at === i ? order[k]! : at === k ? order[i]! : id))) // prettier-ignore
  const rest = USUAL.filter((o) => !order.includes(o.id))
  return (
    <fieldset className="mt-3">
      <legend className="text-sm font-bold">{msg.usualStepsInTheMakers}</legend>
      <ol>
        {order.map((id, i) => (
          <li key={id} className="flex items-center gap-1 border-b border-hair">
            <span className="min-w-0 flex-1">
              {i + 1}. {titleOf(id)}
            </span>
            <Button
              look="quiet"
              disabled={i === 0}
              aria-label={msg.earlier(titleOf(id))}
              onClick={() => swap(i, i - 1)}
            >
              <ArrowUp size={18} aria-hidden="true" />
            </Button>
            <Button
              look="quiet"
              disabled={i === order.length - 1}
              aria-label={msg.later(titleOf(id))}
              onClick={() => swap(i, i + 1)}
            >
              <ArrowDown size={18} aria-hidden="true" />
            </Button>
            <Button
              look="quiet"
              aria-label={msg.outOfTheOrder(titleOf(id))}
              onClick={() => keep(order.filter((x) => x !== id))}
            >
              {msg.remove}
            </Button>
          </li>
        ))}
      </ol>
      {order.length === 1 && <p className="text-sm text-ink-soft">{msg.anOrderNeedsASecond}</p>}
      {rest.length > 0 && (
        <SelectField
          className="mt-1 max-w-96"
          label={order.length === 0 ? msg.onlyWhereTheManualHas : msg.then}
          value=""
          placeholder={msg.chooseAStep}
          options={rest}
          onChange={(id) => keep([...order, id])}
        />
      )}
    </fieldset>
  )
}
