import { EventEmitter } from 'node:events'
import { partOf, shareOf, waiterOf } from '../src/work/waiter'
import { start, type Running } from './harness'

const ID = '00000000-0000-4000-8000-000000000001'
const asking = (id?: string) => ({ header: (name: string) => (name === 'x-work' ? id : undefined) })
const answering = () => Object.assign(new EventEmitter(), { writableFinished: false })

test('what is told is known while it is worked on, and forgotten with the answer', () => {
  const answer = answering()
  const { tell, gone } = waiterOf(asking(ID), answer)
  expect(shareOf(ID)).toBe(0)
  tell(0.4)
  tell(0.2)
  expect(shareOf(ID)).toBe(0.4)
  tell(7)
  expect(shareOf(ID)).toBe(1)
  answer.writableFinished = true
  answer.emit('close')
  expect([shareOf(ID), gone.aborted]).toEqual([undefined, false])
  tell(0.5)
  expect(shareOf(ID)).toBeUndefined()
})
test('whoever hangs up before the answer has gone', () => {
  const answer = answering()
  const { gone } = waiterOf(asking(), answer)
  answer.emit('close')
  expect(gone.aborted).toBe(true)
})
test.each([undefined, '', 'x', '__proto__', `${ID}0`])('work named %p is worked on, and told to nobody', (id) => {
  const answer = answering()
  waiterOf(asking(id), answer).tell(0.5)
  expect(shareOf(String(id))).toBeUndefined()
  answer.emit('close')
})
test('of more works than anybody waits for the last are told to nobody, and room is made again', () => {
  const all = Array.from({ length: 501 }, (_, i) => `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`)
  const answers = all.map((id) => {
    const answer = answering()
    waiterOf(asking(id), answer)
    return answer
  })
  expect([shareOf(all[499]!), shareOf(all[500]!)]).toEqual([0, undefined])
  answers.forEach((a) => a.emit('close'))
  expect(all.map(shareOf).filter((s) => s !== undefined)).toEqual([])
})
test('a part of a work is told as its part of the whole', () => {
  const told: number[] = []
  const whole = { gone: new AbortController().signal, tell: (share: number) => void told.push(share) }
  const part = partOf(whole, 0.6, 1)
  part.tell(0)
  part.tell(0.5)
  part.tell(1)
  expect(told.map((x) => Math.round(x * 100))).toEqual([60, 80, 100])
})
test('the API says how far a request is, and nothing of one that is not', async () => {
  const na = await start()
  const answer = answering()
  waiterOf(asking(ID), answer).tell(0.25)
  expect((await na.get(`/api/work/${ID}`).expect(200)).body).toEqual({ share: 0.25 })
  answer.emit('close')
  await na.get(`/api/work/${ID}`).expect(404)
  await na.get('/api/work/x').expect(400)
  await na.end()
})

describe('a long import is stopped by whoever waits for it', () => {
  const children = Array.from({ length: 4000 }, (_, i) => ({ id: `c-${i}`, name: `N${i}`, familyName: `F${i % 900}` }))
  const file = { format: 'nimble-anchor/catalogue', version: 3, children }
  const kept = async (na: Running): Promise<number> =>
    ((await na.get('/api/catalogue').expect(200)).body as { children: unknown[] }).children.length

  // Before anything is judged, while it is judged, and while it is stored.
  test.each([0, 0.65, 0.9])('from a share of %p on: its answer says so, and nothing of it stands', async (from) => {
    const na = await start()
    const answer = na.post('/api/catalogue/import', file).set('x-work', ID).then((r) => r) // prettier-ignore
    let asked = 0
    for (let i = 0; i < 4000 && asked !== 202; i += 1) {
      const far = await na.get(`/api/work/${ID}`)
      const { share = -1 } = far.body as { share?: number }
      if (share >= from) asked = (await na.delete(`/api/work/${ID}`)).status
    }
    const { status, body } = await answer
    expect([asked, status, (body as { message: string }).message]).toEqual([202, 409, 'Stopped: nothing was stored.'])
    expect(await kept(na)).toBe(0)
    // The same file goes in afterwards, and is not stopped by what was asked before.
    await na.post('/api/catalogue/import', file).set('x-work', ID).expect(200)
    expect(await kept(na)).toBe(4000)
    await na.end()
  })
  test('answered already, or of no name: there is nothing to stop', async () => {
    const na = await start()
    await na.post('/api/catalogue/import', file).set('x-work', ID).expect(200)
    await na.delete(`/api/work/${ID}`).expect(404)
    await na.delete('/api/work/x').expect(400)
    expect(await kept(na)).toBe(4000)
    await na.end()
  })
  test('whoever hangs up while it is stored has stored nothing', async () => {
    const na = await start()
    const sent = na.post('/api/catalogue/import', file).set('x-work', ID)
    const gone = sent.then(
      () => 'answered',
      () => 'hung up',
    )
    for (let i = 0; i < 4000; i += 1) {
      const { share = -1 } = (await na.get(`/api/work/${ID}`)).body as { share?: number }
      if (share >= 0.9) break
    }
    sent.abort()
    expect(await Promise.race([gone, new Promise((r) => setTimeout(() => r('hung up'), 500))])).toBe('hung up')
    // Whatever is written next waits for the store: by then the import has been taken back.
    await na.post('/api/catalogue/import', { ...file, children: [{ id: 'one', name: 'One' }] }).expect(200)
    expect(await kept(na)).toBe(1)
    await na.end()
  })
  test('others read meanwhile: nobody waits for the whole of it', async () => {
    const na = await start()
    const answer = na.post('/api/catalogue/import', file).set('x-work', ID).then((r) => r.status) // prettier-ignore
    let isOver = false
    void answer.then(() => (isOver = true))
    let read = 0
    while (!isOver) {
      await na.get('/api/health').expect(200)
      read += 1
    }
    expect(await answer).toBe(200)
    expect(read).toBeGreaterThan(20)
    await na.end()
  })
})
