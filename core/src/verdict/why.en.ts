import { formatNumber } from '../quantities/index.ts'

interface Pull {
  readonly kN: number
  readonly asKg: number
}
export interface WhyFacts {
  /** The child alone; `undefined` while its mass is not known. */
  readonly child: (Pull & { readonly massKg: number }) | undefined
  /** Child and restraint together. */
  readonly together: Pull | undefined
}
type Why = (facts: WhyFacts) => string

const kN = (x: number): string => `${formatNumber(x)} kN`

const rearward: Why = ({ child }) =>
  `Facing rearward the back and head are held as one${child ? `; forward, ${formatNumber(child.massKg)} kg pulls with ${kN(child.kN)} and the neck holds the head alone` : '; forward, the neck holds the head alone'}. A small child’s head is a large share of its mass.`
const harness: Why = ({ child }) =>
  child
    ? `In a crash ${formatNumber(child.massKg)} kg pulls with ${kN(child.kN)}, like ${child.asKg} kg lifted: each finger of slack is a way to gather speed in.`
    : 'Each finger of slack is a way to gather speed in before the straps hold.'
const holds: Why = ({ together }) =>
  together
    ? `Child and restraint pull with ${kN(together.kN)} in a crash, like ${together.asKg} kg: what is not latched does not share it.`
    : 'What is not latched does not share the load of a crash.'
const tether: Why = () => 'A tether reduces how far the head and the top of the shell move.'
const lap: Why = () => 'On the hips the lap belt holds bone; on the belly it harms.'
const straps: Why = () => 'Straps too high or too low slide off the shoulders or press them down.'
const lock: Why = () => 'An emergency-locking belt holds only in the crash; until then the restraint creeps loose.'
const rotation: Why = () => 'The leg or tether keeps the restraint from tipping forward over its anchorages.'

/** Reasons to show with a finding, by rule. */
export const WHY_EN: Readonly<Record<string, Why>> = {
  'R129-forward-age': rearward,
  'R129-forward-stature': rearward,
  'R44-forward-floor': rearward,
  'R44-infant-direction': rearward,
  'practice-rearward-longer': rearward,
  'practice-harness-longer': ({ child }) =>
    child
      ? `A harness holds ${formatNumber(child.massKg)} kg at five points; a belt at three, and only while the child sits still.`
      : 'A harness holds at five points; a belt at three, and only while the child sits still.',
  'harness-slack': harness,
  'harness-buckle': ({ child }) =>
    child
      ? `Without the buckle nothing holds: a lap or an arm cannot, ${formatNumber(child.massKg)} kg pulls with ${kN(child.kN)}, like ${child.asKg} kg.`
      : 'Without the buckle nothing holds: a lap or an arm cannot.',
  coat: () => 'A coat is pressed flat in a crash and leaves its thickness as slack.',
  'latch-indicators': holds,
  'latch-tugs': holds,
  'isofix-mass-sum': holds,
  'isofix-rotation': rotation,
  'leg-contact': rotation,
  'tether-path': tether,
  'tether-tension': tether,
  'tether-anchorage': tether,
  'tether-advised': tether,
  'place-belt-kind': () => 'A lap belt alone lets the upper body go, and rides up on the belly.',
  'lap-section': lap,
  'strap-height': straps,
  'strap-exit': straps,
  'belt-locked': lock,
  'locking-clip': lock,
  'place-airbag': () => 'An airbag strikes the back of a rearward shell, right behind the child’s head.',
  gaps: () => 'A gap lets the base tip. Held by ISOFIX and tether it does no harm where the maker says so.',
}
