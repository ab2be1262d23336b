import { dropPhotosOf, fittingsWithPhotos } from './photoStore.ts'
import { api } from './api.ts'
import { usePreferences } from './preferences.ts'
import { forgetWaiting, keptFittings } from './waiting.ts'

/** Most ids that the server is asked about at once. */
const MOST = 1000

/**
 * Lets go of everything that this device keeps of fittings that were erased, on
 * whichever device that was asked. Without an answer nothing goes; nor does
 * anything of a fitting that the server merely does not know: it may serve
 * another folder today.
 */
export async function forgetErased(): Promise<void> {
  const remembered = Object.keys(usePreferences.getState().lastStage)
  const kept = [...new Set([...(await keptFittings()), ...(await fittingsWithPhotos()), ...remembered])]
  for (let from = 0; from < kept.length; from += MOST) {
    const erased = await api.erased(kept.slice(from, from + MOST))
    if (erased.length > 0) await forgetFittings(erased)
  }
}

/** Drops entries that wait, what was typed, photos and the last stage of fittings that are erased. */
export async function forgetFittings(ids: readonly string[]): Promise<{ readonly photos: number }> {
  const photos = await dropPhotosOf(ids).catch(() => 0)
  await forgetWaiting(ids)
  usePreferences.getState().forgetStages(ids)
  return { photos }
}
