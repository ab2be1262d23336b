import { IsoDate } from '@nimble-anchor/core/ground'
import type { DayView, DemoView, LogbookCharts, LogbookPage } from '@nimble-anchor/core/formats'
import { assess } from '@nimble-anchor/core/verdict'
import { DemoService } from '../src/demo/demo.service'
import { comings, saturdays, SEASON_FITTINGS } from '../src/work/season/season'
import { DueService } from '../src/records/due.service'
import { Database } from '../src/storage/database'
import { start, TODAY, type Running } from './harness'

/** So much of the season is enough to see that it is one. */
const SEASON = 14

const body = <T>(response: { body: unknown }): T => response.body as T
const filled = (na: Running): Promise<void> => na.app.get(DemoService).filled()
const view = async (na: Running): Promise<DemoView> => body<DemoView>(await na.get('/api/demo').expect(200))
const count = async (na: Running, table: string): Promise<number> => {
  const [{ n }] = (await na.app.get(Database).read.query(`SELECT count(*) AS "n" FROM "${table}"`)) as [{ n: number }]
  return n
}

describe('a Saturday in full swing', () => {
  let na: Running
  let day: DayView
  beforeAll(async () => {
    na = await start({ season: SEASON })
    await na.post('/api/demo').expect(200)
    day = body<DayView>(await na.get('/api/day').expect(200))
  }, 60_000)
  afterAll(() => na.end())

  test('eleven families are in the queue, each open fitting at another point', async () => {
    const at = async (childId: string) => {
      const visit = day.visits.find((v) => v.childId === childId)
      if (!visit?.fitting) return undefined
      const { case: c } = body<{ case: Parameters<typeof assess>[0] }>(
        await na.get(`/api/fittings/${visit.fitting.id}`),
      )
      const { verdict, stale, measureNext } = assess(c)
      return { verdict, stale: stale.length > 0, next: measureNext.length }
    }
    expect(day.visits).toHaveLength(11)
    expect(await at('perrin-hale')).toEqual({ verdict: 'ready', stale: false, next: 0 })
    expect(await at('tamsin-hale')).toMatchObject({ verdict: 'undecided', stale: true })
    expect(await at('ada-strand')).toMatchObject({ verdict: 'not-ready' })
    expect(await at('wren-oxley')).toEqual({ verdict: 'undecided', stale: false, next: 1 })
    expect(await at('osric-penn')).toMatchObject({ verdict: 'not-permitted' })
    expect(await at('col-strand')).toMatchObject({ verdict: 'not-ready' })
    expect(await at('mabe-strand')).toBeUndefined()
  })

  test('jobs wait: one on its way, one whose checks are to be made', () => {
    expect(day.jobs.map((j) => [j.unitId, j.kind, j.state])).toEqual([
      ['u-clove-1', 'sticky-buckle', 'checks'],
      ['u-sennit-1', 'convert', 'steps'],
    ])
  })

  test('the season comes after: signed under the days they were made on, numbered before the day’s', async () => {
    await filled(na)
    expect(await view(na)).toMatchObject({ state: 'here', stored: SEASON, total: SEASON, yours: 0 })
    const page = body<LogbookPage>(await na.get('/api/logbook?limit=100').expect(200))
    const today = page.rows.filter((r) => r.number > SEASON_FITTINGS)
    const before = page.rows.filter((r) => r.number <= SEASON_FITTINGS)
    expect(today).toHaveLength(7)
    expect(before).toHaveLength(SEASON)
    expect(before.every((r) => r.status === 'signed' && r.verdict === 'ready')).toBe(true)
    expect(before.every((r) => saturdays(TODAY).includes(IsoDate(r.createdAt.slice(0, 10))))).toBe(true)
    // In the order of their days: the running number is the order in a book.
    expect(before.map((r) => r.createdAt)).toEqual(
      before
        .map((r) => r.createdAt)
        .toSorted()
        .toReversed(),
    )
  })

  test('its charts have something to say', async () => {
    const charts = body<LogbookCharts>(await na.get('/api/logbook/charts').expect(200))
    expect(charts.failing.length).toBeGreaterThan(1)
    expect(charts.onArrival.withFault).toBeGreaterThan(0)
    expect(charts.minutes.map((m) => m.stage).toSorted()).toEqual(
      ['attach', 'child-in', 'choose', 'hand-over', 'measure', 'place', 'set-up'],
    ) // prettier-ignore
  })

  test('what is due is worked out when somebody asks, of the newest fitting of each child', async () => {
    await na.app.get(DueService).workOut()
    const after = body<DayView>(await na.get('/api/day').expect(200))
    expect(after.dueWaiting).toBe(0)
    const known = await count(na, 'due')
    expect(known).toBeGreaterThan(SEASON / 4)
    const twice = (await na.app.get(Database).read.query(`SELECT f."childId" FROM "due" d JOIN "fitting" f ON f."id" = d."fittingId" GROUP BY 1 HAVING count(DISTINCT f."id") > 1`)) as unknown[] // prettier-ignore
    expect(twice).toEqual([])
  })

  test('carers have looked again', async () => {
    const kinds = (await na.app.get(Database).read.query(`SELECT "kind" FROM "recheck" ORDER BY "kind"`)) as { kind: string }[] // prettier-ignore
    expect(kinds.map((k) => k.kind)).toEqual(['fail', 'pass', 'undecided'])
  })

  test('it is for an empty folder alone', async () => {
    const { message } = body<{ message: string }>(await na.post('/api/demo').expect(409))
    expect(message).toBe('The demo goes into an empty folder only; here there is data already.')
  })
})

test('a season that was broken off goes on with the next start, and nothing of it comes twice', async () => {
  let na = await start({ season: SEASON })
  await na.post('/api/demo').expect(200)
  na = await na.restart()
  const halfway = await view(na)
  expect(halfway).toMatchObject({ state: 'filling', total: SEASON })
  expect(halfway.stored).toBeLessThan(SEASON)
  na.app.get(DemoService).resume()
  await filled(na)
  expect((await view(na)).stored).toBe(SEASON)
  expect(await count(na, 'fitting')).toBe(SEASON + 7)
  await na.end()
}, 60_000)

test('two devices press at once: one fills, the other is told; removed twice, the second finds nothing', async () => {
  const na = await start({ season: 2 })
  const both = await Promise.all([na.post('/api/demo'), na.post('/api/demo')])
  expect(both.map((r) => r.status).toSorted((a, b) => a - b)).toEqual([200, 409])
  await filled(na)
  expect(await count(na, 'fitting')).toBe(2 + 7)
  expect(await count(na, 'visit')).toBe(11)
  const gone = await Promise.all([na.delete('/api/demo'), na.delete('/api/demo')])
  expect(gone.map((r) => r.status).toSorted((a, b) => a - b)).toEqual([200, 409])
  expect(await count(na, 'fitting')).toBe(0)
  await na.end()
}, 60_000)

test('it goes in one press, and takes nothing with it that is not its own', async () => {
  const na = await start({ season: 6 })
  await na.post('/api/demo').expect(200)
  await filled(na)
  // Somebody's own: a child, its fitting in a car of the demo, a car made theirs, a unit of a demo model.
  const own = body<{ id: string; case: { child: { id: string } } }>(
    await na.post('/api/fittings', { newChild: { name: 'Own', familyName: 'Kept' }, vehicleId: 'corran-dunlin' }).expect(201), // prettier-ignore
  )
  await na.post('/api/fittings', { childId: 'ada-strand' }).expect(201)
  const catalogue = body<{ vehicles: { id: string }[]; units: { id: string }[] }>(await na.get('/api/catalogue'))
  const knot = catalogue.vehicles.find((v) => v.id === 'corran-knot')
  const unit = catalogue.units.find((u) => u.id === 'u-reef-1')
  await na.post('/api/catalogue/import', { format: 'nimble-anchor/catalogue', version: 2, vehicles: [{ ...knot, note: 'ours' }], units: [{ ...unit, id: 'u-own', serial: 'OWN-1' }] }).expect(200) // prettier-ignore
  expect((await view(na)).yours).toBe(1)

  const removed = body<{ fittings: number; children: number; kept: unknown }>(await na.delete('/api/demo').expect(200))
  expect(removed.fittings).toBe(6 + 7 + 1)
  expect(removed.kept).toEqual([
    { kind: 'models', id: 'hitchmark-reef', name: 'Hitchmark Reef' },
    { kind: 'vehicles', id: 'corran-knot', name: 'Corran Knot' },
  ])
  expect(await view(na)).toMatchObject({ state: 'none', stored: 0, yours: 0 })
  const left = body<{ vehicles: { id: string }[]; models: { id: string }[]; units: { id: string }[]; children: { id: string }[] }>(await na.get('/api/catalogue')) // prettier-ignore
  expect(left.vehicles.map((v) => v.id)).toEqual(['corran-knot'])
  expect(left.models.map((m) => m.id)).toEqual(['hitchmark-reef'])
  expect(left.units.map((u) => u.id)).toEqual(['u-own'])
  expect(left.children.map((c) => c.id)).toEqual([own.case.child.id])
  await na.get(`/api/fittings/${own.id}`).expect(200)
  for (const [table, n] of [
    ['fitting', 1],
    ['child', 1],
    ['family', 1],
    ['visit', 0],
    ['job', 0],
    ['recheck', 0],
    ['due', 0],
    ['due_waiting', 0],
    ['demo_record', 0],
    ['fitting_fault', 0],
    ['fitting_search', 1],
  ] as const)
    // prettier-ignore
    expect([table, await count(na, table)]).toEqual([table, n])
  expect(await count(na, 'erased')).toBe(14)
  await na.delete('/api/demo').expect(409)
  await na.end()
}, 60_000)

test.each(['2026-11-28', '2026-11-25', '2027-02-27', '2027-01-01'])('the Saturdays before %s', (today) => {
  const days = saturdays(IsoDate(today))
  expect(days.every((d) => new Date(`${d}T12:00:00Z`).getUTCDay() === 6)).toBe(true)
  expect(days.every((d) => d < today)).toBe(true)
  const all = comings({ today: IsoDate(today), children: [] })
  expect(all).toHaveLength(SEASON_FITTINGS)
  expect(all.map((c) => c.number)).toEqual(Array.from({ length: SEASON_FITTINGS }, (_, i) => i + 1))
})
