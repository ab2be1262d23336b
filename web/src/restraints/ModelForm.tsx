import { modelSchema, type RestraintModel } from '@nimble-anchor/core/restraint'
import { Copy, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useFieldArray } from 'react-hook-form'
import { DemoMark } from '../demo/DemoMark.tsx'
import { EntryFrame } from '../form/EntryFrame.tsx'
import { Fields } from '../form/fields.tsx'
import { Rows } from '../form/parts.tsx'
import { JsonEditor } from '../form/JsonEditor.tsx'
import type { FormSection } from '../form/Sections.tsx'
import { tidyModel } from '../form/tidy.ts'
import { useEntry, type EntryKind } from '../form/useEntry.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { ModelCheck } from './ModelCheck.tsx'
import { Conversions } from './Conversions.tsx'
import { ModeBasics, ModeSettings, ModeShell, RouteForm } from './ModeForm.tsx'
import { BODY_FIELDS, MODE_PARTS, MODEL_FIELDS, NEW_MODE, NEW_ROUTE, PART_FIELDS } from './specs.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly model: object
  readonly isNew: boolean
  readonly taken: readonly string[]
}

/** Enough of a restraint for the form to show it; what is wrong inside, the form says. */
const isShowable = (value: unknown): value is { readonly modes: readonly object[] } =>
  typeof value === 'object' &&
  value !== null &&
  'modes' in value &&
  Array.isArray(value.modes) &&
  value.modes.every(
    (m: unknown) =>
      typeof m === 'object' && m !== null && 'routes' in m && Array.isArray((m as { routes: unknown }).routes),
  )

const RESTRAINT: EntryKind<RestraintModel> = {
  kind: 'models',
  schema: modelSchema,
  tidy: tidyModel,
  nameOf: ({ maker = '', name = '' }) => `${maker} ${name}`.trim(),
  path: '/restraints',
  newTitle: msg.newRestraint,
}

/** How many faults lie under a path. */
const faultsUnder = (faults: ReadonlyMap<string, string>, bases: readonly string[]): number =>
  [...faults.keys()].filter((path) => bases.some((b) => path === b || path.startsWith(`${b}.`))).length

/** Fields of a mode that stand in its later sections; all others stand in the first. */
const SHELL_KEYS = ['strap', ...BODY_FIELDS.map((f) => f.key), ...MODE_PARTS.map((p) => p.key)]
const SETTING_KEYS = ['reclines', 'inserts', 'targetAngleDeg', 'slackMm', 'steadinessMm', 'headBelowEdgeMm', 'guideAboveShoulderMm', 'beltGuideMm'] // prettier-ignore

/** The model as a form in sections, with what is still needed, what contradicts its regulation, and how it looks, as it is typed. */
export function ModelForm({ model, isNew, taken }: Props) {
  const entry = useEntry(RESTRAINT, model, isNew, taken)
  const { form, tidied, parsed, faults } = entry
  const modes = useFieldArray({ control: form.control, name: 'modes' })
  const drafted = tidied.modes ?? []
  const [open, setOpen] = useState('model')
  const freshId = (stem: string, of: readonly { id: string }[]): string => idFrom(stem, of.map((x) => x.id)) // prettier-ignore

  const addRoute = (i: number): void => {
    const routes = (form.getValues(`modes.${i}.routes`) ?? []) as { id: string }[]
    form.setValue(`modes.${i}.routes`, [...routes, { ...NEW_ROUTE, id: freshId('route', routes) }], {
      shouldDirty: true,
    })
    setOpen(`m${i}-r${routes.length}`)
  }
  const removeRoute = (i: number, j: number): void => {
    const routes = (form.getValues(`modes.${i}.routes`) ?? []) as unknown[]
    form.setValue(`modes.${i}.routes`, routes.filter((_, k) => k !== j), { shouldDirty: true }) // prettier-ignore
    setOpen(`m${i}-what`)
  }
  const copyMode = (i: number): void => {
    const copied = JSON.parse(JSON.stringify(form.getValues(`modes.${i}`))) as { label?: string }
    modes.append({
      ...copied,
      id: freshId('mode', form.getValues('modes') as { id: string }[]),
      label: msg.copy(copied.label ?? ''),
    })
    setOpen(`m${modes.fields.length}-what`)
  }

  const sections: FormSection[] = [
    {
      id: 'model',
      label: msg.model,
      faults: faultsUnder(faults, [...MODEL_FIELDS.map((f) => f.key), 'parts']),
      content: (
        <>
          <Fields specs={MODEL_FIELDS} base="" columns={2} />
          <Rows
            title={msg.partsThatComeApartShell}
            name="parts"
            specs={PART_FIELDS}
            fresh={() => ({ name: '' })}
            add={msg.addAPart}
          />
        </>
      ),
    },
    ...modes.fields.flatMap((field, i): FormSection[] => {
      const base = `modes.${i}`
      const routes = drafted[i]?.routes ?? []
      const later = [...SHELL_KEYS, ...SETTING_KEYS, 'routes'].map((k) => `${base}.${k}`)
      const name = drafted[i]?.label ?? msg.modeNumber(i + 1)
      return [
        {
          id: `m${i}-what`,
          label: msg.whomItTakes,
          groupLabel: msg.partsOfTheMode(name),
          group: (
            <span className="-mr-3 flex items-center justify-between">
              <b className="min-w-0 leading-tight">{name}</b>
              <span className="flex shrink-0">
                <Button
                  look="bare"
                  className="grid h-11 w-8 place-items-center hover:bg-shoal"
                  aria-label={msg.copy2(name)}
                  onClick={() => copyMode(i)}
                >
                  <Copy size={16} aria-hidden="true" />
                </Button>
                {modes.fields.length > 1 && (
                  <Button
                    look="bare"
                    className="grid h-11 w-8 place-items-center hover:bg-shoal"
                    aria-label={msg.remove2(name)}
                    onClick={() => {
                      modes.remove(i)
                      setOpen('model')
                    }}
                  >
                    <Trash2 size={16} aria-hidden="true" />
                  </Button>
                )}
              </span>
            </span>
          ),
          faults: faultsUnder(faults, [base]) - faultsUnder(faults, later),
          content: <ModeBasics key={field.id} base={base} />,
        },
        {
          id: `m${i}-shell`,
          label: msg.strapsHeadShell,
          faults: faultsUnder(
            faults,
            SHELL_KEYS.map((k) => `${base}.${k}`),
          ),
          content: <ModeShell key={field.id} base={base} />,
        },
        {
          id: `m${i}-settings`,
          label: msg.reclineInsertsFigures,
          faults: faultsUnder(
            faults,
            SETTING_KEYS.map((k) => `${base}.${k}`),
          ),
          content: <ModeSettings key={field.id} base={base} />,
        },
        ...(routes.length === 0 ? [undefined] : routes).map((route, j): FormSection => ({
          id: `m${i}-r${j}`,
          label: msg.route(route?.label ?? msg.notNamedYet),
          faults: faultsUnder(faults, [`${base}.routes.${j}`]),
          content: (
            <>
              <RouteForm key={`${field.id}-${j}`} base={`${base}.routes.${j}`} />
              <div className="mt-4 flex flex-wrap gap-2 border-t border-hair pt-3">
                <Button onClick={() => addRoute(i)}>{msg.addARouteToThis}</Button>
                {routes.length > 1 && (
                  <Button look="quiet" onClick={() => removeRoute(i, j)}>
                    {msg.removeThisRoute}
                  </Button>
                )}
              </div>
            </>
          ),
        })),
      ]
    }),
    {
      id: 'conversions',
      label: msg.conversions,
      group: (
        <Button
          look="bare"
          className="min-h-11 w-full text-left font-bold underline decoration-line underline-offset-4"
          onClick={() => {
            modes.append({ ...NEW_MODE, id: freshId('mode', form.getValues('modes') as { id: string }[]) })
            setOpen(`m${modes.fields.length}-what`)
          }}
        >
          {msg.addAMode}
        </Button>
      ),
      groupLabel: msg.theWholeEntry,
      faults: faultsUnder(faults, ['conversions']),
      content: <Conversions />,
    },
    {
      id: 'json',
      label: msg.inFullAsJson,
      faults: 0,
      content: (
        <JsonEditor
          value={tidied}
          isShowable={isShowable}
          wanted={msg.mustBeOneRestraintWith}
          onRead={(value) => form.reset(value, { keepDefaultValues: true })}
        />
      ),
    },
  ]
  const shown = sections.some((s) => s.id === open) ? open : 'model'
  const at = /^m(\d+)(?:-r(\d+))?/.exec(shown)
  const valid = parsed.ok ? parsed.value : undefined

  return (
    <EntryFrame
      form={form}
      faults={faults}
      entry={entry}
      mark={!isNew && <DemoMark kind="models" id={tidied.id} />}
      isNew={isNew}
      keepLabel={msg.saveThisRestraint}
      back={
        isNew
          ? { to: '/restraints', label: msg.allRestraints }
          : { to: `/restraints/${tidied.id}`, label: msg.withoutEditing }
      }
      sections={{ label: msg.partsOfThisRestraint, sections, open: shown, onOpen: setOpen }}
      asideLabel={msg.preview}
      aside={
        <ModelCheck
          entry={entry}
          parsedModel={valid}
          mode={valid?.modes[Number(at?.[1] ?? 0)]}
          routeAt={Number(at?.[2] ?? 0)}
        />
      }
    />
  )
}
