import { FittingId, VehicleId } from '@nimble-anchor/core/ground'
import 'fake-indexeddb/auto'
import {
  dropPhoto,
  dropPhotosOf,
  fittingsWithPhotos,
  keepPhoto,
  MOST_PX,
  photoKey,
  photoOf,
  shrink,
  shrunkSize,
} from './photoStore.ts'

// The store keeps what the browser can clone; jsdom's own Blob is not one of those.
const picture = new Uint8Array([1, 2, 3]) as unknown as Blob
const photo = (key: string, fittingId: FittingId) => ({ key, fittingId, takenAt: '2026-11-25T10:00:00Z', picture })

test('kept, found again, erased one by one and by fitting', async () => {
  await keepPhoto(photo('fitting/a/leg', FittingId('a')))
  await keepPhoto(photo('fitting/a/latch', FittingId('a')))
  await keepPhoto(photo('fitting/b/leg', FittingId('b')))
  expect((await photoOf('fitting/a/leg'))?.fittingId).toBe('a')
  await dropPhoto('fitting/a/leg')
  expect(await photoOf('fitting/a/leg')).toBeUndefined()
  expect(await dropPhotosOf(['a', 'c'])).toBe(1)
  expect(await photoOf('fitting/a/latch')).toBeUndefined()
  expect(await photoOf('fitting/b/leg')).toBeDefined()
})
test('a tether point of the car outlives the family that happened to be there, and no longer names its fitting', async () => {
  const key = photoKey(FittingId('gone'), 'tether-point', VehicleId('dunlin'), 'rear-left')
  await keepPhoto(photo(key, FittingId('gone')))
  await keepPhoto(photo('fitting/gone/leg', FittingId('gone')))
  expect(await fittingsWithPhotos()).toContain('gone')
  expect(await dropPhotosOf(['gone'])).toBe(1)
  expect(await photoOf('fitting/gone/leg')).toBeUndefined()
  expect(await photoOf(key)).toMatchObject({ fittingId: '', picture })
  expect(await fittingsWithPhotos()).not.toContain('gone')
  expect(await fittingsWithPhotos()).not.toContain('')
  // Of a fitting that is asked about next, it still goes nowhere.
  expect(await dropPhotosOf(['', 'gone'])).toBe(0)
  expect(await photoOf(key)).toBeDefined()
})
test.each([
  ['leg-contact', 'car', 'rear', 'fitting/f/leg-contact'],
  ['tether-point', 'car', 'rear', 'car/car/rear/tether-point'],
  ['tether-point', undefined, undefined, 'fitting/f/tether-point'],
])('%s at %s %s is kept under %s', (check, vehicle, position, key) => {
  expect(photoKey(FittingId('f'), check, vehicle === undefined ? undefined : VehicleId(vehicle), position)).toBe(key)
})
test.each([
  [4000, 3000, MOST_PX, 960],
  [3000, 4000, 960, MOST_PX],
  [800, 600, 800, 600],
  [20_000, 1, MOST_PX, 1],
])('%s × %s px becomes %s × %s', (w, h, width, height) => expect(shrunkSize(w, h)).toEqual({ width, height }))

describe('shrinking', () => {
  const drawImage = jest.fn()
  beforeEach(() => {
    jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue({ drawImage } as never)
    jest.spyOn(HTMLCanvasElement.prototype, 'toBlob').mockImplementation(function (
      this: HTMLCanvasElement,
      done,
      type,
    ) {
      done(new Blob([`${this.width}x${this.height}`], { type: type ?? '' }))
    })
  })
  afterEach(() => jest.restoreAllMocks())
  test('only pixels go over, as JPEG', async () => {
    Object.assign(globalThis, {
      createImageBitmap: () => Promise.resolve({ width: 2560, height: 640, close: jest.fn() }),
    })
    const blob = await shrink(new Blob(['x']))
    expect([blob.type, blob.size]).toEqual(['image/jpeg', '1280x320'.length])
    expect(drawImage.mock.calls[0]?.slice(1)).toEqual([0, 0, 1280, 320])
  })
  test('no picture is said so', async () => {
    Object.assign(globalThis, { createImageBitmap: () => Promise.reject(new Error('x')) })
    await expect(shrink(new Blob(['x']))).rejects.toThrow('no picture')
  })
})
