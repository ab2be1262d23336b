import { Sequence } from '../ground/index.ts'
import { buildCase, buildMode, buildRoute, FORWARD, TETHER_ROUTE, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { CASE_TEXT_BYTES, caseText, roadAhead, settingsToRemember, utf8Length } from '../index.ts'

describe('settings to remember', () => {
  const drawnOf = (c: Parameters<typeof settingsToRemember>[0], name: string) =>
    settingsToRemember(c).find((r) => r.name === name)?.drawing?.says
  const good = withEverythingGood(buildCase())
  test('slot, recline and notch are drawn where they are', () => {
    const notch = good.settings.legNotch!.value
    expect(drawnOf(good, 'Support leg')).toContain(`notch ${notch} of 19`)
    expect(drawnOf(good, 'Recline')).toContain('24°')
    expect(drawnOf(good, 'Shoulder straps')).toContain('slot 3 of 5')
  })
  test.each([
    ['left', undefined, 'on the left, the door side'],
    ['left', 'right', 'on the right, the door side'],
    ['left', 'both', 'on the left, the door side'],
    ['centre', undefined, undefined],
  ] as const)('pod at a place on the %s with its door on %s: %s', (side, doorSide, pod) => {
    const c = buildCase({ mode: { sidePod: true }, position: { side, ...(doorSide && { doorSide }) } })
    const says = drawnOf(c, 'Side pod')
    if (pod === undefined) expect(says).toBeUndefined()
    else expect(says).toContain(pod)
  })
  test('a stepless guide is drawn at its height', () => {
    const mode = buildMode({
      heldBy: 'vehicle-belt',
      shape: 'booster-seat',
      strap: undefined,
      beltGuideMm: { fromMm: 400, toMm: 600 },
    })
    const c = buildCase({ mode, settings: { strapHeightMm: { value: 450, at: Sequence(2) } } })
    expect(drawnOf(c, 'Belt guide')).toContain('450 mm')
  })
  test('the tether goes as the maker says', () => {
    const route = { ...TETHER_ROUTE, topTether: { use: 'required' as const, headRestraintPath: 'under' as const } }
    expect(drawnOf(buildCase({ mode: FORWARD, route }), 'Top tether')).toContain('under the head restraint')
  })
  test('before everything is chosen nothing is drawn, and nothing lost', () => {
    const { choice: _none, ...rest } = good
    const open = { ...rest, choice: { ...good.choice, positionId: undefined } } as typeof good
    const rows = settingsToRemember(open)
    expect(rows.length).toBeGreaterThan(0)
    expect(rows.filter((r) => r.drawing)).toEqual([])
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
