import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import {
  BEHAVIOURS,
  INSTRUMENTS,
  Settler,
  settleText,
  standIn,
  type Behaviour,
  type InstrumentKind,
  type SettleState,
} from '../index.ts'

interface Recording {
  readonly instrument: InstrumentKind
  readonly truth: number
  readonly samples: readonly (readonly [tMs: number, value: number])[]
}
const STREAMS = join(__dirname, '../../test/streams')
const recording = (name: string): Recording =>
  JSON.parse(readFileSync(join(STREAMS, `${name}.json`), 'utf8')) as Recording

interface Played {
  readonly settled: (Extract<SettleState, { kind: 'settled' }> & { readonly tMs: number }) | undefined
  readonly seen: ReadonlySet<SettleState['kind']>
}
function play({ instrument, samples }: Recording): Played {
  const settler = new Settler(INSTRUMENTS[instrument])
  const seen = new Set<SettleState['kind']>()
  for (const [tMs, value] of samples) {
    const state = settler.push({ tMs, value })
    seen.add(state.kind)
    if (state.kind === 'settled') return { settled: { ...state, tMs }, seen }
  }
  return { settled: undefined, seen }
}

describe('recorded streams that come to rest', () => {
  test.each([
    ['scale-still', 0.04],
    ['scale-wriggles-then-sleeps', 0.05],
    ['gauge-foot-slips', 0.5],
    ['inclinometer-held-flat', 0.5],
  ])('%s: the truth lies within the ± that it claims, and that is at most %s', (name, widest) => {
    const stream = recording(name)
    const { settled } = play(stream)
    if (!settled) throw new Error(`${name} does not settle`)
    expect(Math.abs(settled.value - stream.truth)).toBeLessThanOrEqual(settled.plusMinus)
    expect(settled.plusMinus).toBeGreaterThanOrEqual(INSTRUMENTS[stream.instrument].accuracy)
    expect(settled.plusMinus).toBeLessThanOrEqual(widest)
  })
  test('not while the child kicks, and not before the reading has been watched', () => {
    expect(play(recording('scale-wriggles-then-sleeps')).settled?.tMs).toBeGreaterThan(8000)
    expect(play(recording('scale-still')).settled?.tMs).toBeGreaterThan(INSTRUMENTS.scale.windowMs)
  })
})

describe('recorded streams that must never settle', () => {
  test.each([
    ['scale-kicks-throughout', 'restless'],
    ['scale-rocks-slowly', 'restless'],
    ['scale-parent-leans', 'drifting'],
    ['scale-loose-plug', 'waiting'],
    ['scale-nothing-on-it', 'empty'],
    ['inclinometer-engine-idles', 'restless'],
    ['strap-gauge-strap-creeps', 'drifting'],
  ] as const)('%s: %s', (name, kind) => {
    const { settled, seen } = play(recording(name))
    expect(settled).toBeUndefined()
    expect(seen).toContain(kind)
  })
  test('every recording is held to one of the two', () => {
    const named = readFileSync(__filename, 'utf8')
    for (const file of readdirSync(STREAMS)) expect(named).toContain(`'${file.replace('.json', '')}'`)
  })
})

describe('both sides of a limit', () => {
  const spec = { ...INSTRUMENTS.inclinometer, resolution: 0.001, accuracy: 0.1 }
  const kinds = (value: (i: number) => number, count = 60): Set<string> => {
    const settler = new Settler(spec)
    return new Set(Array.from({ length: count }, (_, i) => settler.push({ tMs: (i + 1) * 100, value: value(i) }).kind))
  }
  test.each([
    // The window is 2 s: 0.2 °/s is 0.4°, the limit.
    [0.019, true],
    [0.021, false],
  ])('a drift of %s° each tenth of a second settles: %s', (step, settles) => {
    expect(kinds((i) => 10 + i * step).has('settled')).toBe(settles)
  })
  test.each([
    // Half of the readings on each side: the robust deviation is 1.4826 times the half step.
    [0.26, true],
    [0.28, false],
  ])('readings that jump by ± %s° settle: %s', (half, settles) => {
    expect(kinds((i) => 10 + (i % 2 === 0 ? half : -half)).has('settled')).toBe(settles)
  })
  test('samples out of order, doubled or without a number are left out', () => {
    const settler = new Settler(spec)
    settler.push({ tMs: 500, value: 10 })
    expect(settler.push({ tMs: 500, value: 99 }).kind).toBe('waiting')
    expect(settler.push({ tMs: 400, value: 99 }).kind).toBe('waiting')
    expect(settler.push({ tMs: 600, value: Number.NaN }).kind).toBe('waiting')
  })
  test('a single jerk does not move the value', () => {
    const settler = new Settler(spec)
    let state: SettleState = settler.state
    for (let i = 1; i <= 40; i += 1) state = settler.push({ tMs: i * 100, value: i === 30 ? 25 : 10 + (i % 3) * 0.01 })
    expect(state).toMatchObject({ kind: 'settled' })
    if (state.kind === 'settled') expect(state.value).toBeCloseTo(10.01, 2)
  })
})

describe('the stand-ins', () => {
  const TRUTH: Record<InstrumentKind, number> = {
    scale: 10.4,
    'height-gauge': 79.3,
    inclinometer: 12,
    'strap-gauge': 9,
  }
  function run(kind: InstrumentKind, behaviour: Behaviour, seed: number, seconds: number) {
    const spec = INSTRUMENTS[kind]
    const settler = new Settler(spec)
    const instrument = standIn(spec, { value: TRUTH[kind], behaviour }, seed)
    for (let t = 0; t < seconds * 1000; t += spec.sampleMs) {
      const sample = instrument.next()
      if (!sample) continue
      const state = settler.push(sample)
      if (state.kind === 'settled') return state
    }
    return undefined
  }
  const kinds = Object.keys(INSTRUMENTS) as InstrumentKind[]
  test.each(kinds)('%s: lying still it settles within 12 s, the truth inside its ± for every seed tried', (kind) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const state = run(kind, 'calm', seed, 12)
        expect(state).toBeDefined()
        expect(Math.abs((state?.value ?? 0) - TRUTH[kind])).toBeLessThanOrEqual(
          (state?.plusMinus ?? 0) + INSTRUMENTS[kind].resolution / 2,
        )
      }),
      { numRuns: 40 },
    )
  })
  test.each(
    kinds.flatMap((kind) =>
      (['restless', 'drifting', 'drops-out'] as const).map((behaviour) => [kind, behaviour] as const),
    ),
  )('%s, %s: never settles in 30 s', (kind, behaviour) => {
    for (let seed = 1; seed <= 8; seed += 1) expect(run(kind, behaviour, seed, 30)).toBeUndefined()
  })
  test('wriggling first, it settles after that', () => {
    for (let seed = 1; seed <= 10; seed += 1) expect(run('scale', 'wriggles-then-calm', seed, 20)).toBeDefined()
  })
  test('the same seed is the same stream', () => {
    const stream = (seed: number) => {
      const s = standIn(INSTRUMENTS.scale, { value: 9, behaviour: 'wriggles-then-calm' }, seed)
      return Array.from({ length: 50 }, () => s.next()?.value)
    }
    expect(stream(7)).toEqual(stream(7))
    expect(stream(7)).not.toEqual(stream(8))
  })
})

test('every state has its words, and none of them names a value that is not there', () => {
  const states: SettleState[] = [
    { kind: 'waiting' },
    { kind: 'empty' },
    { kind: 'drifting', perS: 0.1 },
    { kind: 'drifting', perS: -0.1 },
    { kind: 'restless', spread: 1 },
    { kind: 'coming-to-rest' },
    { kind: 'settled', value: 1, plusMinus: 0.1 },
  ]
  const texts = states.map((s) => settleText(s, INSTRUMENTS.scale))
  expect(new Set(texts).size).toBe(states.length)
  expect(Object.keys(BEHAVIOURS)).toHaveLength(5)
})
