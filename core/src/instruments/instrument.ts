import * as msg from './messages.en.ts'
/**
 * The tools a fitter holds against child, car or strap, as the core sees them:
 * a stream of values in one unit. A driver may be a stand-in, a cable, a radio
 * or a sensor of the device; all of them speak this one interface.
 */
export interface Sample {
  /** Milliseconds since the driver was started. */
  readonly tMs: number
  /** In the instrument's unit. */
  readonly value: number
}

export interface InstrumentListener {
  sample(sample: Sample): void
  /** The instrument is gone; no sample will follow. The reason is one sentence for the fitter. */
  gone(reason: string): void
}

export interface InstrumentDriver {
  readonly kind: InstrumentKind
  /** What the fitter calls it. */
  readonly name: string
  /** Begins the stream; what it returns ends it. */
  start(listener: InstrumentListener): () => void
}

export interface InstrumentSpec {
  readonly label: string
  readonly unit: string
  /** Smallest step that it shows. */
  readonly resolution: number
  /** Stated accuracy: 95 % of its readings lie within this of the truth. */
  readonly accuracy: number
  readonly sampleMs: number
  /** How long a reading is watched. */
  readonly windowMs: number
  /** Largest robust standard deviation of a reading at rest. */
  readonly spreadMax: number
  /** Largest change across the window of a reading at rest. */
  readonly driftMax: number
  /** Below this nothing lies on it; absent where zero is a reading. */
  readonly emptyBelow?: number
  readonly how: string
}

/** Our own figures for ordinary tools of each kind; a driver of a real one may bring better. */
export const INSTRUMENTS = {
  scale: {
    label: msg.babyScale, unit: 'kg', resolution: 0.01, accuracy: 0.02,
    sampleMs: 100, windowMs: 3000, spreadMax: 0.04, driftMax: 0.03, emptyBelow: 0.5,
    how: msg.layOrSitTheChild,
  },
  'height-gauge': {
    label: msg.heightGauge, unit: 'cm', resolution: 0.1, accuracy: 0.2,
    sampleMs: 100, windowMs: 2500, spreadMax: 0.25, driftMax: 0.2, emptyBelow: 30,
    how: msg.crownToTheFixedEnd,
  },
  inclinometer: {
    label: msg.inclinometer, unit: '°', resolution: 0.1, accuracy: 0.3,
    sampleMs: 100, windowMs: 2000, spreadMax: 0.4, driftMax: 0.4,
    how: msg.holdItsBackFlatAgainst,
  },
  'strap-gauge': {
    label: msg.strapGauge, unit: 'mm', resolution: 0.5, accuracy: 1,
    sampleMs: 100, windowMs: 2000, spreadMax: 0.8, driftMax: 0.8,
    how: msg.hookItUnderTheStrap,
  },
} as const satisfies Record<string, InstrumentSpec> // prettier-ignore
export type InstrumentKind = keyof typeof INSTRUMENTS
