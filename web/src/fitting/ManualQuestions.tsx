import { CASE_VERSION, chosenIn, type Case, type Put } from '@nimble-anchor/core/casefile'
import { CATALOGUE_FORMAT } from '@nimble-anchor/core/formats'
import {
  directionsOf,
  HEAD_RULES,
  isBaseUnit,
  modelName,
  type Mode,
  type RestraintModel,
  type Route,
} from '@nimble-anchor/core/restraint'
import { type Need } from '@nimble-anchor/core/rules'
import { FIXTURES } from '@nimble-anchor/core/vehicle'
import { describeNeed, type Assessment } from '@nimble-anchor/core/verdict'
import { Link } from 'react-router'
import { api } from '../session/api.ts'
import { loadCatalogue, useCatalogue } from '../session/catalogue.ts'
import { useTyped } from '../session/drafts.ts'
import { useFitting } from '../session/fitting.ts'
import { Choices } from '../ui/Choices.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SelectField } from '../ui/SelectField.tsx'
import { TextInput } from '../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

/** One question that label, manual or a look at the restraint answers, with the answers that a tap can give. */
interface Question {
  readonly options: readonly { readonly id: string; readonly label: string }[]
  readonly mode?: (id: string, mode: Mode) => Partial<Mode>
  readonly route?: (id: string, route: Route, mode: Mode) => Partial<Route>
}

const NONE = [{ id: 'none', label: msg.none }]
const YES_NO = [
  { id: 'yes', label: msg.yes },
  { id: 'no', label: msg.no },
]
const words = (ids: readonly string[]) => ids.map((id) => ({ id, label: id.replaceAll('-', ' ') }))
const modeNone = (part: NonNullable<Mode['without']>[number]): Question => ({
  options: NONE,
  mode: (_, mode) => ({ without: [...(mode.without ?? []), part] }),
})
const routeNone = (part: NonNullable<Route['without']>[number]): Question => ({
  options: NONE,
  route: (_, route) => ({ without: [...(route.without ?? []), part] }),
})

const QUESTIONS: Partial<Record<Need, Question>> = {
  'mode.inserts': { options: NONE, mode: () => ({ inserts: [] }) },
  'mode.reclines': { options: NONE, mode: () => ({ reclines: [] }) },
  'mode.wedge': modeNone('wedge'),
  'mode.carryHandle': modeNone('carryHandle'),
  'mode.turns': modeNone('turns'),
  'mode.sidePod': { options: YES_NO, mode: (id) => ({ sidePod: id === 'yes' }) },
  'mode.crotchBeltGuide': { options: YES_NO, mode: (id) => ({ crotchBeltGuide: id === 'yes' }) },
  'mode.forwardGuard': {
    options: YES_NO,
    mode: (id, mode) => (mode.turns ? { turns: { ...mode.turns, forwardGuard: id === 'yes' } } : {}),
  },
  'mode.headRule': { options: words(HEAD_RULES), mode: (id) => ({ headRule: id as Mode['headRule'] }) },
  'route.isofix': routeNone('isofix'),
  'route.belt': routeNone('belt'),
  'route.leg': routeNone('leg'),
  'route.topTether': {
    options: [...NONE, { id: 'required', label: msg.required }, { id: 'optional', label: msg.advised }],
    route: (id, route) =>
      id === 'none'
        ? { without: [...(route.without ?? []), 'topTether'] }
        : { topTether: { use: id as 'required' | 'optional' } },
  },
  'route.lowerTethers': routeNone('lowerTethers'),
  'route.reboundBar': {
    options: [...NONE, { id: 'ratchet', label: msg.withARatchet }, { id: 'plain', label: msg.withoutOne }],
    route: (id, route) =>
      id === 'none'
        ? { without: [...(route.without ?? []), 'reboundBar'] }
        : { reboundBar: { hasRatchet: id === 'ratchet' } },
  },
  'route.limits': routeNone('limits'),
  'route.usesBase': { options: YES_NO, route: (id) => ({ usesBase: id === 'yes' }) },
  'route.seatsTaken': {
    options: [
      { id: '1', label: msg.onePlace },
      { id: '2', label: msg.twoPlaces },
    ],
    route: (id) => ({ seatsTaken: id === '2' ? 2 : 1 }),
  },
  'route.frontSeat': {
    options: words(['must-touch', 'must-not-touch', 'either']),
    route: (id) => ({ frontSeat: id as Route['frontSeat'] }),
  },
  'route.pushedHome': {
    options: words(['required', 'any-length']),
    route: (id, route) =>
      route.isofix ? { isofix: { ...route.isofix, pushedHome: id as 'required' | 'any-length' } } : {},
  },
  'route.legProofs': {
    options: [{ id: 'none', label: msg.nothingButTheFootItself }],
    route: (_, route) => (route.leg ? { leg: { ...route.leg, proofs: [] } } : {}),
  },
  'route.steps': { options: [{ id: 'none', label: msg.noneBesideTheUsual }], route: () => ({ steps: [] }) },
  'route.fixture': { options: words(FIXTURES), route: (id) => ({ fixture: id as Route['fixture'] }) },
  'route.permittedReclines': {
    options: [{ id: 'all', label: msg.allOfThem }],
    route: (_, _route, mode) => ({ permittedReclines: (mode.reclines ?? []).map((r) => r.id) }),
  },
  'route.frontAirbag': {
    options: words(['on', 'off', 'either']),
    route: (id) => ({ frontAirbag: id as Route['frontAirbag'] }),
  },
}

const changed = (model: RestraintModel, mode: Mode, over: Partial<Mode>): RestraintModel => ({
  ...model,
  modes: model.modes.map((m) => (m === mode ? { ...m, ...over } : m)),
})

interface Props {
  readonly current: Case
  readonly assessment: Assessment
  readonly isSigned: boolean
  /** Which questions belong here: those of the mode and unit, or those of the route. */
  readonly of: 'mode' | 'route'
}

/**
 * What the entry of the chosen restraint does not state, asked one by one.
 * The answer is kept with the fitting, and with the entry where that says the same.
 */
export function ManualQuestions({ current, assessment, isSigned, of }: Props) {
  const put = useFitting((s) => s.put)
  const { catalogue } = useCatalogue()
  const { model, mode, route, position, unit } = chosenIn(current)
  const vehicleId = current.vehicle?.id
  const roots = of === 'mode' ? ['mode.', 'unit.harness', 'unit.direction', 'unit.base'] : ['route.']
  const needs = [
    ...new Set(assessment.findings.flatMap((f) => (f.kind === 'undecided' ? (f.missing ?? []) : []))),
  ].filter((need) => roots.some((root) => need.startsWith(root)))
  if (isSigned || !model || !mode || needs.length === 0 || (of === 'route' && !route)) return null

  const keep = (next: RestraintModel): void => {
    if (put([{ path: ['restraints'], value: current.restraints.map((m) => (m === model ? next : m)) }]).length > 0)
      return
    const entry = catalogue?.models?.find((m) => m.id === model.id)
    // Known once, known next time; an entry that says otherwise by now is left alone.
    if (JSON.stringify(entry) === JSON.stringify(model))
      void api
        .importCatalogue({ format: CATALOGUE_FORMAT, version: CASE_VERSION, models: [next] }, { seen: entry })
        .then(loadCatalogue, sayRefusal)
  }
  const answer = (need: Need, id: string): void => {
    const question = QUESTIONS[need]
    if (question?.mode) keep(changed(model, mode, question.mode(id, mode)))
    if (question?.route && route) {
      const over = question.route(id, route, mode)
      keep(changed(model, mode, { routes: mode.routes.map((r) => (r === route ? { ...r, ...over } : r)) }))
    }
  }
  const setUnits = (puts: readonly Put[]): void => void put(puts)
  const stands = (over: Readonly<Record<string, string>>): void => {
    if (!unit) return
    setUnits([{ path: ['units'], value: (current.units ?? []).map((u) => (u.id === unit.id ? { ...u, ...over } : u)) }])
    const kept = catalogue?.units?.find((u) => u.id === unit.id)
    // The shelf is told too, of what it does not know.
    if (kept)
      void api
        .importCatalogue(
          { format: CATALOGUE_FORMAT, version: CASE_VERSION, units: [{ ...over, ...kept }] },
          { seen: kept },
        )
        .then(loadCatalogue, sayRefusal)
  }
  const bases = (catalogue?.units ?? []).filter((u) => u.modelId === model.id && isBaseUnit(model, u))

  return (
    <Panel title={msg.notReadYet(modelName(model))}>
      <p className="text-sm text-ink-soft">{msg.theEntryDoesNotState}</p>
      <ul className="divide-y divide-hair">
        {needs.map((need) => {
          const { label } = describeNeed(need, route)
          const question = QUESTIONS[need]
          return (
            <li key={need} data-need={need} className="grid items-center gap-x-4 gap-y-1 py-2 sm:grid-cols-[16rem_1fr]">
              <span className="font-semibold">{label}</span>
              {need === 'unit.harness' && unit ? (
                <Choices
                  legend={label}
                  hideLegend
                  value={undefined}
                  options={[
                    { id: 'in', label: msg.harnessInPlace },
                    { id: 'stowed', label: msg.harnessStowed },
                  ]}
                  onChoose={(harness) => stands({ harness })}
                />
              ) : need === 'unit.direction' && unit ? (
                <Choices
                  legend={label}
                  hideLegend
                  value={undefined}
                  options={directionsOf(model).map((direction) => ({ id: direction, label: direction }))}
                  onChoose={(direction) => stands({ direction })}
                />
              ) : need === 'unit.base' ? (
                <SelectField
                  label={label}
                  hidesLabel
                  value=""
                  options={[
                    { id: '', label: bases.length === 0 ? msg.noBaseOnTheShelf : msg.chooseTheBase },
                    ...bases.map((u) => ({ id: u.id, label: u.serial })),
                  ]}
                  onChange={(id) => {
                    const base = bases.find((u) => u.id === id)
                    if (base)
                      setUnits([
                        { path: ['units'], value: [...(current.units ?? []).filter((u) => u.id !== id), base] },
                        { path: ['choice'], value: { ...current.choice, baseUnitId: id } },
                      ])
                  }}
                />
              ) : need === 'mode.massKg' ? (
                <GreatestMass onKeep={(to) => keep(changed(model, mode, { massKg: { ...mode.massKg, to } }))} />
              ) : need === 'route.approvedPlaces' && route && vehicleId !== undefined && position ? (
                <Choices
                  legend={label}
                  hideLegend
                  value={undefined}
                  options={[
                    { id: 'listed', label: msg.thisPlaceIsListed },
                    { id: 'not', label: msg.notListed },
                  ]}
                  onChoose={(id) => {
                    const others = (route.approvedPlaces ?? []).filter((a) => a.vehicleId !== vehicleId)
                    const here = { vehicleId, positionIds: id === 'listed' ? [position.id] : [] }
                    const next = { ...route, approvedPlaces: [...others, here] }
                    keep(changed(model, mode, { routes: mode.routes.map((r) => (r === route ? next : r)) }))
                  }}
                />
              ) : (
                <span className="flex flex-wrap items-center gap-3">
                  {question && question.options.length > 6 && (
                    <SelectField
                      label={label}
                      hidesLabel
                      value=""
                      options={[{ id: '', label: msg.choose }, ...question.options]}
                      onChange={(id) => id !== '' && answer(need, id)}
                    />
                  )}
                  {question && question.options.length <= 6 && (
                    <Choices
                      legend={label}
                      hideLegend
                      value={undefined}
                      options={question.options}
                      onChoose={(id) => answer(need, id)}
                    />
                  )}
                  <Link to={`/restraints/${model.id}`} className="min-h-11 content-center underline underline-offset-4">
                    {msg.inTheEntry}
                  </Link>
                </span>
              )}
            </li>
          )
        })}
      </ul>
    </Panel>
  )
}

function GreatestMass({ onKeep }: { readonly onKeep: (kg: number) => void }) {
  const typed = useTyped('mode.massKg', (text) => {
    const kg = Number(text.replace(',', '.'))
    const isGood = text.trim() !== '' && kg > 0 && kg <= 60
    if (isGood) onKeep(kg)
    return isGood || text.trim() === ''
  })
  return (
    <span className="flex items-center gap-2">
      <TextInput
        inputMode="decimal"
        aria-label={msg.greatestMassOnTheLabel}
        value={typed.text ?? ''}
        onChange={(e) => typed.type(e.target.value)}
        onBlur={typed.leave}
        onKeyDown={(e) => e.key === 'Enter' && typed.enter()}
        className="w-22 text-right"
      />
      {msg.kg}
    </span>
  )
}
