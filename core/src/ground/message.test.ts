import { sayerOf, spoken } from './message.ts'

const EN = {
  plain: () => 'Nothing to add.',
  low: ({ limit }: { limit: number }) => `Below ${limit}.`,
}
const say = sayerOf<typeof EN>()

test('a message is its name and its data, and becomes words when it is read', () => {
  expect(say('low', { limit: 9 })).toEqual({ message: 'low', data: { limit: 9 } })
  expect(say('plain')).toEqual({ message: 'plain', data: undefined })
  expect([say('plain'), say('low', { limit: 9 })].map((m) => spoken(EN, m))).toEqual(['Nothing to add.', 'Below 9.'])
})
test('one that the text does not have, or without its data, does not compile', () => {
  // @ts-expect-error There is no such message.
  expect(() => spoken(EN, say('high'))).toThrow('no text of the message "high"')
  // @ts-expect-error It needs its limit.
  expect(say('low').data).toBeUndefined()
})
