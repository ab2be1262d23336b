/**
 * What a field does when it is left, done once the finger or key that left it
 * has reached what it went for. An entry changes the page; done in the midst of
 * the tap it would move the button away from under the finger, and a dialog
 * would take the focus for itself.
 */

let isDown = false
const pending = new Set<Promise<void>>()

if (typeof window !== 'undefined') {
  const on = (type: string, down: boolean): void =>
    window.addEventListener(type, () => (isDown = down), { capture: true, passive: true })
  on('pointerdown', true)
  on('pointerup', false)
  on('pointercancel', false)
}

const pointerUp = (): Promise<void> =>
  new Promise((resolve) => {
    const done = (): void => {
      for (const type of ['pointerup', 'pointercancel']) window.removeEventListener(type, done, true)
      resolve()
    }
    for (const type of ['pointerup', 'pointercancel']) window.addEventListener(type, done, true)
  })

/** The click that belongs to a pointer comes in the same breath as its release; a timer comes after both. */
const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

/** Does it once the pointer that is down is up again and its click is through; at once after, where none is down. */
export function afterLeaving(work: () => void): void {
  const whole = (isDown ? pointerUp() : Promise.resolve()).then(breath).then(work)
  pending.add(whole)
  void whole.finally(() => pending.delete(whole))
}

/** Until everything that was left has been done: before a signature, or an undo. */
export async function settledLeaving(): Promise<void> {
  await breath()
  while (pending.size > 0) await Promise.all(pending)
}
