import { FittingId, IsoDate } from '@nimble-anchor/core/ground'
import { buildCase, buildMode, byMass } from '@nimble-anchor/core/testing'
import { bandPoints, centileLines, limitLines, readingPoints } from './curves.ts'

test('five lines a sex, rising, between two ages', () => {
  const lines = centileLines('statureCm', ['female', 'male'], 12, 36)
  expect(lines.map((l) => [l.sex, l.centile])).toHaveLength(10)
  for (const { points } of lines) {
    expect(points[0]?.x).toBe(12)
    expect(points.at(-1)?.x).toBe(36)
  }
  const at24 = lines.slice(0, 5).map((l) => l.points.find((p) => p.x === 24)!.y)
  expect(at24).toEqual(at24.toSorted((a, b) => a - b))
})

test('where the tables end the lines end', () => {
  expect(centileLines('massKg', ['male'], 140, 150)[0]!.points.at(-1)?.x).toBe(144)
})

test('the forecast stands at the age it is for, and not much beyond what is shown', () => {
  const bands = [0, 3, 6, 9].map((month) => ({ month, p10: month, p50: month + 1, p90: month + 2 }))
  expect(bandPoints(bands, 16, 20, 'p50')).toEqual([
    { x: 16, y: 1 },
    { x: 19, y: 4 },
    { x: 22, y: 7 },
  ])
})

test('readings stand at the child’s age on their day; those before birth or of another measure are left out', () => {
  const c = buildCase({ child: { dateOfBirth: IsoDate('2025-11-25') } })
  const readings = [
    { fittingId: FittingId('a'), on: IsoDate('2026-05-25'), massKg: { lo: 7, hi: 7.2 } },
    { fittingId: FittingId('b'), on: IsoDate('2025-01-01'), massKg: { lo: 7, hi: 7.2 } },
    { fittingId: FittingId('c'), on: IsoDate('2026-11-25'), statureCm: { lo: 74, hi: 75 } },
  ]
  const points = readingPoints(c, readings, 'massKg')
  expect(points).toHaveLength(1)
  expect(points[0]!.x).toBeCloseTo(5.95, 1)
})

test('limits of a mode: its own, or its group’s', () => {
  expect(limitLines(buildMode(), 'statureCm').map((l) => l.text)).toEqual(['from 61 cm', 'to 105 cm'])
  expect(limitLines(buildMode(byMass(['I'])), 'massKg').map((l) => l.y)).toEqual([9, 18])
  expect(limitLines(buildMode(byMass(['I'])), 'statureCm')).toEqual([])
  expect(limitLines(undefined, 'massKg')).toEqual([])
})
