import type { Mode } from '@nimble-anchor/core/restraint'
import { memo } from 'react'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Fields } from '../form/fields.tsx'
import { Lines, Part, Rows } from '../form/parts.tsx'
import { PickMany } from '../ui/PickMany.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { ApprovedPlaces } from './ApprovedPlaces.tsx'
import { MakerEdges } from './MakerEdges.tsx'
import { MakerSteps, StepOrder } from './MakerSteps.tsx'
import {
  ADJUSTERS,
  BODY_FIELDS,
  GUIDE_FIELDS,
  INSERT_FIELDS,
  MAKERS_FIGURES,
  MODE_FIELDS,
  MODE_PARTS,
  PROOF_FIELDS,
  R129_FIELDS,
  R44_FIELDS,
  RANGE_FIELDS,
  RECLINE_FIELDS,
  ROUTE_FIELDS,
  ROUTE_PARTS,
  SLOT_FIELDS,
  SPAN_FIELDS,
  STRAP_FIELDS,
  WIDTH_FIELDS,
} from './specs.ts'
import { SIDE_FIELDS } from './side-fields.ts'
import * as msg from './messages.en.ts'

const APPROVALS = { R44: { regulation: 'R44' }, R129: { regulation: 'R129' } } as const

function Regulation({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const regulation = useWatch({ name: `${base}.approval.regulation` }) as keyof typeof APPROVALS | undefined
  return (
    <div>
      <SelectField
        className="mb-2 max-w-60"
        label={msg.approvedTo}
        value={regulation ?? ''}
        placeholder={msg.readTheLabel}
        options={[
          { id: 'R129', label: msg.unR129ByStature },
          { id: 'R44', label: msg.unR44ByMass },
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
      <legend className="text-sm font-bold">{msg.shoulderStraps}</legend>
      <SelectField
        className="mb-2 max-w-60"
        label={msg.adjustedBy}
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

/** What a mode is, whom it takes. */
export const ModeBasics = memo(function ModeBasics({ base }: { readonly base: string }) {
  return (
    <>
      <Fields specs={MODE_FIELDS} base={base} columns={2} />
      <div className="mt-3">
        <Regulation base={base} />
      </div>
      <fieldset className="mt-3">
        <legend className="mb-1 text-sm font-bold">{msg.theModesOwnRangesThey}</legend>
        <Fields specs={RANGE_FIELDS} base={base} columns={2} />
      </fieldset>
    </>
  )
})

/** How it holds the child, and the shell around it. */
export const ModeShell = memo(function ModeShell({ base }: { readonly base: string }) {
  return (
    <>
      <Straps base={base} />
      <fieldset className="mt-3">
        <legend className="mb-1 text-sm font-bold">{msg.headAndShell}</legend>
        <Fields specs={BODY_FIELDS} base={base} columns={2} />
        <Rows
          title={msg.settingsThatWidenIt}
          name={`${base}.widthSettings`}
          specs={WIDTH_FIELDS}
          fresh={() => ({ label: '' })}
          add={msg.addAWidthSetting}
        />
      </fieldset>
      <fieldset className="mt-3">
        <legend className="mb-1 text-sm font-bold">{msg.besideANeighbourLeftAnd}</legend>
        <Fields specs={SIDE_FIELDS} base={base} columns={2} />
      </fieldset>
      <div className="mt-3 flex flex-col gap-1">
        {MODE_PARTS.map((part) => (
          <Part key={part.key} spec={part} base={base}>
            {part.key === 'turns' && (
              <Rows
                title={msg.whatShowsThatItIsTurned}
                name={`${base}.turns.locks`}
                specs={PROOF_FIELDS}
                fresh={() => ({ what: '' })}
                add={msg.addASign}
              />
            )}
          </Part>
        ))}
      </div>
    </>
  )
})

/** What is set before it goes in, and the maker's own figures for what is measured. */
export const ModeSettings = memo(function ModeSettings({ base }: { readonly base: string }) {
  return (
    <>
      <Rows
        title={msg.reclinePositions}
        name={`${base}.reclines`}
        specs={RECLINE_FIELDS}
        fresh={(n) => ({ id: String(n + 1), label: String(n + 1) })}
        add={msg.addAReclinePosition}
        canBeNone
      />
      <Rows
        title={msg.insertsInTheOrderThey}
        name={`${base}.inserts`}
        specs={INSERT_FIELDS}
        fresh={(n) => ({ id: `insert-${n + 1}`, name: '' })}
        add={msg.addAnInsert}
        canBeNone
      />
      <fieldset className="mt-4">
        <legend className="mb-1 text-sm font-bold">{msg.theMakersOwnFiguresThey}</legend>
        <Fields specs={MAKERS_FIGURES} base={base} columns={2} />
      </fieldset>
      <MakerEdges base={base} />
    </>
  )
})

const PROVEN = new Set(['isofix', 'leg', 'lowerTethers'])

/** Which of the mode's recline positions this route permits; none ticked is not read. */
function PermittedReclines({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const name = `${base}.permittedReclines`
  const chosen = (useWatch({ name }) as readonly string[] | undefined) ?? []
  const mode = base.split('.').slice(0, 2).join('.')
  const reclines = (useWatch({ name: `${mode}.reclines` }) as Mode['reclines']) ?? []
  if (reclines.length === 0 && chosen.length === 0) return null
  return (
    <div className="mt-3 max-w-96">
      <PickMany
        label={msg.reclinePositionsPermittedHere}
        none={msg.notReadYet}
        options={reclines.map((r) => ({ id: r.id, label: r.label }))}
        chosen={chosen}
        onChange={(next) => setValue(name, next.length === 0 ? undefined : next, { shouldDirty: true })}
      />
    </div>
  )
}

/** One way to fix it, from the manual. */
export const RouteForm = memo(function RouteForm({ base }: { readonly base: string }) {
  return (
    <>
      <Fields specs={ROUTE_FIELDS} base={base} columns={2} />
      <div className="mt-3 flex flex-col gap-1">
        {ROUTE_PARTS.map((part) => (
          <Part key={part.key} spec={part} base={base}>
            {part.key === 'belt' && (
              <Rows
                title={msg.beltPathInTheOrder}
                name={`${base}.belt.path`}
                specs={GUIDE_FIELDS}
                fresh={() => ({ mark: '' })}
                add={msg.addAGuide}
              />
            )}
            {PROVEN.has(part.key) && (
              <Rows
                title={msg.whatShowsThatItHolds(part.label)}
                name={`${base}.${part.key}.proofs`}
                specs={PROOF_FIELDS}
                fresh={() => ({ what: '' })}
                add={msg.addASign}
              />
            )}
          </Part>
        ))}
      </div>
      <PermittedReclines base={base} />
      <ApprovedPlaces base={base} />
      <Lines title={msg.setBeforeItIsPlacedOut} name={`${base}.settingsBeforePlacing`} add={msg.addASetting} />
      <MakerSteps base={base} />
      <StepOrder base={base} />
      <MakerEdges base={base} />
    </>
  )
})
