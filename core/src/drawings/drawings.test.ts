import { Sequence } from '../ground/index.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { demoFittings, MADE_UP } from '../../test/kinds.ts'
import type { Case } from '../casefile/index.ts'
import { CHECKS, checkOf, optionLabel, type CheckId } from '../checks/index.ts'
import { fittedSubject } from '../match/index.ts'
import { stepsFor } from '../procedure/index.ts'
import { SETTING_IDS } from '../readings/index.ts'
import { RULES, type FittedSubject } from '../rules/index.ts'
import { doorSideOf } from '../vehicle/index.ts'
import { assess, limitOf } from '../verdict/index.ts'
import { DRAWING_HEIGHT, DRAWING_WIDTH, type Drawing } from './drawing.ts'
import { drawingOfFinding, SPOTTED_RULES } from './for-finding.ts'
import { drawingKit, drawingOfCheck, drawingOfSetting, drawingOfStep, svgOf } from './index.ts'

const FITTINGS: readonly (readonly [string, Case])[] = [
  ...Object.entries(CONFIGURATIONS),
  ...Object.entries(MADE_UP),
  ...demoFittings(),
]
const subjectOf = (c: Case): FittedSubject => {
  const s = fittedSubject(c)
  if (!s) throw new Error('everything is chosen')
  return s
}

/** What is wrong with a drawing whatever it shows. */
function faultsOf({ shapes, says }: Drawing): readonly string[] {
  const faults: string[] = []
  if (!shapes.some((shape) => shape.tone === 'now')) faults.push('nothing is pointed out')
  if (says.length < 30 || !/^[A-Z].*\.$/s.test(says)) faults.push(`says "${says}"`)
  if (/undefined|NaN|null|\.\.| {2}|\?/.test(says)) faults.push(`hole in "${says}"`)
  for (const shape of shapes) {
    if (shape.kind === 'word') {
      const width = shape.text.length * 6.4
      const from = shape.anchor === 'start' ? shape.x : shape.anchor === 'end' ? shape.x - width : shape.x - width / 2
      if (from < -2 || from + width > DRAWING_WIDTH + 2 || shape.y < 6 || shape.y > DRAWING_HEIGHT)
        faults.push(`"${shape.text}" stands outside`)
    } else if (!/^M/.test(shape.d) || /NaN|Infinity|undefined/.test(shape.d)) faults.push(`path ${shape.d}`)
  }
  return faults
}

/** What the words of a drawing must name in this fitting, written apart from the kit. */
function mustName(id: string, s: FittedSubject): readonly (string | RegExp)[] {
  const { mode, route, position, settings } = s
  const adjuster = mode.strap?.adjuster
  const sorted = adjuster?.kind === 'slots' ? adjuster.heightsMm.toSorted((a, b) => a - b) : []
  const slot = sorted.indexOf(settings.strapHeightMm?.value ?? -1) + 1
  const notch = settings.legNotch?.value
  switch (id) {
    case 'latch-left':
    case 'tug-left':
      return [/\bleft\b/]
    case 'latch-right':
    case 'tug-right':
      return [/\bright\b/]
    case 'connect':
      return position.isofix?.easierSide ? [`the ${position.isofix.easierSide} one first`] : []
    case 'leg':
    case 'leg-contact':
    case 'leg-indicator':
      return notch !== undefined && route.leg ? [`notch ${notch} of ${route.leg.notches}`] : []
    case 'strap-exit':
      return slot > 0 ? [`slot ${slot} of ${sorted.length}`] : []
    case 'belt-path':
    case 'booster-path':
    case 'thread-belt':
      return (route.belt?.path ?? []).map((g) => g.mark)
    case 'side-pod': {
      const door = doorSideOf(position)
      return door ? [`on the ${door}`] : []
    }
    case 'head-inboard':
    case 'lie-across': {
      const door = doorSideOf(position)
      return door ? [`head on the ${door === 'left' ? 'right' : 'left'}`] : []
    }
    case 'carry-handle':
      return [mode.carryHandle?.travelPosition ?? 'never']
    case 'label-serial':
      return [mode.approval.regulation, ...(s.unit ? [s.unit.serial] : ['not entered yet'])]
    case 'tether-flat':
    case 'tether':
      return [
        position.tether?.where === undefined ? 'nobody has looked' : position.tether.where.replace('-', ' '),
        {
          over: 'over the head',
          under: 'under the head',
          'round-both-sides': 'round both sides',
          free: 'straight down',
          unread: 'that the manual shows',
        }[route.topTether?.headRestraintPath ?? 'unread'],
      ]
    case 'turn-lock':
    case 'turn-and-lock':
      return [mode.direction]
    case 'locking-clip':
      return route.belt?.lock.kind === 'locking-clip' ? [`${route.belt.lock.fromTongueMm} mm`] : ['never']
    case 'diagonal':
    case 'belt-child':
      return position.side === 'centre' ? ['the shoulder'] : [`the child’s ${position.side} shoulder`]
    case 'airbag-lamp':
      return mode.direction === 'forward' ? ['as handbook and manual ask'] : [/: off\./]
    default:
      return []
  }
}
const missingIn = (says: string, wanted: readonly (string | RegExp)[]): readonly string[] =>
  wanted.filter((w) => (typeof w === 'string' ? !says.includes(w) : !w.test(says))).map(String)

test.each(FITTINGS)('%s: every step, check and setting is drawn, and its words name this fitting’s values', (_, c) => {
  const s = subjectOf(c)
  const assessment = assess(c)
  const steps = stepsFor(s)
  expect(steps.length).toBeGreaterThan(2)
  for (const step of steps) {
    const drawing = drawingOfStep(step, s)
    expect([step.id, faultsOf(drawing), missingIn(drawing.says, mustName(step.id, s))]).toEqual([step.id, [], []])
    for (const id of step.checks) {
      const limit = limitOf(id, assessment)
      const shown = drawingOfCheck(id, s, limit)
      expect([id, faultsOf(shown), missingIn(shown.says, mustName(id, s))]).toEqual([id, [], []])
      const check = checkOf(id)
      if (check.kind === 'options')
        for (const o of check.options.filter((x) => x.means === 'pass' || x.means === 'fail'))
          expect(shown.says).toContain(optionLabel(id, o.id))
    }
  }
  const settings = SETTING_IDS.filter((id) => id !== 'legNotch' || s.route.leg !== undefined)
  for (const id of settings) expect([id, faultsOf(drawingOfSetting(id, s))]).toEqual([id, []])
})

test('every check of the book is drawn somewhere in these fittings', () => {
  const drawn = new Set(FITTINGS.flatMap(([, c]) => stepsFor(subjectOf(c)).flatMap((s) => s.checks)))
  // Asked for on request only, or by a school that no configuration chooses.
  const rest = (Object.keys(CHECKS) as CheckId[]).filter((id) => !drawn.has(id))
  const s = subjectOf(CONFIGURATIONS['ISOFIX with leg'] as Case)
  for (const id of rest) expect([id, faultsOf(drawingOfCheck(id, s)).filter((f) => !f.startsWith('hole'))]).toEqual([id, []])
  expect(rest.length).toBeLessThan(8)
}) // prettier-ignore

test('what is looked at by a figure says its limit in the drawing and in words', () => {
  const c = CONFIGURATIONS['ISOFIX with leg'] as Case
  const drawing = drawingOfCheck('steadiness-mm', subjectOf(c), limitOf('steadiness-mm', assess(c)))
  expect(drawing.says).toContain('≤ 25 mm')
  expect(drawing.shapes).toContainEqual(expect.objectContaining({ kind: 'word', text: '≤ 25 mm' }))
})

test('a figure is of what it stands at: the angle in this car, the guide above the seat, the distance from the backrest', () => {
  const c = CONFIGURATIONS['ISOFIX with leg'] as Case
  const set = {
    ...c,
    settings: {
      ...c.settings,
      recline: { value: 'r1', at: Sequence(2) },
      frontSeatGapMm: { value: 820, at: Sequence(2) },
    },
  }
  const s = subjectOf(set)
  // 36° on the level is 24° on a cushion that slopes by 12.
  for (const drawing of [drawingOfSetting('recline', s), drawingOfFinding({ ruleId: 'shell-angle' }, s)]) {
    expect(drawing?.says).toContain('24°')
    expect(drawing?.says).not.toContain('36°')
  }
  expect(drawingOfSetting('recline', s).says).toContain('recline 1')
  expect(drawingOfSetting('frontSeatGapMm', s).says).toContain('from the backrest of this place: 820 mm')
  const { cushion: _slope, ...bare } = set.vehicle!.positions[0]!
  const unknown = subjectOf({ ...set, vehicle: { ...set.vehicle!, positions: [bare] } })
  expect(drawingOfSetting('recline', unknown).says).not.toContain('°')
  const booster = CONFIGURATIONS.booster as Case
  const guide = subjectOf({
    ...booster,
    settings: { ...booster.settings, strapHeightMm: { value: 450, at: Sequence(2) } },
  })
  for (const drawing of [drawingOfSetting('strapHeightMm', guide), drawingOfFinding({ ruleId: 'guide-set' }, guide)]) {
    expect(drawing?.says).toContain('above the seat that the child sits on: 450 mm')
    expect(drawing?.says).not.toContain('leaves the shell')
  }
})

test('what nobody knows is not drawn as none', () => {
  const c = CONFIGURATIONS['forward with tether'] as Case
  const bare: Case = { ...c, settings: {} }
  const s = subjectOf(bare)
  const { topTether } = s.route
  if (!topTether) throw new Error('it has a tether')
  const { headRestraintPath: _path, ...unread } = topTether
  const { tether: _where, ...position } = s.position
  const blind: FittedSubject = { ...s, route: { ...s.route, topTether: unread }, position }
  expect(drawingOfStep({ id: 'tether' }, blind).says).toContain('on the path that the manual shows')
  expect(drawingOfStep({ id: 'tether' }, blind).says).toContain('nobody has looked for')
  const padded: FittedSubject = { ...s, mode: { ...s.mode, inserts: [{ id: 'a', name: 'cushion', thicknessMm: 20 }] } }
  expect(drawingOfSetting('insertsIn', padded).says).toContain('padding not recorded yet')
  expect(drawingOfSetting('insertsIn', { ...padded, settings: { insertsIn: { value: [], at: Sequence(1) } } }).says).toContain('no padding in') // prettier-ignore
  const nowhere: FittedSubject = { ...s, position: { ...position, side: 'centre', doorSide: 'none' } }
  expect(drawingOfCheck('side-pod', nowhere).says).toContain('on the side of the nearer door')
})

test('left and right change sides in the drawing, not in words alone', () => {
  const s = subjectOf(CONFIGURATIONS['ISOFIX with leg'] as Case)
  expect(drawingOfCheck('latch-left', s).shapes).not.toEqual(drawingOfCheck('latch-right', s).shapes)
  const podAt = (side: 'left' | 'right') => drawingOfCheck('side-pod', { ...s, position: { ...s.position, side, doorSide: side } }) // prettier-ignore
  expect(podAt('left').shapes).not.toEqual(podAt('right').shapes)
})

test('the page of the whole kit draws every step, check and setting without a hole', () => {
  const kit = drawingKit()
  expect(kit.checks.map((c) => c.id)).toEqual(Object.keys(CHECKS))
  expect(kit.settings.map((c) => c.id)).toEqual(SETTING_IDS)
  for (const { id, drawing } of [...kit.steps, ...kit.checks, ...kit.settings])
    expect([id, faultsOf(drawing)]).toEqual([id, []])
})

describe('findings', () => {
  test.each(FITTINGS)('%s: what has a spot in the drawing is drawn', (_, c) => {
    const s = subjectOf(c)
    for (const finding of assess(c).findings) {
      const drawing = drawingOfFinding(finding, s)
      if ((finding.checks?.length ?? 0) > 0 || SPOTTED_RULES.includes(finding.ruleId))
        expect([finding.ruleId, drawing && faultsOf(drawing)]).toEqual([finding.ruleId, []])
    }
  })
  test('a rule with a spot is a rule of the book', () => {
    const ids = new Set(RULES.map((r) => r.id))
    expect(SPOTTED_RULES.filter((id) => !ids.has(id))).toEqual([])
  })
})

test('as SVG it is one well-formed document, whatever the words', () => {
  const svg = svgOf({ shapes: [{ kind: 'word', x: 1, y: 2, text: '<b> & "c"', tone: 'now', anchor: 'end' }], says: '1 < 2' }) // prettier-ignore
  expect(svg).toContain('&lt;b&gt; &amp; &quot;c&quot;')
  expect(svg).toContain('<title>1 &lt; 2</title>')
  const s = subjectOf(CONFIGURATIONS['ISOFIX with leg'] as Case)
  for (const step of stepsFor(s)) {
    const text = svgOf(drawingOfStep(step, s))
    expect(text.match(/<(path|text)/g)?.length).toBe(drawingOfStep(step, s).shapes.length)
    expect(text).toMatch(/^<svg [^>]*viewBox="0 0 200 140"[^>]*>.*<\/svg>$/s)
  }
})
