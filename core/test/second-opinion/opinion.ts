import type { Case } from '../../src/index.ts'

/**
 * A second opinion on one fitting, written from the trade's own tables and apart
 * from the rules: it shares no figure, no predicate and no arithmetic with them,
 * reads the case as a document, and says only whether the child may travel and
 * what stands in the way. Where the two differ, one of them is wrong.
 */
export interface Opinion {
  readonly isReady: boolean
  readonly against: readonly string[]
  /** Old measures have grown by a figure that the tables leave open: ready, if by the least that children grow. */
  readonly mayBeReady: boolean
}

type Doc = any // eslint-disable-line @typescript-eslint/no-explicit-any -- it reads the document, not the program's types
type Span = readonly [number, number] | undefined

const span = (q: Doc): Span =>
  q === undefined
    ? undefined
    : q.value === undefined
      ? [q.from, q.to]
      : [q.value - (q.plusMinus ?? 0), q.value + (q.plusMinus ?? 0)]
const near = 1e-6
/** Certainly at least, certainly at most: every value that the span allows. */
const atLeast = (x: Span, limit: number): boolean => x !== undefined && x[0] >= limit - near
const atMost = (x: Span, limit: number): boolean => x !== undefined && x[1] <= limit + near
const inside = (x: Span, from: number | undefined, to: number | undefined): boolean =>
  x !== undefined && (from === undefined || x[0] >= from - near) && (to === undefined || x[1] <= to + near)
const less = (x: Span, by: readonly [number, number]): Span =>
  x && [Math.max(0, x[0] - by[1]), Math.max(0, x[1] - by[0])]

const DAY = 86_400_000
const day = (text: string): number => Date.parse(`${text}T00:00:00Z`)
function monthsOld(birth: string, today: string): number {
  const [a, b] = [new Date(day(birth)), new Date(day(today))]
  let months = (b.getUTCFullYear() - a.getUTCFullYear()) * 12 + b.getUTCMonth() - a.getUTCMonth()
  if (b.getUTCDate() < a.getUTCDate()) months -= 1
  const begun = new Date(Date.UTC(a.getUTCFullYear(), a.getUTCMonth() + months, a.getUTCDate()))
  return months + (b.getTime() - begun.getTime()) / (30.4375 * DAY)
}

const GROUP: Record<string, readonly [number, number]> = {
  '0': [0, 10],
  '0+': [0, 13],
  I: [9, 18],
  II: [15, 25],
  III: [22, 36],
}

/** A reading holds for its day, by the age at which it was taken: months under, days. */
const HOLDS: readonly (readonly [number, number])[] = [[6, 14], [12, 30], [24, 60], [48, 90]] // prettier-ignore
/** The least that a child grows in a month, under that many months of age: kg, cm. Half of the usual, and less. */
const LEAST: readonly (readonly [number, number, number])[] = [
  [3, 0.3, 1.3], [6, 0.2, 0.8], [12, 0.1, 0.5], [24, 0.07, 0.35], [48, 0.06, 0.25], [Infinity, 0.05, 0.2],
] // prettier-ignore

/** The child with each old measure widened upwards, by the least or by more than any child grows. */
function grownUp(child: Doc, today: string, by: 'least' | 'most'): Doc {
  const measures = ['massKg', 'statureCm', 'seatedShoulderHeightMm', 'sittingHeightMm']
  return measures.reduce((grown: Doc, measure) => {
    const q = child[measure]
    if (q?.on === undefined) return grown
    const days = (day(today) - day(q.on)) / DAY
    const then = child.dateOfBirth
      ? monthsOld(child.dateOfBirth, q.on)
      : child.ageMonths
        ? Math.max(0, span(child.ageMonths)![0] - days / 30.4375)
        : 0
    if (days <= (HOLDS.find(([under]) => then < under)?.[1] ?? (child.dateOfBirth || child.ageMonths ? 120 : 14)))
      return grown
    const [from, to] = span(q)!
    const months = days / 30.4375
    const [, kg, cm] = LEAST.find(([under]) => then + months < under)!
    const least =
      measure === 'massKg' ? kg : measure === 'statureCm' ? cm : measure === 'sittingHeightMm' ? 2.5 * cm : 1.5 * cm
    const most =
      measure === 'massKg' ? 2 * months + to : measure === 'statureCm' ? 6 * months + to * 0.3 : 30 * months + to * 0.4
    return { ...grown, [measure]: { from, to: to + (by === 'least' ? least * months : most), source: q.source } }
  }, child)
}

export function secondOpinion(c: Case): Opinion {
  const d: Doc = c
  const strict = judge({ ...d, child: grownUp(d.child, d.today, 'most') })
  const mild = judge({ ...d, child: grownUp(d.child, d.today, 'least') })
  return { isReady: strict.isReady, against: mild.isReady ? strict.against : mild.against, mayBeReady: mild.isReady }
}

/** What is said against a place, whatever is set or seen there. */
const OF_A_PLACE = new Set([
  'facing',
  'driver',
  'wrong belt',
  'belt too short',
  'envelope refused',
  'envelope not known',
  'handbook forbids',
  'no i-Size mark',
  'no IUF',
  'no letter',
  'not on a list',
  'airbag before a rearward child',
  'airbag before a forward child',
])

function judge(d: Doc): Omit<Opinion, 'mayBeReady'> {
  const against: string[] = []
  const no = (holds: boolean, why: string): void => {
    if (!holds) against.push(why)
  }
  const model = d.restraints.find((m: Doc) => m.id === d.choice.modelId)
  const mode = model?.modes.find((m: Doc) => m.id === d.choice.modeId)
  const route = mode?.routes.find((r: Doc) => r.id === d.choice.routeId)
  const place = d.vehicle?.positions.find((p: Doc) => p.id === d.choice.positionId)
  const unit = d.units?.find((u: Doc) => u.id === d.choice.unitId)
  if (!mode || !route || !place) return { isReady: false, against: ['nothing chosen'] }
  const child = d.child
  const isBooster = mode.heldBy === 'vehicle-belt'
  const isForward = mode.direction === 'forward'
  const isR129 = mode.approval.regulation === 'R129'
  const isFlat = mode.shape === 'lie-flat'
  const isHeld = !isBooster && route.isofix?.role === 'holds'
  const kg = less(
    span(child.massKg),
    child.weighedIn === 'indoor-clothes' ? [0.2, 0.8] : child.weighedIn === 'outdoor-clothes' ? [0.6, 2] : [0, 0],
  )
  const cm = less(span(child.statureCm), child.measuredIn === 'shoes' ? [1, 3] : [0, 0])
  const age: Span = child.dateOfBirth
    ? [monthsOld(child.dateOfBirth, d.today), monthsOld(child.dateOfBirth, d.today)]
    : span(child.ageMonths)

  // 1. May this child use this mode?
  no(['03', '04'].includes(mode.approval.series) || isR129, 'series')
  if (isR129) {
    no(inside(cm, mode.statureCm.from, mode.statureCm.to), 'stature range')
    if (!isBooster) no(mode.massKg?.to !== undefined && inside(kg, mode.massKg.from, mode.massKg.to), 'greatest mass')
    else if (mode.massKg) no(inside(kg, mode.massKg.from, mode.massKg.to), 'mass range')
    if (isForward) {
      no(age !== undefined && age[0] > 15 + near, 'forward over 15 months')
      no(atLeast(cm, 76), 'forward from 76 cm')
    }
    if (isBooster) no(atLeast(cm, mode.shape === 'booster-cushion' ? 125 : 100), 'booster floor')
  } else {
    const groups = mode.approval.groups.map((g: string) => GROUP[g])
    const from = mode.massKg?.from ?? Math.min(...groups.map((g: Doc) => g[0]))
    const to = mode.massKg?.to ?? Math.max(...groups.map((g: Doc) => g[1]))
    no(inside(kg, from === 0 ? undefined : from, to), 'mass of the group')
    if (isForward) no(atLeast(kg, 9), 'nothing forward below 9 kg')
    if (mode.statureCm) no(inside(cm, mode.statureCm.from, mode.statureCm.to), 'stature that the maker adds')
    if (mode.shape === 'booster-cushion' && !(mode.approval.approvedYear < 2017))
      no(atLeast(cm, 125) && atLeast(kg, 22), 'cushion since 2017')
  }
  if (mode.ageMonths) no(inside(age, mode.ageMonths.from, mode.ageMonths.to), 'age that the maker asks')
  if (route.limits?.massKg) no(inside(kg, route.limits.massKg.from, route.limits.massKg.to), 'mass by this route')
  if (route.limits?.statureCm)
    no(inside(cm, route.limits.statureCm.from, route.limits.statureCm.to), 'stature by this route')
  if (isHeld)
    no(
      atMost(kg && [kg[0] + model.massKg, kg[1] + model.massKg], Math.min(33, place.isofix?.maxTotalMassKg ?? 33)),
      '33 kg on ISOFIX',
    )

  // 2. Referral.
  const early =
    child.bornAtWeeks !== undefined && child.bornAtWeeks < 37
      ? ((40 - child.bornAtWeeks) * 7) / 30.4375
      : child.bornAtWeeks === undefined
        ? (18 * 7) / 30.4375
        : 0
  const corrected = age && Math.max(0, age[0] - early)
  const control =
    child.headControl ??
    (corrected === undefined ? undefined : (child.bornAtWeeks < 37 ? corrected : age![0]) >= 9 ? 'steady' : undefined)
  const isOldEnough = corrected !== undefined && corrected >= 6 && control === 'steady'
  const bornWell = child.bornAtWeeks >= 37 && atLeast(span(child.birthMassKg), 2.5)
  const isPosture = child.needsPostureSpecialist !== false
  const isClear = !isPosture && atLeast(kg ?? [99, 99], 2.5) && (bornWell || isOldEnough)
  if (!isClear) {
    const known =
      child.needsPostureSpecialist === true ||
      child.bornAtWeeks < 37 ||
      (kg && kg[1] < 2.5) ||
      (child.birthMassKg && span(child.birthMassKg)![1] < 2.5)
    const outcome = known ? child.advice?.outcome : undefined
    no(
      (outcome === 'lie-flat-only' && isFlat) ||
        (outcome === 'semi-reclined-rearward' && mode.direction === 'rearward' && !isFlat && !isBooster) ||
        (outcome === 'this-restraint' && child.advice.modelId === model.id),
      'referral',
    )
  }

  // 3. The unit, and the base that it goes on.
  const isSound = (u: Doc): boolean => {
    const ends =
      u?.lifeEndsOn ??
      (u?.madeOn && model.lifeYears && `${Number(u.madeOn.slice(0, 4)) + model.lifeYears}${u.madeOn.slice(4)}`)
    return (
      ends !== undefined &&
      ends >= d.today &&
      u.wasInCrash === false &&
      u.isRecalled === false &&
      u.isComplete === true &&
      u.isHistoryKnown === true &&
      !u.awaitsCheck
    )
  }
  no(isSound(unit), 'state of the unit')
  const base = d.units?.find((u: Doc) => u.id === d.choice.baseUnitId)
  const isBase = (u: Doc): boolean =>
    (model.parts ?? []).some((p: Doc) => p.id === u?.partId && (p.isBase ?? p.id === 'base'))
  no(!isBase(unit), 'a base alone')
  if (base !== undefined || (unit?.partId !== undefined && route.usesBase !== false))
    no(isSound(base) && isBase(base), 'state of the base')
  const both =
    model.modes.some((m: Doc) => m.heldBy === 'vehicle-belt') &&
    model.modes.some((m: Doc) => m.heldBy !== 'vehicle-belt')
  if (both) no(unit?.harness === (isBooster ? 'stowed' : 'in'), 'harness in or stowed')
  // A shell that turns is set round in the fitting; of any other the way it stands is a fact of the unit.
  const faces = new Set(model.modes.map((m: Doc) => m.direction))
  if (faces.size > 1 && !model.modes.some((m: Doc) => m.turns))
    no(unit?.direction === mode.direction, 'direction of the unit')

  // 4. What nobody has read is not known.
  const saysRoute = (part: string): boolean => route[part] !== undefined || (route.without ?? []).includes(part)
  const saysMode = (part: string): boolean => mode[part] !== undefined || (mode.without ?? []).includes(part)
  for (const part of ['isofix', 'belt', 'limits']) no(saysRoute(part), `route: ${part} not read`)
  no(route.steps !== undefined, 'route: steps not read')
  if (!isBooster) {
    for (const part of ['leg', 'topTether', 'lowerTethers']) no(saysRoute(part), `route: ${part} not read`)
    no(route.usesBase !== undefined, 'route: base not read')
    no(mode.inserts !== undefined, 'mode: inserts not read')
    if (mode.direction === 'rearward') no(route.frontSeat !== undefined, 'route: touch not read')
    if (mode.direction === 'rearward' && isHeld) no(saysRoute('reboundBar'), 'route: rebound bar not read')
    if (isHeld) no(route.isofix.pushedHome !== undefined, 'route: pushed home not read')
    if (route.leg) no(route.leg.proofs !== undefined, 'route: leg proofs not read')
    if (!isFlat) for (const part of ['wedge', 'turns']) no(saysMode(part), `mode: ${part} not read`)
    if (mode.shape === 'infant-shell' || isFlat) no(saysMode('carryHandle'), 'mode: handle not read')
    if (mode.heldBy === 'harness') no(mode.strap !== undefined, 'mode: straps not read')
  } else no(mode.crotchBeltGuide !== undefined, 'mode: crotch guide not read')
  if (!isFlat && mode.shape !== 'booster-cushion') no(mode.sidePod !== undefined, 'mode: pod not read')
  no(mode.headRule !== undefined, 'mode: head rule not read')
  if (place.row > 1)
    no(
      place.slidingTrack?.handbookSetting !== undefined || (place.without ?? []).includes('slidingTrack'),
      'place: track not looked at',
    )

  // What an entry says against itself is a slip somewhere in it: nothing rests on it until it is read again.
  no(
    (route.permittedReclines ?? []).every((id: string) => (mode.reclines ?? []).some((r: Doc) => r.id === id)),
    'recline of another mode',
  )
  if (isBooster && route.belt)
    no(['free', 'switchable-retractor'].includes(route.belt.lock.kind), 'a lock on a booster’s belt')
  if (route.scope === 'i-size')
    no(
      isR129 && (isBooster || (isHeld && (route.leg !== undefined || route.topTether?.use === 'required'))),
      'i-Size without its parts',
    )
  if (!isR129 && isHeld && route.scope === 'universal')
    no(
      mode.approval.groups.includes('I') && isForward && route.topTether?.use === 'required',
      'universal ISOFIX under UN R44',
    )

  // 5. May it stand here?
  const handbook = place.handbook
  no(place.facing === 'forward', 'facing')
  no(place.isDriverSeat !== true && !(place.row === 1 && place.side === d.vehicle.driverSide), 'driver')
  const cars = route.approvedPlaces?.filter((a: Doc) => a.vehicleId === d.vehicle.id)
  const isListed =
    (cars ?? []).some((a: Doc) => a.positionIds.includes(place.id)) ||
    (handbook?.listedModelIds ?? []).includes(model.id)
  const isMarked = route.scope === 'i-size' && (handbook?.iSize === 'i-U' || (handbook?.iSize === 'i-UF' && isForward))
  const kinds: readonly (readonly string[])[] = [
    ['R3', 'R2', 'R2X', 'R1'],
    ['F3', 'F2', 'F2X'],
    ['L1', 'L2'],
    ['B3', 'B2'],
  ]
  const smaller: Record<string, readonly string[]> = {
    R3: ['R2', 'R2X', 'R1'],
    R2: ['R1'],
    R2X: ['R1'],
    F3: ['F2', 'F2X'],
    B3: ['B2'],
  }
  const own = kinds.findIndex((k) => k.includes(route.fixture))
  const listedFixtures: readonly string[] | undefined = handbook?.fixtures
  const speaks =
    listedFixtures !== undefined && (listedFixtures.length === 0 || listedFixtures.some((f) => kinds[own]?.includes(f)))
  const largest = handbook?.table?.[['rearward', 'forward', 'lateral', 'booster'][own] ?? '']
  const takes = (all: readonly string[]): boolean =>
    all.some((f) => f === route.fixture || smaller[f]?.includes(route.fixture))
  const words: boolean[] = []
  if (route.fixture && speaks) words.push(takes(listedFixtures))
  if (route.fixture && largest !== undefined) words.push(takes([largest]))
  // i-Size forward only: of what stands rearward it proves nothing.
  const byMark: readonly string[] = handbook?.iSize === 'i-U' ? ['R2', 'F2X', 'R1'] : handbook?.iSize === 'i-UF' ? ['F2X'] : [] // prettier-ignore
  if (words.includes(false)) no(false, 'envelope refused')
  else if (isHeld && !isListed && !(isMarked && (route.fixture === undefined || byMark.includes(route.fixture))))
    no(words.includes(true) || byMark.includes(route.fixture), 'envelope not known')
  const groups: readonly string[] = isR129
    ? isBooster
      ? ['II', 'III']
      : isForward
        ? ['I', 'II']
        : ['0', '0+', 'I', 'II']
    : mode.approval.groups
  const mine = kg === undefined ? groups : groups.filter((g) => GROUP[g]![0] <= kg[1] && kg[0] <= GROUP[g]![1])
  const letters = (mine.length > 0 ? mine : groups).map((g) => handbook?.beltGroups?.[g])
  const barred = (l: string | undefined): boolean => l === 'X' || l === 'B'
  const forbidden = isHeld
    ? handbook?.isofix === 'X'
    : route.belt !== undefined && handbook !== undefined && (isR129 ? letters.every(barred) : letters.some(barred))
  if (isListed) no(!forbidden && !(route.leg && handbook?.table?.legPermitted === false), 'handbook forbids')
  else if (route.scope === 'i-size') no(isMarked && handbook?.isofix !== 'X', 'no i-Size mark')
  else if (route.scope === 'universal') {
    if (isHeld) no(handbook?.isofix === 'IUF', 'no IUF')
    else {
      const suits = (l: string | undefined): boolean => l === 'U' || (l === 'UF' && isForward)
      const open = isR129
        ? !letters.some(suits) && letters.includes(undefined)
        : letters.every((l) => l === undefined || suits(l)) && letters.includes(undefined)
      const yes = isR129 ? letters.some(suits) : letters.every(suits)
      const table = handbook?.table?.universalBelted
      no(open ? table === true : yes && table !== false, 'no letter')
    }
  } else no(false, 'not on a list')
  if (isHeld) {
    no(place.isofix !== undefined && place.isofix.bars !== 'none', 'no bars')
    no(
      route.leg !== undefined ||
        route.topTether?.use === 'required' ||
        route.lowerTethers?.use === 'required' ||
        route.belt !== undefined ||
        route.rotationHeldBy !== undefined,
      'nothing against rotation',
    )
  } else if (route.isofix) no(place.isofix !== undefined && place.isofix.bars !== 'none', 'no bars')
  if (route.belt) {
    const kind = place.belt?.kind
    const needs = isBooster ? 'three-point' : route.belt.needs
    no(needs === 'three-point-or-lap' ? kind === 'three-point' || kind === 'lap' : kind === needs, 'wrong belt')
    if (route.belt.requiredLengthMm && place.belt?.usableLengthMm)
      no(atLeast(span(place.belt.usableLengthMm), route.belt.requiredLengthMm), 'belt too short')
    if (!isBooster) {
      no(route.belt.lock.kind !== 'free', 'a free belt holds nothing')
      if (route.belt.pathEdgeAboveBightMm !== undefined && place.belt?.buckleTopMm) {
        const top = span(place.belt.buckleTopMm)!
        no(top[0] - route.belt.pathEdgeAboveBightMm <= near, 'buckle above the edge, by the figures')
      }
    }
  }
  if (route.leg) {
    const floor = place.floor?.kind
    no(handbook?.table?.legPermitted !== false, 'no leg permitted')
    no(
      floor === 'solid' ||
        floor === 'box-allowed-when-propped' ||
        (floor === undefined && (isMarked || handbook?.table?.legPermitted === true)),
      'floor',
    )
  }
  if (route.topTether?.use === 'required') no(place.tether ? place.tether.where !== 'none' : isMarked, 'no anchorage')
  if (
    route.topTether?.use === 'required' &&
    place.tether?.pathLengthMm &&
    (route.topTether.minLengthMm !== undefined || route.topTether.maxLengthMm !== undefined)
  )
    no(inside(span(place.tether.pathLengthMm), route.topTether.minLengthMm, route.topTether.maxLengthMm), 'tether path')
  if (!isForward && (place.row === 1 || (place.frontAirbag ?? 'none') !== 'none'))
    no(
      place.frontAirbag === 'none' ||
        place.frontAirbag === 'can-be-switched-off' ||
        (place.frontAirbag === 'automatic' && handbook?.automaticCutOffCounts === true),
      'airbag before a rearward child',
    )
  const [byCar, byMaker] = [handbook?.forwardAirbag, route.frontAirbag]
  const asked =
    byCar === undefined || byMaker === undefined
      ? undefined
      : byCar === byMaker || byMaker === 'either'
        ? byCar
        : byCar === 'either'
          ? byMaker
          : undefined
  if (isForward && place.row === 1 && place.frontAirbag !== 'none')
    no(
      place.frontAirbag !== undefined &&
        asked !== undefined &&
        (asked !== 'off' ||
          place.frontAirbag === 'can-be-switched-off' ||
          (place.frontAirbag === 'automatic' && handbook?.automaticCutOffCounts === true)),
      'airbag before a forward child',
    )
  if (mode.headRule === 'ears-below-vehicle-head-restraint')
    no(place.headRestraint !== undefined && place.headRestraint !== 'none', 'no head restraint')

  // 6. What hangs on what: a reading holds only for what it was made in.
  const stale = staleChecks(d, { mode, route, place, isBooster, isHeld })
  const look = (id: string): Doc => (stale.has(id) ? undefined : d.readings[id])
  const good = (id: string, ...options: readonly string[]): void =>
    no(
      options.includes(look(id)?.option) &&
        !(
          look(id)?.before !== undefined &&
          look(id).before === look(id).option &&
          (id.startsWith('latch') || id === 'leg-indicator' || id === 'shell-on-base' || id === 'turn-lock')
        ),
      `check ${id}`,
    )
  const number = (id: string): Span => span(look(id)?.number)

  // 7. Set up.
  const set = (id: string): Doc => d.settings[id]?.value
  const inserts = (mode.inserts ?? []).filter((i: Doc) => (set('insertsIn') ?? []).includes(i.id))
  const padding = inserts.reduce((sum: number, i: Doc) => sum + i.thicknessMm, 0)
  if ((mode.inserts ?? []).length > 0) {
    no(set('insertsIn') !== undefined, 'inserts not recorded')
    for (const i of mode.inserts) {
      const isIn = inserts.includes(i)
      const past = (u: Doc): boolean =>
        (u.massKg !== undefined && atLeast(kg, u.massKg)) ||
        (u.statureCm !== undefined && atLeast(cm, u.statureCm)) ||
        (u.ageMonths !== undefined && atLeast(age, u.ageMonths))
      const before = (u: Doc): boolean =>
        (u.massKg === undefined || (kg !== undefined && kg[1] < u.massKg)) &&
        (u.statureCm === undefined || (cm !== undefined && cm[1] < u.statureCm)) &&
        (u.ageMonths === undefined || (age !== undefined && age[1] < u.ageMonths))
      const mayIn = i.allowedUntil === undefined || before(i.allowedUntil)
      const mayOut = i.requiredUntil === undefined || past(i.requiredUntil)
      if (i.allowedUntil !== undefined && past(i.allowedUntil)) no(!isIn, 'insert past its limit')
      else no(isIn ? mayIn : mayOut, 'insert')
    }
  }
  const shoulder = span(child.seatedShoulderHeightMm)
  if (mode.heldBy === 'harness' && mode.strap && mode.strap.adjuster.kind !== 'follows-head-support') {
    const exit = set('strapHeightMm')
    const s: Span = shoulder && [shoulder[0] + padding, shoulder[1] + padding]
    const rule = mode.strap.rule ?? (isForward ? 'at-or-just-above' : 'at-or-just-below')
    const has =
      exit !== undefined &&
      (mode.strap.adjuster.kind === 'slots'
        ? mode.strap.adjuster.heightsMm.includes(exit)
        : exit >= mode.strap.adjuster.fromMm && exit <= mode.strap.adjuster.toMm)
    const suits =
      s !== undefined &&
      exit !== undefined &&
      {
        'at-or-just-below': exit <= s[0] + near,
        'at-or-just-above': exit >= s[1] - near,
        level: exit >= s[1] - 10 - near && exit <= s[0] + 10 + near,
        'level-or-just-under': exit >= s[1] - 30 - near && exit <= s[0] + 10 + near,
      }[rule as string]
    no(has && suits === true, 'strap height')
    if (mode.strap.justMm !== undefined && s !== undefined && exit !== undefined)
      no(
        Math.max(Math.abs(exit - s[0]), Math.abs(exit - s[1])) <= mode.strap.justMm + near,
        'strap further off than the maker lets it',
      )
  }
  if (mode.heldBy === 'harness' && mode.strap?.adjuster.kind === 'follows-head-support' && shoulder) {
    const s = [shoulder[0] + padding, shoulder[1] + padding] as const
    no(
      isForward ? s[1] <= mode.strap.adjuster.toMm + near : s[0] >= mode.strap.adjuster.fromMm - near,
      'shoulder out of the range',
    )
  }
  if (mode.headRule === 'ears-below-vehicle-head-restraint' || mode.shape === 'booster-cushion')
    no(
      set('vehicleHeadRestraint') === 'on' ||
        (set('vehicleHeadRestraint') === undefined && place.headRestraint === 'fixed'),
      'cushion without its head restraint',
    )
  no(set('vehicleHeadRestraint') !== 'off-and-loose', 'loose head restraint')
  if (!isBooster && !isFlat && mode.wedge?.allowed === true) no(set('wedge') !== undefined, 'wedge not recorded')
  if (set('wedge') === true) no(mode.wedge?.allowed === true, 'a wedge that is not allowed')
  if (route.leg) {
    const height = span(place.cushion?.frontEdgeAboveFloorMm)
    const cos = Math.cos((route.leg.angleFromVerticalDeg * Math.PI) / 180)
    const need: Span = height && [
      (height[0] + route.leg.hingeAboveCushionMm) / cos,
      (height[1] + route.leg.hingeAboveCushionMm) / cos,
    ]
    const step = (route.leg.maxLengthMm - route.leg.minLengthMm) / (route.leg.notches - 1)
    const first = (l: number): number => Math.max(1, Math.ceil((l - route.leg.minLengthMm - near) / step) + 1)
    const notch = set('legNotch')
    no(
      need !== undefined && need[0] >= route.leg.minLengthMm - near && need[1] <= route.leg.maxLengthMm + near,
      'leg out of its range',
    )
    if (need) {
      no(notch !== undefined && notch >= first(need[0]) && notch <= first(need[1]), 'leg notch')
      const lift = notch !== undefined ? (route.leg.minLengthMm + (notch - 1) * step - need[0]) * cos : 0
      if (route.leg.maxLiftMm !== undefined) no(lift <= route.leg.maxLiftMm + near, 'base lifted')
    }
  }
  const isShell = !isBooster && !isFlat
  let angle: Span
  if (isShell) {
    no(mode.reclines !== undefined, 'reclines not read')
    const positions = mode.reclines ?? []
    const recline = positions.find((r: Doc) => r.id === set('recline'))
    if (positions.length > 0) {
      const permitted = route.permittedReclines ?? (positions.length === 1 ? [positions[0].id] : undefined)
      no(permitted !== undefined && recline !== undefined && permitted.includes(recline.id), 'recline')
    }
    const slope = span(place.cushion?.slopeDeg)
    const wedge =
      set('wedge') === true && mode.wedge
        ? (Math.atan(mode.wedge.heightMm / mode.wedge.baseLengthMm) * 180) / Math.PI
        : 0
    const workedOut: Span =
      recline && slope && !(mode.wedge?.allowed === true && set('wedge') === undefined)
        ? isForward
          ? [recline.shellAngleDeg + slope[0] - wedge, recline.shellAngleDeg + slope[1] - wedge]
          : [recline.shellAngleDeg - slope[1] + wedge, recline.shellAngleDeg - slope[0] + wedge]
        : undefined
    const measuredAngle = number('shell-angle-deg')
    angle = measuredAngle ?? workedOut
    if (measuredAngle && workedOut)
      no(
        measuredAngle[0] <= workedOut[1] + near && workedOut[0] <= measuredAngle[1] + near,
        'angle: arithmetic and instrument differ',
      )
    if (mode.angleProof) good('angle-proof', 'good')
    else {
      const flatter = recline?.flatterInCarUntil
      const mayLie =
        flatter !== undefined &&
        (flatter.massKg === undefined || (kg !== undefined && kg[1] < flatter.massKg)) &&
        (flatter.statureCm === undefined || (cm !== undefined && cm[1] < flatter.statureCm)) &&
        (flatter.ageMonths === undefined || (age !== undefined && age[1] < flatter.ageMonths))
      no(angle !== undefined && (angle[1] <= 45 + near || mayLie), 'flatter than 45°')
      if (mode.targetAngleDeg?.from !== undefined || mode.targetAngleDeg?.to !== undefined)
        no(inside(angle, mode.targetAngleDeg.from, mode.targetAngleDeg.to), 'maker’s angle')
      else if (mode.direction === 'rearward') {
        const holds =
          child.headControl ??
          (age === undefined
            ? undefined
            : (child.bornAtWeeks < 37 ? corrected! : age[1]) < 4
              ? 'none'
              : (child.bornAtWeeks < 37 ? corrected! : age[0]) >= 9
                ? 'steady'
                : undefined)
        no(holds !== undefined && angle !== undefined, 'angle for this child not known')
        const isEarlyBorn = child.bornAtWeeks < 37 && corrected !== undefined && corrected < 6
        const byAirway = d.practice.infantAngle === 'upright-as-airway-allows' && !isEarlyBorn
        if (byAirway && holds === 'none') no(angle !== undefined && angle[1] <= 45 + near, 'flatter than 45°')
        else if (holds === 'none' || isEarlyBorn) no(inside(angle, 40, 45), 'not flat enough for a newborn')
        else if (holds === 'steady' && angle) {
          // Outside the usual band, and not over the ceiling, is advice; across its edge is to be measured.
          const [from, to] = age === undefined || age[0] < 12 ? [30, 45] : [20, 35]
          if (to === 45) no(angle[1] <= 45 + near || mayLie, 'flatter than 45°')
          void from
        }
      }
    }
  }

  // 8. Attach.
  good('label-serial', 'match')
  good('backrest-latched', 'latched')
  good('nothing-added', 'none')
  good('clear-all-round', 'clear')
  const beside = (d.ride?.others ?? []).filter((o: Doc) =>
    o.positionIds.some((id: string) => d.vehicle.positions.find((p: Doc) => p.id === id)?.row === place.row),
  )
  if (beside.length > 0) good('room-beside', 'clear')
  no(!beside.some((o: Doc) => o.positionIds.includes(place.id)), 'somebody else rides there')
  // What serves one place serves one, whichever of the two says so; a unit is in one place at a time.
  const needs: Record<string, boolean> = {
    bars: Boolean(route.isofix),
    tether: route.topTether?.use === 'required',
    rails: route.lowerTethers?.use === 'required',
    buckle: Boolean(route.belt),
  }
  for (const o of d.ride?.others ?? []) {
    no(!(o.unitIds ?? []).some((id: string) => id === d.choice.unitId || id === d.choice.baseUnitId), 'unit used twice')
    const theirs = (part: string): boolean => (o.takes ?? []).includes(part === 'buckle' ? 'belt' : part)
    for (const id of o.positionIds) {
      const over: Doc[] = d.vehicle.positions.find((p: Doc) => p.id === id)?.sharedWith ?? []
      const mine: Doc[] = place.sharedWith ?? []
      for (const { part } of [
        ...mine.filter((s) => s.positionId === id),
        ...over.filter((s) => s.positionId === place.id),
      ])
        // prettier-ignore
        if (part !== 'buckle-covered') no(!(needs[part] && theirs(part)), `${part} of two`)
      if (mine.some((s) => s.part === 'buckle-covered' && s.positionId === id)) no(!(needs.buckle && o.kind === 'child'), 'buckle covered') // prettier-ignore
      if (over.some((s) => s.part === 'buckle-covered' && s.positionId === place.id)) no(!theirs('buckle'), 'covers a buckle') // prettier-ignore
    }
  }
  if (Array.isArray(mode.inserts) && mode.inserts.length === 0 && model.modes.some((m: Doc) => m.inserts?.length !== 0))
    good('old-padding', 'none')
  if (place.row > 1 && (place.slidingTrack?.handbookSetting ?? '') !== '') good('bench-set', 'set')
  if ((place.obstacles ?? []).includes('removable-console')) good('console-out', 'out')
  if (place.row === 1) good('seat-fully-back', 'back')
  const canBeOff = place.frontAirbag === 'can-be-switched-off' || place.frontAirbag === 'automatic'
  if (!isForward && canBeOff) good('airbag-lamp', 'off-seen')
  if (isForward && place.row === 1 && canBeOff && (asked === 'on' || asked === 'off'))
    good('airbag-lamp', asked === 'on' ? 'on' : 'off-seen')
  if (route.isofix) {
    for (const id of ['latch-left', 'latch-right']) good(id, 'latched')
    for (const id of ['tug-left', 'tug-right']) good(id, 'held')
    if (route.isofix.connectors === 'strap') good('connector-straps', 'tight')
    if (route.isofix.pushedHome === 'required') good('pushed-home', 'yes')
  }
  if (isHeld) {
    good('gap-behind', ...(route.gapAccepted?.behindBase ? ['none', 'gap'] : ['none']))
    good('gap-under', ...(route.gapAccepted?.underBase ? ['none', 'gap'] : ['none']))
  }
  if (route.reboundBar) good('rebound-bar', 'last-click')
  if (route.leg) {
    good('leg-contact', ...(route.leg.matMayStay || place.floor?.matMayStay ? ['flat', 'on-mat'] : ['flat']))
    if ((route.leg.proofs ?? []).length > 0) good('leg-indicator', 'good')
    if (place.floor?.kind === 'box-allowed-when-propped') good('floor-box', 'propped')
  }
  const tether = route.topTether?.use
  if (tether === 'optional') good('tether-used', 'hooked', 'left-off')
  if (tether === 'required' || (tether === 'optional' && look('tether-used')?.option === 'hooked')) {
    good('tether-point', 'anchorage')
    good('tether-flat', 'flat')
    const own2 = route.topTether.goodMm
    no(
      own2
        ? inside(number('tether-indicator-mm'), own2.fromMm ?? 1, own2.toMm)
        : atLeast(number('tether-indicator-mm'), 15),
      'tether tension',
    )
  }
  const tetherHolds = tether === 'required' || (tether === 'optional' && look('tether-used')?.option === 'hooked')
  if (route.isofix && (route.leg || tetherHolds)) {
    good('latches-again', 'still-latched')
    const after = ['leg-contact', 'leg-indicator', 'tether-point', 'tether-flat', 'tether-indicator-mm']
    const seenAt = d.readings['latches-again']?.at ?? 0
    no(
      after.every(
        (id) => d.readings[id] === undefined || d.readings[id].slip !== undefined || d.readings[id].at <= seenAt,
      ),
      'latches seen before leg or tether',
    )
  }
  if (route.belt && !isBooster) {
    good('belt-path', 'as-listed')
    good('belt-twist', 'none')
    good('buckle-clear', 'clear')
    no(atMost(number('buckle-above-edge-mm'), 0), 'buckle above the edge')
    const lock = route.belt.lock.kind
    if (lock === 'tension-only') good('belt-tension', 'tight')
    else good('belt-locked', 'locked')
    const tested = look('retractor')?.option
    const entered = place.belt?.retractor
    if (lock === 'switchable-retractor' || lock === 'locking-clip') {
      const retractor = tested ?? (d.readings.retractor === undefined ? entered : undefined)
      no(
        retractor !== undefined &&
          retractor !== 'unsure' &&
          (tested === undefined || entered === undefined || tested === entered),
        'retractor not known',
      )
      if (lock === 'switchable-retractor') no(retractor === 'switchable', 'retractor does not lock')
      if (lock === 'locking-clip') {
        if (
          route.belt.lock.neededWith === undefined ||
          retractor === undefined ||
          route.belt.lock.neededWith.includes(retractor)
        )
          good('locking-clip', 'placed')
      }
    }
  }
  if (mode.direction === 'rearward') {
    const seen = look('front-seat')?.option
    const touch = route.frontSeat
    no(
      touch === 'must-touch'
        ? seen === 'touching'
        : touch === 'must-not-touch'
          ? seen === 'clear'
          : touch === 'either' && (seen === 'clear' || seen === 'touching'),
      'seat in front',
    )
  }
  if (route.usesBase) good('shell-on-base', 'held')
  if (mode.direction === 'lateral') good('head-inboard', 'inboard')
  const lower = route.lowerTethers?.use
  if (lower === 'optional') good('lower-tethers-used', 'hooked', 'left-off')
  if (lower === 'required' || (lower === 'optional' && look('lower-tethers-used')?.option === 'hooked'))
    good('lower-tethers', 'tight')
  if (lower === 'required')
    for (const side of ['left', 'right'])
      no(
        (place.lowerTetherPoints ?? []).some((p: Doc) => p.side === side && route.lowerTethers.points.includes(p.kind)),
        `no lower tether point ${side}`,
      )
  if (isFlat && mode.targetAngleDeg) no(false, 'a target that nothing of a lie-flat is worked out for')
  if (route.seatsTaken === 2) {
    // The place beside has to take it as this one does; which place that is, is the fitter's to choose.
    const beside = d.vehicle.positions.filter(
      (p: Doc) =>
        p.id !== place.id &&
        p.row === place.row &&
        (p.lateralCentreMm === undefined || place.lateralCentreMm === undefined
          ? p.side !== place.side &&
            (p.side === 'centre' ||
              place.side === 'centre' ||
              !d.vehicle.positions.some((x: Doc) => x.row === place.row && x.side === 'centre'))
          : Math.abs(p.lateralCentreMm - place.lateralCentreMm) <= 520),
    )
    const alone = { ...route, seatsTaken: 1 }
    const models = d.restraints.map((m: Doc) =>
      m.id === model.id
        ? { ...m, modes: m.modes.map((x: Doc) => (x.id === mode.id ? { ...x, routes: [alone] } : x)) }
        : m,
    )
    no(
      beside.some((p: Doc) =>
        judge({ ...d, restraints: models, choice: { ...d.choice, positionId: p.id } }).against.every(
          (why) => !OF_A_PLACE.has(why),
        ),
      ),
      'second place',
    )
  }
  if (mode.carryHandle) good('carry-handle', 'travel')
  if (!isBooster) {
    if (d.practice.steadiness === 'nothing-felt' && mode.steadinessMm === undefined) good('steadiness-felt', 'none')
    else no(atMost(number('steadiness-mm'), mode.steadinessMm ?? 25), 'steadiness')
  }

  // 9. Child in.
  good('head', 'inside')
  if (mode.heldBy === 'harness') {
    const rule = mode.strap?.rule ?? (isForward ? 'at-or-just-above' : 'at-or-just-below')
    const seen: Record<string, readonly string[]> = {
      'at-or-just-below': ['just-below', 'level'],
      'at-or-just-above': ['just-above', 'level'],
      level: ['level'],
      'level-or-just-under': ['level', 'just-below'],
    }
    good('strap-exit', ...seen[rule]!)
    good('harness-buckle', 'held')
    good('strap-twist', 'none')
    good('strap-pressure', 'comfortable')
    if (d.practice.slack === 'pinch' && !mode.slackMm) good('slack-pinch', 'none')
    else if (mode.slackMm) no(inside(number('slack-mm'), mode.slackMm.fromMm, mode.slackMm.toMm), 'slack by the maker')
    else no(atMost(number('slack-mm'), d.practice.slack === 'two-fingers' ? 25 : 15), 'slack')
    if (look('coat')?.option === 'coat') no(atMost(number('coat-hides-mm'), 10), 'coat')
    else good('coat', 'indoor')
  }
  if (isBooster) {
    for (const [id, option] of [
      ['booster-back', 'against'],
      ['booster-path', 'as-listed'],
      ['booster-twist', 'none'],
      ['lap-section', 'low'],
      ['diagonal', 'middle'],
      ['belt-buckle', 'held'],
      ['belt-slack', 'none'],
    ] as const)
      good(id, option)
    good('belt-runs', ...(route.belt?.lock.kind === 'switchable-retractor' ? ['free', 'ratchets'] : ['free']))
    if (d.practice.knees === 'must-bend') good('knees', 'bend')
    else good('knees', 'bend', 'short')
    if (mode.crotchBeltGuide) good('crotch-guide', 'through')
    if (mode.shape === 'booster-seat') {
      good('guide-gate', 'in')
      const g = mode.guideAboveShoulderMm ?? { fromMm: 0, toMm: 20 }
      no(inside(number('guide-above-shoulder-mm'), g.fromMm, g.toMm), 'belt guide')
    }
  }
  if (mode.turns) good('turn-lock', 'locked')
  if (mode.turns?.forwardGuard && (isForward || !(age !== undefined && age[0] > 15 && atLeast(cm, 76))))
    good('forward-guard', isForward ? 'released' : 'set')
  if (mode.sidePod && place.side !== 'centre') good('side-pod', 'door-side')
  const mayFallForward =
    age === undefined ||
    age[0] < 12 ||
    (child.headControl ?? ((child.bornAtWeeks < 37 ? corrected! : age[1]) < 4 ? 'none' : undefined)) === 'none'
  if (isShell && mode.direction === 'rearward' && mayFallForward) good('chin', 'back')
  if (mode.headRule === 'crown-inside' && mode.shape === 'infant-shell')
    no(
      atLeast(
        number('crown-below-edge-mm'),
        mode.headBelowEdgeMm ?? (d.practice.infantHead === 'margin-25-mm' ? 25 : 0),
      ),
      'crown',
    )
  if (d.identity !== undefined && d.identity.answer === undefined) no(false, 'perhaps another child')

  return { isReady: against.length === 0, against }
}

interface Chosen {
  readonly mode: Doc
  readonly route: Doc
  readonly place: Doc
  readonly isBooster: boolean
  readonly isHeld: boolean
}

/** The table of what goes stale, once more: a change, and what has to be looked at again after it. */
function staleChecks(d: Doc, { mode, route, isBooster, isHeld }: Chosen): ReadonlySet<string> {
  const latches = ['latch-left', 'latch-right']
  const leg = ['leg-contact', 'leg-indicator']
  const tetherRun = ['tether-indicator-mm', 'tether-flat']
  const tether = ['tether-used', 'tether-point', ...tetherRun]
  const head = ['head', 'crown-below-edge-mm']
  const gaps = ['gap-behind', 'gap-under']
  const steady = ['steadiness-mm', 'steadiness-felt']
  const buckle = ['buckle-above-edge-mm', 'buckle-clear']
  const beltHeld = ['belt-locked', 'belt-tension', 'locking-clip', ...buckle]
  const angle = ['shell-angle-deg', 'angle-proof', 'chin']
  const slack = ['slack-mm', 'slack-pinch', 'strap-pressure']
  const harness = ['strap-exit', ...slack, 'strap-twist', 'harness-buckle', 'coat', 'coat-hides-mm', 'chin']
  const attached = [
    ...latches,
    'tug-left',
    'tug-right',
    'pushed-home',
    'rebound-bar',
    ...gaps,
    'connector-straps',
    ...leg,
    ...tether,
    'latches-again',
    'clear-all-round',
    'belt-path',
    'belt-twist',
    ...beltHeld,
    ...steady,
    ...angle,
    'front-seat',
    'nothing-added',
    'shell-on-base',
    'booster-back',
    'room-beside',
  ]
  const booster = [
    'booster-back',
    'booster-path',
    'booster-twist',
    'guide-gate',
    'crotch-guide',
    'lap-section',
    'diagonal',
    'belt-buckle',
    'belt-slack',
    'belt-runs',
    'guide-above-shoulder-mm',
    'knees',
  ]
  const onBelt = !isBooster && !isHeld && route.belt !== undefined
  const after: Record<string, readonly string[]> = {
    recline: [
      ...latches,
      'latches-again',
      'clear-all-round',
      ...leg,
      ...tetherRun,
      ...angle,
      ...head,
      'front-seat',
      ...beltHeld,
      ...(onBelt ? steady : []),
    ],
    legNotch: [...leg, ...angle, ...latches, ...gaps, 'latches-again', 'clear-all-round'],
    wedge: [...beltHeld, ...steady, ...gaps, ...leg, ...angle, 'front-seat', 'latches-again', 'clear-all-round'],
    vehicleHeadRestraint: [...tetherRun, ...gaps, ...head, 'booster-back', 'clear-all-round'],
    frontSeatGapMm: ['front-seat'],
    slideMm: attached,
    insertsIn: ['strap-exit', ...slack, ...head, 'chin', 'belt-locked', 'belt-tension', ...(onBelt ? steady : [])],
    strapHeightMm: ['strap-exit', ...slack, ...head, 'guide-above-shoulder-mm', 'diagonal', 'guide-gate'],
    connectors: attached,
    base: attached,
    tether: [...tether, 'latches-again'],
    turned: ['turn-lock', 'side-pod', 'forward-guard', 'clear-all-round', ...angle, ...harness, ...head, 'front-seat'],
    harness: [...slack, 'strap-twist', 'harness-buckle', 'coat', 'coat-hides-mm'],
    clothes: [...harness, ...booster, ...head],
    left: ['floor-box', 'airbag-lamp', 'seat-fully-back', 'front-seat', 'console-out', 'bench-set', 'backrest-latched'],
    carrier: ['shell-on-base', 'carry-handle', ...harness, ...head],
    beside: ['room-beside', 'clear-all-round', ...buckle],
    'shared-seat': ['front-seat', 'seat-fully-back'],
  }
  const stale = new Set<string>()
  for (const [id, reading] of Object.entries<Doc>(d.readings)) {
    if (reading.at < d.choice.at) stale.add(id)
    for (const [change, ids] of Object.entries(after)) {
      const at = d.settings[change]?.at ?? d.disturbances[change]?.at
      if (at !== undefined && reading.at < at && ids.includes(id)) stale.add(id)
    }
    if ((d.disturbances.removed?.at ?? -1) > reading.at) stale.add(id)
    if ((d.disturbances.child?.at ?? -1) > reading.at && CHILD.has(id)) stale.add(id)
  }
  void mode
  return stale
}
const CHILD = new Set([
  'strap-exit',
  'slack-mm',
  'slack-pinch',
  'strap-pressure',
  'strap-twist',
  'harness-buckle',
  'coat',
  'coat-hides-mm',
  'forward-guard',
  'chin',
  'turn-lock',
  'side-pod',
  'head',
  'crown-below-edge-mm',
  'booster-back',
  'booster-path',
  'booster-twist',
  'belt-buckle',
  'belt-slack',
  'belt-runs',
  'guide-gate',
  'crotch-guide',
  'guide-above-shoulder-mm',
  'diagonal',
  'lap-section',
  'knees',
  'head-inboard',
])
