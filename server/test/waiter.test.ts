import { EventEmitter } from 'node:events'
import { partOf, shareOf, waiterOf } from '../src/work/waiter'
import { start } from './harness'

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
