import { buildCase, buildMode, buildRoute, FORWARD, TETHER_ROUTE, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import {
  CASE_TEXT_BYTES,
  caseText,
  figureParts,
  roadAhead,
  settingsToRemember,
  utf8Length,
  type Figure,
} from '../index.ts'

const FIGURES: readonly Figure[] = [
  { kind: 'recline', fromVerticalDeg: 0, direction: 'rearward' },
  { kind: 'recline', fromVerticalDeg: 45, direction: 'rearward' },
  { kind: 'recline', fromVerticalDeg: 25, direction: 'forward' },
  { kind: 'slots', count: 1, at: 0 },
  { kind: 'slots', count: 8, at: 7 },
  { kind: 'slots', count: 5, at: -1 },
  { kind: 'height', share: -1 },
  { kind: 'height', share: 2 },
  { kind: 'leg', share: 0 },
  { kind: 'leg', share: 1 },
  ...(['over', 'under', 'round-both-sides', 'free'] as const).map((path) => ({ kind: 'tether', path }) as const),
  { kind: 'handle' },
  { kind: 'pod', side: 'left' },
  { kind: 'pod', side: 'right' },
]
test.each(FIGURES)('drawing %j stays on its field and marks what is set', (figure) => {
  const parts = figureParts(figure)
  for (const { d } of parts) for (const x of d.match(/-?[\d.]+/g) ?? []) {
    expect(Number(x)).toBeGreaterThanOrEqual(0)
    expect(Number(x)).toBeLessThanOrEqual(48)
  } // prettier-ignore
  // A height that is no slot is not drawn at one.
  const isUnmarked = figure.kind === 'slots' && figure.at < 0
  expect(parts.some((p) => p.look === 'mark')).toBe(!isUnmarked)
})

describe('settings to remember', () => {
  const figureOf = (c: Parameters<typeof settingsToRemember>[0], name: string) =>
    settingsToRemember(c).find((r) => r.name === name)?.figure
  const good = withEverythingGood(buildCase())
  test('slot, recline and notch are drawn where they are', () => {
    const notch = good.settings.legNotch!.value
    expect(figureOf(good, 'Support leg')).toEqual({ kind: 'leg', share: (notch - 1) / 18 })
    expect(figureOf(good, 'Recline')).toMatchObject({ kind: 'recline', fromVerticalDeg: 36 })
    expect(figureOf(good, 'Shoulder straps')).toEqual({ kind: 'slots', count: 5, at: 2 })
  })
  test.each([
    ['left', undefined, 'left'],
    ['left', 'right', 'right'],
    ['left', 'both', 'left'],
    ['centre', undefined, undefined],
  ] as const)('pod at a place on the %s with its door on %s: %s', (side, doorSide, pod) => {
    const c = buildCase({ mode: { sidePod: true }, position: { side, ...(doorSide && { doorSide }) } })
    expect(figureOf(c, 'Side pod')).toEqual(pod && { kind: 'pod', side: pod })
  })
  test('a stepless guide is drawn as its share of the way', () => {
    const mode = buildMode({
      heldBy: 'vehicle-belt',
      shape: 'booster-seat',
      strap: undefined,
      beltGuideMm: { fromMm: 400, toMm: 600 },
    })
    const c = buildCase({ mode, settings: { strapHeightMm: { value: 450, at: 2 } } })
    expect(figureOf(c, 'Belt guide')).toEqual({ kind: 'height', share: 0.25 })
  })
  test('the tether goes as the maker says', () => {
    const route = { ...TETHER_ROUTE, topTether: { use: 'required' as const, headRestraintPath: 'under' as const } }
    expect(figureOf(buildCase({ mode: FORWARD, route }), 'Top tether')).toEqual({ kind: 'tether', path: 'under' })
  })
})

describe('the case in plain text', () => {
  test.each(Object.entries(CONFIGURATIONS))('%s: short enough for a code, and names nobody', (_, c) => {
    const text = caseText({ ...c, child: { ...c.child, name: 'Xanthe', familyName: 'Quillon' } }, roadAhead(c, 100))
    expect(utf8Length(text)).toBeLessThanOrEqual(CASE_TEXT_BYTES)
    expect(text).not.toMatch(/Xanthe|Quillon/)
    expect(text).toContain('Manual, handbook and local law decide')
  })
  test('says what it is, how it is set, what to look at and what is due', () => {
    const c = withEverythingGood(buildCase({ route: buildRoute() }))
    const text = caseText(c, roadAhead(c, 100))
    expect(text).toContain('Ready to travel')
    expect(text).toContain('not signed')
    expect(text).toContain('Corran Plover, Rear left')
    expect(text).toMatch(/Support leg: notch \d+/)
    expect(text).toContain('- The leg stands flat on the bare floor')
    expect(text).toMatch(/Due:\n- /)
  })
  test('too long: lines go from the end, and no title stands alone', () => {
    const c = withEverythingGood(buildCase())
    const item = roadAhead(c, 100)[0]!
    const text = caseText(
      c,
      Array.from({ length: 60 }, (_, i) => ({ ...item, title: `Something far ahead number ${i}` })),
    )
    expect(utf8Length(text)).toBeLessThanOrEqual(CASE_TEXT_BYTES)
    expect(text).toContain('number 0')
    expect(text).not.toContain('number 59')
    expect(text).not.toMatch(/:\n\n/)
  })
  test.each([['a', 1], ['é', 2], ['–', 3], ['🙂', 4]])('%s is %s bytes', (ch, n) => {
    expect(utf8Length(ch)).toBe(n)
    expect(Buffer.byteLength(ch)).toBe(n)
  }) // prettier-ignore
})
