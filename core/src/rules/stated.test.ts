import { buildModel, buildStatedMode } from '../../test/build.ts'
import { unreadIn } from './index.ts'

describe('what an entry has not been read for', () => {
  const mode = buildStatedMode()
  const [route] = mode.routes
  test('nothing, where each part is stated or said to be none', () => {
    expect(unreadIn(buildModel([mode]))).toEqual([])
  })
  test('a part that is neither is named where it is missing, and nowhere else', () => {
    const open = {
      ...mode,
      inserts: undefined,
      routes: [{ ...route!, without: route!.without!.filter((p) => p !== 'topTether') }],
    }
    expect(unreadIn(buildModel([open]))).toEqual([
      { where: mode.label, asks: ['whether it has inserts, and until when'] },
      { where: `${mode.label}, ${route!.label}`, asks: ['whether a top tether is required, advised or not used'] },
    ])
  })
})
