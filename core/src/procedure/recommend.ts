import {
  adviseInserts,
  adviseNotch,
  adviseStrapHeight,
  adviseGuide,
  angleBand,
  insertThicknessMm,
  slotText,
  type AngleBand,
} from '../fit/index.ts'
import { shellAngleDeg, STRAP_RULE_TEXT, strapRuleOf, wedgeAngleDeg } from '../fit/index.ts'
import {
  exactly,
  formatInterval,
  formatNumber,
  marginWithin,
  plus,
  toInterval,
  type Interval,
} from '../quantities/index.ts'
import type { Settings } from '../readings/index.ts'
import { askRule, whatIf } from '../match/index.ts'
import type { FittedSubject } from '../rules/index.ts'

type SettingValue<K extends keyof Settings> = NonNullable<Settings[K]>['value']

interface Common {
  /** What to set, in a few words; or what stands in the way. */
  readonly text: string
  readonly because: string
}
/**
 * What the arithmetic says about one setting. `set`: this value. `choose`: any
 * of these, for want of a closer measure. `ask`: something must be known first.
 * `none`: no value serves.
 */
export type Recommendation = {
  [K in keyof Settings]-?: Common & { readonly setting: K } & (
      | { readonly kind: 'set'; readonly value: SettingValue<K> }
      | { readonly kind: 'choose'; readonly values: readonly SettingValue<K>[] }
      | { readonly kind: 'ask' | 'none' }
    )
}[keyof Settings]

interface Angled {
  readonly reclineId: string
  readonly label: string
  readonly wedge: boolean
  readonly angle: Interval
}

/** Every permitted recline, without the wedge and (where the maker allows it) with it. */
function angledReclines(s: FittedSubject, slopeDeg: Interval): readonly Angled[] {
  const permitted = s.route.permittedReclines ?? s.mode.reclines?.map((r) => r.id) ?? []
  const wedges = s.mode.wedge?.allowed ? [false, true] : [false]
  return wedges.flatMap((wedge) =>
    (s.mode.reclines ?? [])
      .filter((r) => permitted.includes(r.id))
      .map((r) => ({
        reclineId: r.id,
        label: r.label,
        wedge,
        angle: shellAngleDeg({
          reclineDeg: r.shellAngleDeg,
          slopeDeg,
          wedgeDeg: wedge && s.mode.wedge ? wedgeAngleDeg(s.mode.wedge.heightMm, s.mode.wedge.baseLengthMm) : 0,
          direction: s.mode.direction,
        }),
      })),
  )
}

const angleRoom = (angle: Interval, { fromDeg, toDeg }: AngleBand): number =>
  marginWithin(angle, fromDeg, toDeg) ?? -Infinity

/**
 * How much an angle inside the band is wanted, more is better: the young have
 * the most room on both sides, an older rearward child sits by the school.
 */
export function anglePreference(s: Pick<FittedSubject, 'practice'>, band: AngleBand): (angle: Interval) => number {
  const isOlder = band.statedBy === 'practice' && band.toDeg <= 35
  if (!isOlder) return (angle) => angleRoom(angle, band)
  return s.practice.olderRearwardRecline === 'most-reclined' ? (angle) => angle.lo : (angle) => -angle.lo
}

const degrees = (x: Interval): string => formatInterval(x, '°').replace(' °', '°')

function recommendRecline(s: FittedSubject): readonly Recommendation[] {
  const reclines = s.mode.reclines ?? []
  if (reclines.length === 0) return []
  const ask = (text: string, because: string): Recommendation[] => [{ setting: 'recline', kind: 'ask', text, because }]
  const band = angleBand(s.mode, s.child, s.today)
  if (band === 'ask-head-control') return ask('Ask about head control first', 'it decides how far the shell may sit up')
  const permitted = s.route.permittedReclines ?? reclines.map((r) => r.id)
  const names = reclines.filter((r) => permitted.includes(r.id)).map((r) => r.label)
  if (band === undefined) {
    const because = 'the maker permits these here and states no angle'
    return [{ setting: 'recline', kind: 'choose', values: permitted, text: `One of ${names.join(', ')}`, because }]
  }
  const slope = toInterval(s.position.cushion?.slopeDeg)
  if (slope === undefined) return ask('Measure the cushion slope first', `the target is ${band.fromDeg}–${band.toDeg}°`)
  const { fromDeg, toDeg } = band
  const angled = angledReclines(s, slope)
  const leavesRoom = ({ reclineId, wedge }: Angled): boolean =>
    askRule('front-clearance', whatIf(s, { recline: reclineId, ...(s.mode.wedge && { wedge }) }))?.outcome.kind !==
    'fail'
  const reached = angled.filter((a) => angleRoom(a.angle, band) >= 0)
  const inBand = reached.filter(leavesRoom)
  const withoutWedge = inBand.filter((a) => !a.wedge)
  const candidates = withoutWedge.length > 0 ? withoutWedge : inBand
  const prefer = anglePreference(s, band)
  const best = candidates.toSorted((a, b) => prefer(b.angle) - prefer(a.angle))[0]
  const target = `target ${fromDeg}–${toDeg}° (${band.because})`
  const slopeText = `cushion slope ${degrees(slope)}`
  if (best === undefined) {
    if (reached.length > 0) {
      const because = `${slopeText}, ${target}; those that meet it leave no room before the shell`
      return [{ setting: 'recline', kind: 'none', text: 'No recline meets target and room together', because }]
    }
    const nearest = angled.toSorted((a, b) => angleRoom(b.angle, band) - angleRoom(a.angle, band))[0]
    const shown = nearest ? `; nearest is ${nearest.label} at ${degrees(nearest.angle)}` : ''
    const because = `${slopeText}, ${target}${shown}`
    return [{ setting: 'recline', kind: 'none', text: 'No permitted recline is sure to meet the target', because }]
  }
  const because = `shell ${degrees(best.angle)}: ${slopeText}, ${target}`
  const recline: Recommendation = {
    setting: 'recline',
    kind: 'set',
    value: best.reclineId,
    text: `Recline ${best.label}`,
    because,
  }
  if (!s.mode.wedge?.allowed) return [recline]
  const wedgeText = best.wedge ? 'Wedge in' : 'No wedge'
  return [recline, { setting: 'wedge', kind: 'set', value: best.wedge, text: wedgeText, because }]
}

function recommendInserts(s: FittedSubject): readonly Recommendation[] {
  const advice = adviseInserts(s.mode, s)
  if (advice.length === 0) return []
  const words = { must: 'in', 'must-not': 'out', may: 'as you judge', ask: 'measure first' } as const
  const text = advice
    .map((a) => `${a.insert.name} ${words[a.use]}`)
    .join(', ')
    .replace(/^./, (x) => x.toUpperCase())
  const because = 'the maker’s limits against this child'
  if (advice.some((a) => a.use === 'ask')) return [{ setting: 'insertsIn', kind: 'ask', text, because }]
  const earlier = s.practice.insertOut === 'earlier-for-comfort'
  const value = advice.filter((a) => a.use === 'must' || (a.use === 'may' && !earlier)).map((a) => a.insert.id)
  return [{ setting: 'insertsIn', kind: 'set', value, text, because }]
}

function recommendStrap(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.strap === undefined || s.mode.heldBy !== 'harness') return []
  const setting = 'strapHeightMm'
  const adjuster = s.mode.strap.adjuster
  const rule = STRAP_RULE_TEXT[strapRuleOf(s.mode)]
  if (adjuster.kind === 'follows-head-support') return []
  if (s.shoulderMm === undefined) {
    return [{ setting, kind: 'ask', text: 'Measure the seated shoulder height first', because: `straps go ${rule}` }]
  }
  const raised = plus(s.shoulderMm, exactly(insertThicknessMm(s.mode, s.settings.insertsIn?.value ?? [])))
  const because = `shoulder at ${formatInterval(raised, 'mm', 0)}; straps go ${rule}`
  const heights = adjuster.kind === 'slots' ? adjuster.heightsMm.toSorted((a, b) => a - b) : []
  const name = (mm: number): string => slotText(heights.includes(mm) ? heights.indexOf(mm) + 1 : undefined, mm)
  const advice = adviseStrapHeight(s.mode, raised)
  switch (advice.kind) {
    case 'set':
      return [{ setting, kind: 'set', value: advice.heightMm, text: `Straps at ${name(advice.heightMm)}`, because }]
    case 'measure':
      return [
        {
          setting,
          kind: 'choose',
          values: advice.candidatesMm,
          text: `${advice.candidatesMm.map(name).join(' or ')}: measure the shoulder more closely`.replace(/^./, (x) =>
            x.toUpperCase(),
          ),
          because,
        },
      ]
    case 'none':
      return [
        {
          setting,
          kind: 'none',
          text:
            advice.because === 'too-small' ? 'Too small: no slot is low enough' : 'Outgrown: no slot is high enough',
          because,
        },
      ]
    case 'stop-at-shoulders':
      return []
  }
}

function recommendGuide(s: FittedSubject): readonly Recommendation[] {
  if (s.mode.shape !== 'booster-seat' || s.mode.heldBy !== 'vehicle-belt' || s.mode.beltGuideMm === undefined) return []
  const setting = 'strapHeightMm'
  if (s.shoulder === undefined) {
    const because = 'the belt guide stands 0 to 20 mm above the shoulder'
    return [{ setting, kind: 'ask', text: 'Measure the seated shoulder height first', because }]
  }
  const { mm, isEstimated } = s.shoulder
  const because = `shoulder at ${formatInterval(mm, 'mm', 0)}${isEstimated ? ', estimated from the stature' : ''}; the guide stands 0 to 20 mm above it`
  const advice = adviseGuide(s.mode, mm)
  switch (advice.kind) {
    case 'set':
      return [{ setting, kind: 'set', value: advice.heightMm, text: `Belt guide at ${advice.heightMm} mm`, because }]
    case 'measure': {
      const text = `Belt guide near ${advice.heightMm} mm: measure the shoulder, or adjust it to the child`
      return [{ setting, kind: 'choose', values: [advice.heightMm], text, because }]
    }
    case 'none': {
      const text =
        advice.because === 'too-small'
          ? 'Too small: the guide does not come low enough'
          : 'Outgrown: the guide is too low'
      return [{ setting, kind: isEstimated ? 'ask' : 'none', text, because }]
    }
  }
}

function recommendNotch(s: FittedSubject): readonly Recommendation[] {
  const leg = s.route.leg
  if (leg === undefined) return []
  const setting = 'legNotch'
  const height = toInterval(s.position.cushion?.frontEdgeAboveFloorMm)
  if (height === undefined) {
    const text = 'Measure the cushion’s front edge above the bare floor first'
    return [{ setting, kind: 'ask', text, because: 'the leg must reach the floor, mat out' }]
  }
  const advice = adviseNotch(leg, height)
  const needed = `a leg of ${formatInterval(advice.neededMm, 'mm', 0)} is needed`
  switch (advice.kind) {
    case 'notch':
      return [
        {
          setting,
          kind: 'set',
          value: advice.notch,
          text: `Notch ${advice.notch} of ${leg.notches}`,
          because: `${needed}; it lifts the base by ${formatInterval(advice.liftMm, 'mm', 0)}`,
        },
      ]
    case 'between':
      return [
        {
          setting,
          kind: 'choose',
          values: advice.notches,
          text: `Notch ${advice.notches[0]} to ${advice.notches.at(-1)}: the first that stands`,
          because: needed,
        },
      ]
    case 'too-short':
    case 'too-long':
    case 'may-be-out-of-range':
      return [
        {
          setting,
          kind: advice.kind === 'may-be-out-of-range' ? 'ask' : 'none',
          text:
            advice.kind === 'may-be-out-of-range'
              ? 'Too close to the leg’s end to tell: measure more closely'
              : `The leg is too ${advice.kind === 'too-short' ? 'short' : 'long'} for this place`,
          because: `${needed}; it goes ${formatNumber(leg.minLengthMm, 0)}–${formatNumber(leg.maxLengthMm, 0)} mm`,
        },
      ]
  }
}

/** What to set before it goes in, in the order it is set; only what this mode and route have. */
export const recommendSettings = (s: FittedSubject): readonly Recommendation[] => [
  ...recommendInserts(s),
  ...recommendRecline(s),
  ...recommendStrap(s),
  ...recommendGuide(s),
  ...recommendNotch(s),
]
