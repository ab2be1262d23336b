import { FittingId, type VehicleId } from '@nimble-anchor/core/ground'
import { Dexie, type EntityTable } from 'dexie'

/** Of a photo that stayed when its fitting went. */
const NO_FITTING = ''

/** A photo of one check, kept in this browser only: it is never sent anywhere. */
export interface Photo {
  /** What it shows: see `photoKey`. */
  readonly key: string
  /** The fitting that it was taken in; it is erased with it. Of a car's part it is let go of alone. */
  readonly fittingId: FittingId | typeof NO_FITTING
  readonly takenAt: string
  readonly picture: Blob
}

type Photos = Dexie & { photos: EntityTable<Photo, 'key'> }
const db = new Dexie('nimble-anchor.photos') as Photos
db.version(1).stores({ photos: 'key, fittingId' })

const OF_CAR = 'car/'

/** A tether point is the car's, not the fitting's: one photo of it serves every fitting at that place. */
export function photoKey(fittingId: FittingId, checkId: string, vehicleId?: VehicleId, positionId?: string): string {
  return checkId === 'tether-point' && vehicleId !== undefined && positionId !== undefined
    ? `${OF_CAR}${vehicleId}/${positionId}/${checkId}`
    : `fitting/${fittingId}/${checkId}`
}

export async function photoOf(key: string): Promise<Photo | undefined> {
  return db.photos.get(key)
}
export async function keepPhoto(photo: Photo): Promise<void> {
  await db.photos.put(photo)
}
export async function dropPhoto(key: string): Promise<void> {
  await db.photos.delete(key)
}
const isOfCar = ({ key }: Photo): boolean => key.startsWith(OF_CAR)

/** Every fitting of which this device keeps a photo. */
export async function fittingsWithPhotos(): Promise<readonly FittingId[]> {
  const ids = (await db.photos.orderBy('fittingId').uniqueKeys()) as Photo['fittingId'][]
  return ids.filter((id): id is FittingId => id !== NO_FITTING)
}
/**
 * Erases every photo of these fittings from this device. What was photographed of
 * a car stays for whoever rides in it next, and no longer says in which fitting.
 */
export async function dropPhotosOf(fittingIds: readonly string[]): Promise<number> {
  const taken = () => db.photos.where('fittingId').anyOf([...fittingIds])
  return db.transaction('rw', db.photos, async () => {
    const dropped = await taken()
      .filter((photo) => !isOfCar(photo))
      .delete()
    await taken().modify({ fittingId: NO_FITTING })
    return dropped
  })
}

/** Longest side of a kept photo, in px: enough to read an indicator, small enough for hundreds of them. */
export const MOST_PX = 1280

export const shrunkSize = (width: number, height: number): { readonly width: number; readonly height: number } => {
  const share = Math.min(1, MOST_PX / Math.max(width, height))
  return { width: Math.max(1, Math.round(width * share)), height: Math.max(1, Math.round(height * share)) }
}

/**
 * Draws a photo anew at a smaller size. Only its pixels go over: what the
 * camera wrote beside them (place, time, device) is left behind.
 *
 * @throws Error when the file is no picture that this browser reads.
 */
export async function shrink(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error('This file is no picture that the browser can read.')
  })
  const { width, height } = shrunkSize(bitmap.width, bitmap.height)
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height)
  bitmap.close()
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The photo could not be kept.'))),
      'image/jpeg',
      0.8,
    ),
  )
}
