import { HAND_MM, neededApartMm, furthestMm, type Span } from '../../src/fit/index.ts'
import { LEVELS, type Level, type Levels } from '../../src/arrange/levels.ts'
import type { Body, Candidate, CarProblem, Place } from '../../src/arrange/problem.ts'

/**
 * The same question as a mixed-integer linear model, written apart from the
 * search: a binary a way to ride, a length a place, and every rule of the brief
 * as inequalities. Level by level it is minimised, the level fixed, the next one
 * asked. It shares with the search what each way is and costs, and nothing else.
 */

export interface Solver {
  solve: (
    lp: string,
    options?: object,
  ) => {
    readonly Status: string
    readonly ObjectiveValue: number
    readonly Columns: Record<string, { readonly Primal: number }>
  }
}

type Terms = Map<string, number>
const BIG = 20_000
/** What stands for a margin without end. */
const NO_NEIGHBOUR_MM = 10_000

class Model {
  readonly rows: string[] = []
  readonly binaries = new Set<string>()
  readonly bounds: string[] = []
  binary(name: string): string {
    this.binaries.add(name)
    return name
  }
  free(name: string, lo: number, hi: number): string {
    this.bounds.push(`${lo} <= ${name} <= ${hi}`)
    return name
  }
  add(terms: readonly (readonly [number, string])[], sense: '<=' | '>=' | '=', right: number): void {
    const sum: Terms = new Map()
    for (const [k, x] of terms) sum.set(x, (sum.get(x) ?? 0) + k)
    const text = textOf(sum)
    if (text !== '') this.rows.push(`${text} ${sense} ${right}`)
  }
}
const textOf = (sum: Terms): string =>
  [...sum]
    .filter(([, k]) => k !== 0)
    .map(([x, k]) => `${k < 0 ? '-' : '+'} ${Math.abs(k)} ${x}`)
    .join(' ')

/** A place, or two that one lies across, with what may stand there. */
interface Slot {
  readonly mask: number
  readonly places: readonly Place[]
  readonly centreMm: number | undefined
  readonly from: number
  readonly to: number
  readonly row: number
  readonly bodies: ReadonlyMap<Body, readonly Candidate[]>
}

const placesIn = (c: Candidate): readonly number[] => (c.second === undefined ? [c.place] : [c.place, c.second])

export function milpOf(problem: CarProblem): {
  readonly solve: (solver: Solver) => { readonly levels: Levels; readonly picks: readonly Candidate[] } | undefined
} {
  const { places, riders, classes, candidates, sharing } = problem
  const m = new Model()
  const all = candidates.flat()
  const x = new Map(all.map((c) => [c, m.binary(`x${c.index}`)]))
  const X = (c: Candidate): string => x.get(c)!
  const sum = (list: readonly Candidate[], k = 1): (readonly [number, string])[] => list.map((c) => [k, X(c)] as const)

  // One way a rider, one rider a place, as many units as there are.
  for (const list of candidates) m.add(sum(list), '=', 1)
  for (const p of places) m.add(sum(all.filter((c) => placesIn(c).includes(p.index))), '<=', 1)
  for (const k of classes) {
    const using = all.flatMap((c) => [c.unitClass, c.baseClass].filter((u) => u === k.index).map(() => c))
    m.add(sum(using), '<=', k.units.length)
  }

  // What two places share.
  const at = (p: number): readonly Candidate[] => all.filter((c) => placesIn(c).includes(p))
  for (const s of sharing) {
    const pick = {
      bars: [(c: Candidate) => c.usesBars, (c: Candidate) => c.usesBars],
      tether: [(c: Candidate) => c.usesTether, (c: Candidate) => c.usesTether],
      rails: [(c: Candidate) => c.usesRails, (c: Candidate) => c.usesRails],
      buckle: [(c: Candidate) => c.usesBelt, (c: Candidate) => c.usesBelt],
      'buckle-covered': [(c: Candidate) => c.usesBelt, (c: Candidate) => c.unitClass !== undefined],
    }[s.part]
    // One that lies across both is in nobody’s way but its own.
    const both = (c: Candidate): boolean => placesIn(c).includes(s.place) && placesIn(c).includes(s.other)
    m.add(
      [
        ...sum(at(s.place).filter((c) => pick[0]!(c) && !both(c))),
        ...sum(at(s.other).filter((c) => pick[1]!(c) && !both(c))),
      ],
      '<=',
      1,
    )
  }
  // One airbag is not off and on at once.
  for (const p of places)
    for (const q of places) {
      if (p.index === q.index || p.airbagOf === undefined || p.airbagOf !== q.airbagOf) continue
      const of = (r: Place, airbag: string) => all.filter((c) => c.place === r.index && c.airbag === airbag)
      m.add([...sum(of(p, 'on')), ...sum(of(q, 'off'))], '<=', 1)
    }

  // Facts, each counted once.
  const factVars = new Map<string, string>()
  const factVar = (key: string): string => {
    const known = factVars.get(key)
    if (known !== undefined) return known
    const made = m.binary(`f${factVars.size}`)
    factVars.set(key, made)
    return made
  }
  for (const c of all)
    for (const f of c.facts)
      m.add(
        [
          [1, factVar(f.key)],
          [-1, X(c)],
        ],
        '>=',
        0,
      )

  sideBySide(problem, m, X, factVar)
  fore(problem, m, X, factVar)
  handsIn(problem, m, X, factVar)

  // Bars that a middle place may borrow.
  for (const p of places)
    for (const q of places) {
      if (p.row !== q.row || q.turn !== p.turn + 1) continue
      const middle = [p, q].find((r) => r.position.side === 'centre')
      const has = (r: Place) => (r.position.isofix?.bars ?? 'none') !== 'none'
      if (!middle || !has(p) || !has(q) || p.position.sharedWith || q.position.sharedWith) continue
      const users = (r: Place) => all.filter((c) => c.place === r.index && c.usesBars)
      const f = factVar(`position.sharedWith ${problem.vehicle.id} ${middle.position.id}`)
      m.add([[1, f], ...sum(users(p), -1), ...sum(users(q), -1)], '>=', -1)
    }

  const objectives: Record<Level, Terms> = {
    facts: new Map([...factVars.values()].map((f) => [f, 1])),
    advice: weigh((c) => Number(c.isAdvisedAgainst)),
    rearwardMonthsLost: weigh((c) => c.rearwardLost),
    harnessMonthsLost: weigh((c) => c.harnessLost),
    notOwned: weigh((c) => (riders[c.rider]!.kind === 'child' && c.unitClass !== undefined && c.isNotOwned ? 1 : 0)),
    wishesBroken: weigh((c) => c.wishesBroken),
    youngest: weigh((c) => Number(c.isYoungestElsewhere)),
    marginMm: new Map([['margin', -1]]),
    steps: weigh((c) => c.steps),
    endsSoon: weigh((c) => Number(c.endsSoon)),
  }
  function weigh(of: (c: Candidate) => number): Terms {
    return new Map(all.map((c) => [X(c), of(c)]))
  }

  return {
    solve: (solver) => {
      if (candidates.some((list) => list.length === 0)) return undefined
      const fixed: string[] = []
      const found: Record<string, number> = {}
      let picks: readonly Candidate[] = []
      for (const level of LEVELS) {
        const objective = objectives[level]
        const text = textOf(objective)
        if (text === '') {
          found[level] = 0
          if (level !== LEVELS[0]) continue
        }
        const lp = [
          'Minimize',
          ` obj: ${text === '' ? `0 ${[...x.values()][0] ?? 'margin'}` : text}`,
          'Subject To',
          ...[...m.rows, ...fixed].map((row, i) => ` c${i}: ${row}`),
          'Bounds',
          ...m.bounds.map((b) => ` ${b}`),
          'Binary',
          ` ${[...m.binaries].join(' ')}`,
          'End',
        ].join('\n')
        const answer = solver.solve(lp, {
          mip_rel_gap: 0,
          mip_abs_gap: 1e-6,
          primal_feasibility_tolerance: 1e-7,
          mip_feasibility_tolerance: 1e-7,
        })
        if (answer.Status !== 'Optimal') return undefined
        picks = all.filter((c) => answer.Columns[X(c)]!.Primal > 0.5).sort((a, b) => a.rider - b.rider)
        const value = [...objective].reduce((s, [name, k]) => s + k * (answer.Columns[name]?.Primal ?? 0), 0)
        if (level === 'marginMm') {
          const margin = -value
          found[level] = margin > NO_NEIGHBOUR_MM - 1 ? Infinity : margin < 1 - BIG ? -Infinity : margin
          fixed.push(`margin >= ${margin - 1e-4}`)
        } else {
          found[level] = Math.round(value)
          if (text !== '') fixed.push(`${text} <= ${Math.round(value) + 0.5}`)
        }
      }
      found.wishesBroken = (found.wishesBroken ?? 0) + problem.wishesBroken
      return { levels: found as Record<Level, number>, picks }
    },
  }
}

/** Slots of one row, left to right. */
function slotsOf({ places, candidates }: CarProblem): readonly Slot[] {
  const byMask = new Map<number, Candidate[]>()
  for (const c of candidates.flat()) byMask.set(c.mask, [...(byMask.get(c.mask) ?? []), c])
  return [...byMask].map(([mask, list]) => {
    const here = placesIn(list[0]!).map((p) => places[p]!)
    const bodies = new Map<Body, Candidate[]>()
    for (const c of list) bodies.set(c.body, [...(bodies.get(c.body) ?? []), c])
    const turns = here.map((p) => p.turn)
    return {
      mask,
      places: here,
      centreMm: here.some((p) => p.centreMm === undefined)
        ? undefined
        : here.reduce((s, p) => s + p.centreMm!, 0) / here.length,
      from: Math.min(...turns),
      to: Math.max(...turns),
      row: here[0]!.row,
      bodies,
    }
  })
}

function sideBySide(
  problem: CarProblem,
  m: Model,
  X: (c: Candidate) => string,
  factVar: (key: string) => string,
): void {
  m.free('margin', -BIG, NO_NEIGHBOUR_MM)
  const slots = slotsOf(problem)
  const { vehicle } = problem
  for (const row of new Set(slots.map((s) => s.row))) {
    const here = slots.filter((s) => s.row === row)
    const isOn = (s: Slot) => [...s.bodies.values()].flat().map((c) => [1, X(c)] as const)
    const open = here.filter((s) => s.centreMm === undefined)
    if (open.length > 0) {
      // Somebody on a place that nobody measured, and anybody beside: nothing is known of the row.
      for (const s of here)
        for (const t of here) {
          if ((s.mask & t.mask) !== 0 || (s.centreMm !== undefined && t.centreMm !== undefined)) continue
          m.add(
            [
              [1, 'margin'],
              ...isOn(s).map(([, v]) => [2 * BIG, v] as const),
              ...isOn(t).map(([, v]) => [2 * BIG, v] as const),
            ],
            '<=',
            4 * BIG - BIG,
          )
          for (const p of [...s.places, ...t.places])
            if (p.centreMm === undefined) {
              const f = factVar(`position.lateralCentreMm ${vehicle.id} ${p.position.id}`)
              m.add(
                [[1, f], ...isOn(s).map(([k, v]) => [-k, v] as const), ...isOn(t).map(([k, v]) => [-k, v] as const)],
                '>=',
                -1,
              )
            }
        }
      continue
    }
    const z = m.binary(`z${row}`)
    const y = (s: Slot, kind: 'c' | 'p' | 'm') => `y${kind}${s.mask}`
    for (const s of here)
      for (const kind of ['c', 'p', 'm'] as const) {
        m.free(y(s, kind), -1500, 1500)
        // Within the play of whatever stands there.
        const play = [...s.bodies].flatMap(([body, list]) => list.map((c) => [body.playMm, X(c)] as const))
        m.add([[1, y(s, kind)], ...play.map(([k, v]) => [-k, v] as const)], '<=', s.centreMm!)
        m.add([[1, y(s, kind)], ...play], '>=', s.centreMm!)
      }
    // Door trim.
    for (const s of here) {
      const left = s.places.reduce((a, b) => (a.turn < b.turn ? a : b)).trimLeftMm
      const right = s.places.reduce((a, b) => (a.turn < b.turn ? a : b)).trimRightMm
      for (const [body, list] of s.bodies) {
        const on = list.map((c) => [-BIG, X(c)] as const)
        if (left !== undefined) {
          const reach = furthestMm(body.profile, 'left')
          m.add([[1, y(s, 'p')], ...on], '>=', reach.lo - left - BIG)
          m.add([[1, y(s, 'c')], ...on, [-BIG, z]], '>=', reach.hi - left - 2 * BIG)
          openAt(body, reach, list)
        }
        if (right !== undefined) {
          const reach = furthestMm(body.profile, 'right')
          m.add([[1, y(s, 'p')], ...on.map(([k, v]) => [-k, v] as const)], '<=', right - reach.lo + BIG)
          m.add([[1, y(s, 'c')], ...on.map(([k, v]) => [-k, v] as const), [BIG, z]], '<=', right - reach.hi + 2 * BIG)
          openAt(body, reach, list)
        }
      }
    }
    /** Where the row is not certain, what leaves this one open is asked. */
    function openAt(
      body: Body,
      span: Span,
      list: readonly Candidate[],
      beside: readonly Candidate[] | undefined = undefined,
      more: readonly (readonly [number, string])[] = [],
      right = beside === undefined ? 0 : -1,
    ): void {
      if (span.lo >= span.hi) return
      for (const f of body.openFacts)
        m.add(
          [
            [1, factVar(f.key)],
            [1, z],
            ...list.map((c) => [-1, X(c)] as const),
            ...(beside ?? []).map((c) => [-1, X(c)] as const),
            ...more,
          ],
          '>=',
          right,
        )
    }
    for (const s of here)
      for (const t of here) {
        if ((s.mask & t.mask) !== 0 || s.from >= t.from) continue
        const between = here.filter((b) => (b.mask & (s.mask | t.mask)) === 0 && b.from > s.from && b.from < t.from)
        for (const [a, listA] of s.bodies)
          for (const [b, listB] of t.bodies) {
            const buckle = (list: readonly Place[], side: string) =>
              list.some(({ position: p }) =>
                p.side === 'centre' ? (p.belt?.buckleSide ?? side) === side : p.side !== side,
              )
            const needsHand = (a.needsHand && buckle(s.places, 'right')) || (b.needsHand && buckle(t.places, 'left'))
            const both = [...listA, ...listB].map((c) => [-BIG, X(c)] as const)
            const empty = between.flatMap((e) => [...e.bodies.values()].flat()).map((c) => [BIG, X(c)] as const)
            const ask = (needed: Span, unless: readonly (readonly [number, string])[]): void => {
              m.add([[1, y(t, 'p')], [-1, y(s, 'p')], ...both, ...unless], '>=', needed.lo - 2 * BIG)
              m.add(
                [[1, y(t, 'c')], [-1, y(s, 'c')], ...both, ...unless, [-BIG, z]],
                '>=',
                Math.min(needed.hi, BIG / 2) - 3 * BIG,
              )
              m.add(
                [[1, y(t, 'm')], [-1, y(s, 'm')], [-1, 'margin'], ...both, ...unless],
                '>=',
                Math.min(needed.hi, BIG / 2) - 2 * BIG,
              )
            }
            const plain = neededApartMm(a.profile, b.profile, 0)
            ask(plain, [])
            if (needsHand) ask(neededApartMm(a.profile, b.profile, HAND_MM), empty)
            const among = between.flatMap((e) => [...e.bodies.values()].flat())
            const hand = neededApartMm(a.profile, b.profile, HAND_MM)
            for (const [body, list, other] of [
              [a, listA, listB],
              [b, listB, listA],
            ] as const) {
              if (!needsHand) openAt(body, plain, list, other)
              else {
                // Next to one another with room for a hand; with somebody between without.
                openAt(
                  body,
                  hand,
                  list,
                  other,
                  among.map((c) => [1, X(c)] as const),
                )
                for (const c of among) openAt(body, plain, list, other, [[-1, X(c)]], -2)
              }
            }
          }
      }
  }
}

/** Fore and aft: one travel a front seat, level where a shell stands behind two. */
function fore(problem: CarProblem, m: Model, X: (c: Candidate) => string, factVar: (key: string) => string): void {
  const all = problem.candidates.flat()
  const asking = all.filter((c) => c.travel.length > 0)
  const seats = [...new Set(asking.flatMap((c) => c.travel.map((t) => t.seat)))]
  for (const seat of seats) {
    for (const kind of ['c', 'p']) m.free(`t${kind}${seat}`, 0, BIG)
    m.binary(`w${seat}`)
  }
  const sitters = (seat: number) => all.filter((c) => placesIn(c).includes(seat))
  for (const c of asking) {
    for (const t of c.travel) {
      const x = X(c)
      if (t.openFact !== undefined) {
        const f = factVar(t.openFact.key)
        if (c.travel.length > 1)
          m.add(
            [
              [1, f],
              [-1, x],
            ],
            '>=',
            0,
          )
        for (const s of sitters(t.seat))
          if (s.onFrontSeat === 'restraint' || (s.onFrontSeat === 'person' && s.seatForwardMm !== undefined))
            m.add(
              [
                [1, f],
                [-1, x],
                [-1, X(s)],
              ],
              '>=',
              -1,
            )
        continue
      }
      const limit = (kind: 'c' | 'p', lo: number, hi: number, also: readonly string[]): void => {
        const relax = (sign: 1 | -1) => [
          ...[x, ...also].map((v) => [-sign * BIG, v] as const),
          ...(kind === 'c' ? [[-sign * BIG, `w${t.seat}`] as const] : []),
        ]
        const n = (1 + also.length + (kind === 'c' ? 1 : 0)) * BIG
        m.add([[1, `t${kind}${t.seat}`], ...relax(1)], '>=', lo - n)
        if (Number.isFinite(hi)) m.add([[1, `t${kind}${t.seat}`], ...relax(-1)], '<=', hi + n)
      }
      limit('c', t.certain.lo, t.certain.hi, [])
      limit('p', t.possible.lo, t.possible.hi, [])
      for (const s of sitters(t.seat)) {
        if (s.onFrontSeat === 'restraint') {
          limit('c', 0, 0, [X(s)])
          limit('p', 0, 0, [X(s)])
        } else if (s.onFrontSeat === 'driver') {
          limit('c', 0, t.driverMm?.lo ?? 0, [X(s)])
          limit('p', 0, t.driverMm?.hi ?? Infinity, [X(s)])
        } else if (s.seatForwardMm !== undefined) {
          limit('c', 0, s.seatForwardMm, [X(s)])
          limit('p', 0, s.seatForwardMm, [X(s)])
        } else {
          limit('c', 0, t.driverMm?.lo ?? 0, [X(s)])
        }
      }
      // Not certain: what was measured for this place is not near enough.
      m.add(
        [
          [1, factVar(`position.frontClearanceMm ${problem.vehicle.id} ${problem.places[c.place]!.position.id}`)],
          [1, `w${t.seat}`],
          [-1, x],
        ],
        '>=',
        0,
      )
    }
    // Level backs.
    const [first, ...others] = c.travel
    for (const other of others) {
      if (other.openFact !== undefined) continue
      for (const kind of ['c', 'p']) {
        const [a, b] = [`t${kind}${first!.seat}`, `t${kind}${other.seat}`]
        m.add(
          [
            [1, a],
            [-1, b],
            [BIG, X(c)],
          ],
          '<=',
          BIG,
        )
        m.add(
          [
            [1, b],
            [-1, a],
            [BIG, X(c)],
          ],
          '<=',
          BIG,
        )
      }
      m.add(
        [
          [1, `w${first!.seat}`],
          [-1, `w${other.seat}`],
          [1, X(c)],
        ],
        '<=',
        1,
      )
      m.add(
        [
          [1, `w${other.seat}`],
          [-1, `w${first!.seat}`],
          [1, X(c)],
        ],
        '<=',
        1,
      )
    }
  }
}

/** Order of hands: everybody has a way in past what lets them by. */
function handsIn(problem: CarProblem, m: Model, X: (c: Candidate) => string, factVar: (key: string) => string): void {
  const { places, riders } = problem
  const all = problem.candidates.flat()
  interface Way {
    readonly past: readonly number[]
    readonly isLook: boolean
  }
  const waysTo = (p: number, seen: readonly number[]): readonly Way[] => {
    const { reached } = places[p]!
    if (reached === 'door') return [{ past: [], isLook: false }]
    if (reached === 'unknown') return [{ past: [], isLook: true }]
    return reached
      .filter((q) => !seen.includes(q))
      .flatMap((q) => waysTo(q, [...seen, q]).map((w) => ({ past: [q, ...w.past], isLook: w.isLook })))
  }
  let count = 0
  for (const c of all) {
    if (riders[c.rider]!.kind === 'driver') continue
    const ways = placesIn(c).flatMap((p) => waysTo(p, [p]))
    if (ways.some((w) => w.past.length === 0 && !w.isLook)) continue
    const isPerson = c.unitClass === undefined
    const ways2 = ways.map((w) => {
      const can = m.binary(`v${count}`)
      const sure = m.binary(`s${count}`)
      count += 1
      for (const q of w.past)
        for (const o of all) {
          if (!placesIn(o).includes(q) || o.rider === c.rider || o.unitClass === undefined) continue
          const passable = isPerson ? (o.isAdultPassable ? 'yes' : 'no') : o.passable
          if (passable === 'no')
            m.add(
              [
                [1, can],
                [1, X(o)],
              ],
              '<=',
              1,
            )
          if (passable !== 'yes')
            m.add(
              [
                [1, sure],
                [1, X(o)],
              ],
              '<=',
              1,
            )
        }
      if (w.isLook) m.add([[1, sure]], '<=', 0)
      return { can, sure }
    })
    m.add([[1, X(c)], ...ways2.map((w) => [-1, w.can] as const)], '<=', 0)
    m.add(
      [[1, factVar(`loading.past ${riders[c.rider]!.id}`)], [-1, X(c)], ...ways2.map((w) => [1, w.sure] as const)],
      '>=',
      0,
    )
  }
}
