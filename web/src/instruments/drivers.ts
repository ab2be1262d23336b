import {
  INSTRUMENTS,
  standIn,
  type Behaviour,
  type InstrumentDriver,
  type InstrumentKind,
  type InstrumentListener,
} from '@nimble-anchor/core/instruments'
import * as msg from './messages.en.ts'

/** A simulated tool that ships with the product: no device is connected. */
export function standInDriver(
  kind: InstrumentKind,
  truth: { readonly value: number; readonly behaviour: Behaviour },
  seed: number,
): InstrumentDriver {
  return {
    kind,
    name: msg.standIn(INSTRUMENTS[kind].label),
    start(listener) {
      const instrument = standIn(INSTRUMENTS[kind], truth, seed)
      const timer = setInterval(() => {
        const sample = instrument.next()
        if (sample) listener.sample(sample)
      }, INSTRUMENTS[kind].sampleMs)
      return () => clearInterval(timer)
    },
  }
}

/** What the device is held against: a cushion lies, the back of a shell stands. */
export type Against = 'cushion' | 'shell-back'

/** Rolled to the side by more than this, a device does not measure along the car. */
const MAX_ROLL_DEG = 8

/**
 * The angle that a device's own sensor means, in degrees, or `undefined` when
 * it is held askew. `betaDeg` is its pitch: 0 lying flat, 90 standing upright;
 * `gammaDeg` its roll. On a cushion the top edge points to the front of the
 * car; against a shell's back the screen faces the child.
 */
export function inclination(betaDeg: number, gammaDeg: number, against: Against): number | undefined {
  // Upright, the roll of the sensor's frame says nothing: near the pole it jumps about.
  const isAskew = Math.abs(gammaDeg) > MAX_ROLL_DEG && Math.abs(90 - Math.abs(betaDeg)) > 20
  if (isAskew) return undefined
  return against === 'cushion' ? betaDeg : 90 - betaDeg
}

interface PermissionAsking {
  requestPermission?: () => Promise<'granted' | 'denied'>
}

/** Whether this device may have a sensor of its own worth offering: one held in the hand. */
export const hasOwnSensor = (): boolean => 'DeviceOrientationEvent' in window && matchMedia('(pointer: coarse)').matches

/**
 * A sensor that measures trembles in at least one of its three angles, also
 * where the browser rounds them to a tenth of a degree. One that stands still
 * for this long is not measuring: said before its reading could come to rest.
 */
const STUCK_MS = 2500

/** How long to wait for a first word of the sensor. */
const SILENT_MS = 3000

/** The device's own inclinometer, where the browser offers it. */
export function ownInclinometer(against: Against): InstrumentDriver {
  return {
    kind: 'inclinometer',
    name: msg.thisDevicesOwnSensor,
    start(listener: InstrumentListener) {
      const begun = performance.now()
      let isOver = false
      let last = ''
      let changedMs = begun
      // Waited for once it may answer: a question to the user takes its time.
      let silent: ReturnType<typeof setTimeout> | undefined
      const hear = ({ alpha, beta, gamma }: DeviceOrientationEvent): void => {
        if (beta === null || gamma === null) return
        clearTimeout(silent)
        const figures = `${alpha}/${beta}/${gamma}`
        const now = performance.now()
        if (figures !== last) changedMs = now
        last = figures
        if (now - changedMs >= STUCK_MS) {
          window.removeEventListener('deviceorientation', hear)
          return listener.gone(msg.theSensorGivesTheSame)
        }
        const value = inclination(beta, gamma, against)
        if (value !== undefined) listener.sample({ tMs: now - begun, value })
      }
      const asking = DeviceOrientationEvent as unknown as PermissionAsking
      void (asking.requestPermission?.() ?? Promise.resolve('granted' as const)).then(
        (answer) => {
          if (isOver) return
          if (answer !== 'granted') return listener.gone(msg.theBrowserWasNotAllowed)
          silent = setTimeout(() => listener.gone(msg.theSensorOfThisDevice), SILENT_MS)
          window.addEventListener('deviceorientation', hear)
        },
        () => listener.gone(msg.theBrowserDoesNotGive),
      )
      return () => {
        isOver = true
        clearTimeout(silent)
        window.removeEventListener('deviceorientation', hear)
      }
    },
  }
}
