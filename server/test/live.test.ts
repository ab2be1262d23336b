import { type HereView } from '@nimble-anchor/core/formats'
import { start, type Running } from './harness'

/** Who is where: what a tab said last counts, in whichever order it arrives. */

let na: Running
beforeAll(async () => {
  na = await start()
})
afterAll(() => na.end())

const FITTING = '0b7f5a4e-5d53-4d0a-9a53-0c5b5b3a9a11'
const OTHER = '0b7f5a4e-5d53-4d0a-9a53-0c5b5b3a9a12'
const JORY = 'd9b2d63d-a233-4123-847a-7090c4a5a001'
const MAREN = 'd9b2d63d-a233-4123-847a-7090c4a5a002'
const here = (tab: string, fittingId: string | null, nth: number | undefined, who = 'Jory Quill') =>
  na.post('/api/live/here', { tab, fittingId, nth, who })
/** As somebody else's tab is told. */
const inFitting = async (fittingId = FITTING): Promise<readonly string[]> => {
  const { tabs } = (await here(MAREN, fittingId, Date.now(), 'Maren Fisk').expect(200)).body as HereView
  return tabs.filter((t) => t.tab !== MAREN).map((t) => t.who)
}

test('a tab is where it says, and is gone when it says so', async () => {
  await here(JORY, FITTING, 1).expect(200)
  expect(await inFitting()).toEqual(['Jory Quill'])
  await here(JORY, OTHER, 2).expect(200)
  expect(await inFitting()).toEqual([])
  expect(await inFitting(OTHER)).toEqual(['Jory Quill'])
  expect((await here(JORY, null, 3).expect(200)).body).toEqual({})
  expect(await inFitting(OTHER)).toEqual([])
})
test('what was said before it left and comes after it does not bring it back', async () => {
  const tab = 'd9b2d63d-a233-4123-847a-7090c4a5a003'
  await here(tab, null, 2).expect(200)
  expect((await here(tab, FITTING, 1).expect(200)).body).toMatchObject({ fittingId: FITTING })
  expect(await inFitting()).toEqual([])
  await here(tab, FITTING, 3).expect(200)
  expect(await inFitting()).toEqual(['Jory Quill'])
})
test('a tab that does not count is where it said last', async () => {
  const tab = 'd9b2d63d-a233-4123-847a-7090c4a5a004'
  await here(tab, FITTING, undefined).expect(200)
  expect(await inFitting()).toContain('Jory Quill')
  await here(tab, OTHER, undefined).expect(200)
  await here(tab, null, undefined).expect(200)
  expect(await inFitting(OTHER)).toEqual([])
})
test.each([-1, 1.5, '1', null])('which saying it is, as %j: refused by its name', async (nth) => {
  const { body } = await here(JORY, FITTING, nth as number).expect(400)
  expect(JSON.stringify(body)).toContain('nth')
})
