// A fitting of the demo data that is ready to travel, made with the core's own entries:
// the published example of a case file.
import { readFileSync } from 'node:fs'
import { ROOT } from './run.mjs'

const demo = (file) => JSON.parse(readFileSync(`${ROOT}/demo/${file}`, 'utf8'))
const NUMBERS = {
  'steadiness-mm': 8,
  'slack-mm': 9,
  'tether-indicator-mm': 20,
  'crown-below-edge-mm': 60,
  'guide-above-shoulder-mm': 12,
  'buckle-above-edge-mm': -15,
}
const OPTIONS = { 'strap-exit': 'just-below', 'front-seat': 'clear', coat: 'indoor' }

/** Entries that set everything as worked out; `choose` takes the first of the values offered. */
export const settingPuts = (core, c) =>
  core
    .recommendSettings(core.fittedSubject(c))
    .filter((r) => r.kind === 'set' || r.kind === 'choose')
    .map((r) => ({ path: ['settings', r.setting], value: { value: r.kind === 'set' ? r.value : r.values[0] } }))

/** One entry for each check asked at a stage, in the order of the hands, found good but for those named in `but` (`null` leaves it open). */
export const lookingPuts = (core, c, stage, but = {}) =>
  core
    .stepsFor(core.fittedSubject(c))
    .flatMap((step) => step.checks)
    .filter((id) => core.checkOf(id).stage === stage && id !== 'shell-angle-deg' && but[id] !== null)
    .map((id) => {
      const check = core.checkOf(id)
      const usual = check.kind === 'options' ? check.options.find((o) => o.means === 'pass')?.id : undefined
      const option = but[id] ?? OPTIONS[id] ?? usual
      const number = { value: NUMBERS[id] ?? 0, plusMinus: 2, source: 'measured' }
      return { path: ['readings', id], value: option === undefined ? { number } : { option } }
    })

export function exampleCase(core) {
  const families = demo('families.json')
  const shelf = demo('restraints.json')
  const unit = shelf.units.find((u) => u.id === 'u-sheepshank-1')
  const model = shelf.models.find((m) => m.id === unit.modelId)
  let sequence = 0
  let c = {
    format: core.CASE_FORMAT,
    version: core.CASE_VERSION,
    today: families.asOf,
    child: families.children.find((x) => x.id === 'tamsin-hale'),
    vehicle: demo('pool-cars.json').vehicles.find((v) => v.id === 'corran-dunlin'),
    restraints: [],
    choice: { at: 0 },
    settings: {},
    disturbances: {},
    readings: {},
    practice: core.DEFAULT_PRACTICE,
    localRule: core.DEFAULT_LOCAL_RULE,
  }
  const enter = (puts) => {
    const applied = core.applyPuts(c, puts, ++sequence)
    if (!applied.ok) throw new Error(applied.error.map(core.faultText).join('; '))
    c = applied.value.case
  }
  enter([{ path: ['child', 'seatedShoulderHeightMm'], value: { value: 295, plusMinus: 6, source: 'measured' } }])
  enter(core.putsForMode(c, model, 'rearward', unit))
  enter(core.putsForPlace(c, 'rear-right', 'isofix-leg'))
  enter(settingPuts(core, c))
  for (const stage of ['attach', 'child-in']) for (const put of lookingPuts(core, c, stage)) enter([put])
  return c
}

/** The same, measured and fitted on another day. */
export const onDay = (c, today) => ({
  ...c,
  today,
  child: Object.fromEntries(
    Object.entries(c.child).map(([k, v]) => [
      k,
      v !== null && typeof v === 'object' && 'on' in v ? { ...v, on: today } : v,
    ]),
  ),
})
