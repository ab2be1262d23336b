import { FittingId, IsoDate, Sequence, UnitId } from '../src/ground/index.ts'
import {
  applyPuts,
  assess,
  fittedSubject,
  goodReading,
  measured,
  type Case,
  type Changed,
  type CheckId,
  type Fault,
  type FittingView,
  type HistoryEntry,
  type JobView,
  type Put,
  type Stored,
} from '../src/index.ts'
import { buildCase, TODAY, withEverythingGood } from './build.ts'
import type { Answer, Request } from './memory-server.ts'

/** What a server is asked through, whichever it is. */
export interface Served {
  ask(request: Request): Promise<Answer>
  end(): Promise<void>
  /** A unit on which jobs may be begun. */
  readonly unitId: string
}
interface Refused {
  readonly message: string
  readonly faults?: readonly Fault[]
  readonly current?: FittingView
}

const WHO = 'Jory Quill'
const OTHER = 'Maren Hale'
const mass = (kg: number): Put => ({ path: ['child', 'massKg'], value: measured(kg, 0.1) })
const note = (text: string): Put => ({ path: ['child', 'note'], value: text })
const look = (id: CheckId, option: string, more: object = {}): Put => ({ path: ['readings', id], value: { option, ...more } }) // prettier-ignore
const MOVED: Put = { path: ['disturbances', 'base'], value: {} }
let ids = 0
const newId = (): string => `10000000-0000-4000-8000-${String(ids++).padStart(12, '0')}`

/**
 * What every server of fittings does, and says when it does not: the real one
 * over HTTP, and the one in memory that tests of the interface talk to.
 */
export function fittingContract(name: string, start: () => Promise<Served>): void {
  describe(`the contract of a server of fittings: ${name}`, () => {
    let server: Served
    beforeAll(async () => {
      server = await start()
    })
    afterAll(() => server.end())

    const ask = async <T>(request: Request, status: number): Promise<T> => {
      const answer = await server.ask(request)
      expect([answer.status, (answer.body as Partial<Refused>).message]).toEqual([status, status < 400 ? undefined : expect.any(String)]) // prettier-ignore
      return answer.body as T
    }
    const post = <T>(path: string, body: object, status = 200, isShort = false): Promise<T> =>
      ask<T>({ method: 'POST', path, body, isShort }, status)
    const bring = (c: Case = buildCase()): Promise<FittingView> => post<FittingView>('fittings/import', c, 201)
    const enter = (f: Pick<FittingView, 'id'>, baseSequence: number, puts: readonly Put[], over: object = {}, status = 200) =>
      post<FittingView & Refused>(`fittings/${f.id}/entries`, { baseSequence, who: WHO, puts, ...over }, status) // prettier-ignore
    const get = (id: string): Promise<FittingView> => ask<FittingView>({ method: 'GET', path: `fittings/${id}` }, 200)
    /** A fitting that is ready to travel, every entry of it made here. */
    const ready = async (): Promise<FittingView> => bring(withEverythingGood(buildCase()))

    test('a case file becomes an open fitting, and is given back as it came', async () => {
      const c = buildCase()
      const view = await bring(c)
      expect(view).toMatchObject({ status: 'open', sequence: Sequence(1), revises: null, elsewhere: false, holderId: null, case: c }) // prettier-ignore
      expect(await get(view.id)).toEqual(view)
    })
    test.each([
      [{ today: '2126-01-01' }, '$.today'],
      [{ child: {} }, '$.child.id'],
      [{ version: 99 }, '$.version'],
      [{ colour: 'red' }, '$.colour'],
    ])('a case file with %j is refused, by field', async (over, path) => {
      const { faults } = await post<Refused>('fittings/import', { ...buildCase(), ...over }, 400)
      expect(faults?.map((f) => f.path)).toContain(path)
    })
    test('a fitting that is not there is not found, whatever is asked of it', async () => {
      const id = newId()
      await ask({ method: 'GET', path: `fittings/${id}` }, 404)
      await ask({ method: 'GET', path: `fittings/${id}/history` }, 404)
      await enter({ id: FittingId(id) }, 0, [mass(10)], {}, 404)
      await post(`fittings/${id}/undo`, { baseSequence: Sequence(0), who: WHO }, 404)
      await post(`fittings/${id}/revise`, {}, 404)
    })
    test('an entry is applied as core applies it, whole or not at all', async () => {
      const f = await bring()
      const puts = [mass(11), note('sleeps')]
      const next = applyPuts(f.case, puts, Sequence(f.sequence + 1))
      const view = await enter(f, f.sequence, puts)
      expect(view.case).toEqual(next.ok && next.value.case)
      expect(view.sequence).toBe(f.sequence + 1)
      const { faults } = await enter(f, view.sequence, [note('new'), mass(500)], {}, 400)
      expect(faults).toEqual([{ path: '$.child.massKg.value', message: 'must be at most 80 kg' }])
      expect((await get(f.id)).case.child.note).toBe('sleeps')
    })
    test.each([
      [[{ path: ['handover'], value: {} }], '$.puts'],
      [[{ path: ['today'], value: '2026-11-24' }], '$.puts[0].value'],
      [[note('x'), { path: ['today'], value: '2126-01-01' }], '$.puts[1].value'],
      [[look('latch-left', 'latched', { slip: 'open' })], '$.puts[0].value.slip'],
    ])('%j is no entry: %s', async (puts, path) => {
      const f = await bring()
      expect((await enter(f, f.sequence, puts as Put[], {}, 400)).faults?.[0]?.path).toBe(path)
      expect((await get(f.id)).sequence).toBe(f.sequence)
    })
    test('an entry from ahead of what is stored is refused', async () => {
      const f = await bring()
      expect((await enter(f, f.sequence + 1, [mass(11)], {}, 400)).faults?.[0]?.path).toBe('$.baseSequence')
    })
    test('the same entry sent twice is stored once, also after others came', async () => {
      const f = await bring()
      const id = newId()
      await enter(f, f.sequence, [mass(11)], { id })
      await enter(f, f.sequence + 1, [note('x')])
      const again = await enter(f, f.sequence, [mass(11)], { id })
      expect(again.sequence).toBe(f.sequence + 2)
    })
    test('two on one field: the second is told both, everything else by two stands', async () => {
      const f = await bring()
      await enter(f, f.sequence, [mass(11)], { who: OTHER })
      const refused = await enter(f, f.sequence, [mass(12)], {}, 409)
      expect(refused.message).toMatch(/Maren Hale.*Nothing of yours was saved yet\.$/)
      expect(refused.current?.case.child.massKg).toMatchObject({ value: 11 })
      expect((await enter(f, f.sequence, [note('x')])).case.child).toMatchObject({ note: 'x', massKg: { value: 11 } })
    })
    test('a look from before somebody moved the base is refused; one’s own entries behind one another are not', async () => {
      const f = await bring()
      await enter(f, f.sequence, [MOVED], { who: OTHER })
      await enter(f, f.sequence, [look('tug-left', 'held')], {}, 409)
      const g = await bring()
      const own = newId()
      await enter(g, g.sequence, [MOVED], { id: own })
      await enter(g, g.sequence, [look('tug-left', 'held')], { own: [own] })
    })
    test('a slip is put right by its own maker, and by nobody else', async () => {
      const f = await bring()
      await enter(f, f.sequence, [look('latch-left', 'open')])
      const right = look('latch-left', 'latched', { slip: 'open' })
      await enter(f, f.sequence + 1, [right], { who: OTHER }, 400)
      const view = await enter(f, f.sequence + 1, [right])
      expect(view.case.readings['latch-left']).toMatchObject({ option: 'latched', slip: 'open' })
    })
    test('the short answer says what was stored since, the newest first to be missing', async () => {
      const f = await bring()
      await enter(f, f.sequence, [note('x')], { who: OTHER })
      const id = newId()
      const said = await post<Stored>(`fittings/${f.id}/entries`, { baseSequence: f.sequence, who: WHO, id, puts: [mass(11)] }, 200, true) // prettier-ignore
      const view = await get(f.id)
      expect(said).toEqual({ id: f.id, status: 'open', sequence: f.sequence + 2, updatedAt: view.updatedAt, entries: expect.any(Array) }) // prettier-ignore
      expect(said.entries.map((e) => [e.sequence, e.id])).toEqual([
        [f.sequence + 1, null],
        [f.sequence + 2, id],
      ])
      const paths = said.entries.flatMap((e) => e.changes.map((c: Changed) => c.path.join('.')))
      expect(paths).toEqual(expect.arrayContaining(['child.note', 'child.massKg']))
    })
    test('undo takes back the newest entry, then the one before, down to what came in', async () => {
      const f = await bring()
      await enter(f, f.sequence, [mass(11)])
      await enter(f, f.sequence + 1, [note('x'), mass(12)])
      const undo = (baseSequence: number, status = 200, who = WHO) =>
        post<FittingView & Refused>(`fittings/${f.id}/undo`, { baseSequence, who }, status)
      expect((await undo(f.sequence + 1, 409, OTHER)).message).toMatch(/^Jory Quill made an entry meanwhile; look before you undo/) // prettier-ignore
      const one = await undo(f.sequence + 2)
      expect(one.case.child.massKg).toMatchObject({ value: 11 })
      expect(one.case.child.note).toBe(f.case.child.note)
      const none = await undo(f.sequence + 3)
      expect(none.case).toEqual(f.case)
      expect((await undo(f.sequence + 4, 409)).message).toBe('There is nothing to undo.')
      const history = await ask<readonly HistoryEntry[]>({ method: 'GET', path: `fittings/${f.id}/history` }, 200)
      expect(history.map((e) => [e.sequence - f.sequence, e.undoes === null ? null : e.undoes - f.sequence])).toEqual([[1, null], [2, null], [3, 2], [4, 1]]) // prettier-ignore
      expect(history.every((e) => e.who === WHO)).toBe(true)
    })
    test('only what is ready is signed; signed it is closed, and a correction is a fitting of its own', async () => {
      const open = await bring()
      const sign = (f: FittingView, over: object, status = 200) =>
        post<FittingView & Refused>(`fittings/${f.id}/sign`, { baseSequence: f.sequence, who: WHO, carerName: OTHER, ...over }, status) // prettier-ignore
      expect((await sign(open, {}, 409)).message).toContain('Only a fitting that is ready to travel is signed.')
      const f = await ready()
      expect(assess(f.case).verdict).toBe('ready')
      await sign(f, { baseSequence: f.sequence + 1 }, 409)
      expect((await sign(f, { againstAdvice: { reason: 'late', said: 'all of it' } }, 400)).faults?.[0]?.path).toBe('$.againstAdvice') // prettier-ignore
      const signed = await sign(f, {})
      expect(signed).toMatchObject({ status: 'signed', sequence: f.sequence + 1, case: { handover: { fitterName: WHO, carerName: OTHER } } }) // prettier-ignore
      await enter(signed, signed.sequence, [mass(11)], {}, 409)
      await post(`fittings/${f.id}/undo`, { baseSequence: signed.sequence, who: WHO }, 409)
      await sign(signed, {}, 409)
      const again = await post<FittingView>(`fittings/${f.id}/revise`, {}, 201)
      expect(again).toMatchObject({ status: 'open', revises: f.id, case: { today: TODAY } })
      expect(again.case.handover).toBeUndefined()
      await post(`fittings/${again.id}/revise`, {}, 409)
    })
    test('left against advice it is closed, and never called ready', async () => {
      const f = await bring()
      const againstAdvice = { reason: 'they are late', said: 'that it is not ready' }
      const view = await post<FittingView>(`fittings/${f.id}/sign`, { baseSequence: f.sequence, who: WHO, carerName: OTHER, againstAdvice }) // prettier-ignore
      expect(view).toMatchObject({ status: 'signed', case: { handover: { againstAdvice } } })
      expect(assess(view.case).verdict).not.toBe('ready')
    })
    test('a day that has passed is written first, and on every measure that has none', async () => {
      const f = await bring({ ...buildCase(), today: IsoDate('2026-11-20') })
      const view = await enter(f, f.sequence, [note('x')])
      expect(view.case.today).toBe(TODAY)
      expect(view.case.child.massKg?.on).toBe('2026-11-20')
    })
    test('which of some fittings were erased: none of those that were never here', async () => {
      const f = await bring()
      expect(await post('fittings/erased', { ids: [f.id, newId()] })).toEqual([])
    })
    test('everything that a fitter enters, one look after another: the server and core end at the same case', async () => {
      const goal = withEverythingGood(buildCase())
      const subject = fittedSubject(goal)
      if (!subject) throw new Error('nothing is chosen')
      let view = await bring({ ...goal, readings: {} })
      let own = view.case
      for (const id of Object.keys(goal.readings) as CheckId[]) {
        const { at: _at, ...value } = goodReading(id, Sequence(0), subject)
        const puts: Put[] = [{ path: ['readings', id], value }]
        const applied = applyPuts(own, puts, Sequence(view.sequence + 1))
        if (!applied.ok) throw new Error(id)
        own = applied.value.case
        view = await enter(view, view.sequence, puts)
      }
      expect(view.case).toEqual(own)
      expect(Object.keys(view.case.readings).toSorted()).toEqual(Object.keys(goal.readings).toSorted())
    })

    test('a job: steps before checks, each once, finished by what is good', async () => {
      const begin = { unitId: server.unitId, kind: 'twisted-strap', who: WHO }
      const job = await post<JobView>('jobs', begin, 201)
      expect(job).toMatchObject({ state: 'steps', endedAt: null, kind: 'twisted-strap', log: [{ who: WHO, what: 'Begun' }] }) // prettier-ignore
      await post('jobs', begin, 409)
      await post('jobs', { ...begin, unitId: UnitId('nobody-s') }, 400)
      const [check] = job.plan.checks
      if (!check) throw new Error('a twisted strap is looked at when it is done')
      const good = check.options.find((o) => o.means === 'pass')?.id
      const answer = (optionId: string | undefined, status = 200) =>
        post<JobView & Refused>(`jobs/${job.id}/answers`, { who: WHO, checkId: check.id, optionId }, status)
      expect((await answer(good, 409)).message).toContain('The checks come when every step is done')
      await post(`jobs/${job.id}/steps`, { who: WHO, stepId: 'no-such', isDone: true }, 400)
      let at = job
      for (const { id: stepId } of job.plan.steps)
        at = await post<JobView>(`jobs/${job.id}/steps`, { who: WHO, stepId, isDone: true })
      expect(at.state).toBe('checks')
      expect((await answer('no-such', 400)).faults?.[0]?.path).toBe('$.optionId')
      for (const { id: checkId, options } of job.plan.checks)
        at = await post<JobView>(`jobs/${job.id}/answers`, { who: OTHER, checkId, optionId: options.find((o) => o.means === 'pass')?.id }) // prettier-ignore
      expect(at.state).toBe('passed')
      expect(at.endedAt).not.toBeNull()
      expect(at.log.length).toBe(1 + job.plan.steps.length + job.plan.checks.length)
      await post(`jobs/${job.id}/steps`, { who: WHO, stepId: job.plan.steps[0]?.id, isDone: false }, 409)
      expect(await ask({ method: 'GET', path: `jobs/${job.id}` }, 200)).toEqual(at)
    })
  })
}
