import type { DrawnWords, Drawing, Shape } from './drawing.ts'
import { booster, type Booster } from './scenes/booster.ts'
import { buckle, exit, handle, label, lamp, lock, turn, twist, type Buckle, type Exit, type Label, type Lamp, type Lock, type Turn } from './scenes/close.ts' // prettier-ignore
import { connectors, type Connectors } from './scenes/connectors.ts'
import { foot, type Foot } from './scenes/foot.ts'
import { harness, type Harness } from './scenes/harness.ts'
import { plan, type Plan } from './scenes/plan.ts'
import { side, type Side } from './scenes/side.ts'
import { tether, type Tether } from './scenes/tether.ts'
import { SCENES_EN } from './scenes.en.ts'

/** Every kind of drawing, and the data it is made from. */
interface SceneData {
  readonly side: Side
  readonly connectors: Connectors
  readonly foot: Foot
  readonly tether: Tether
  readonly plan: Plan
  readonly harness: Harness
  readonly booster: Booster
  readonly lock: Lock
  readonly buckle: Buckle
  readonly exit: Exit
  readonly twist: { readonly of: 'harness' | 'belt' }
  readonly label: Label
  readonly lamp: Lamp
  readonly turn: Turn
  readonly handle: { readonly travelPosition: string }
}
export type SceneKind = keyof SceneData
type SceneOf<K extends SceneKind> = { readonly kind: K } & SceneData[K]
export type Scene = { [K in SceneKind]: SceneOf<K> }[SceneKind]

/** What a drawing says in words, and the few words inside it, in one language. */
export interface SceneTexts {
  readonly says: { readonly [K in SceneKind]: (data: SceneData[K]) => string }
  readonly inside: DrawnWords
}
const DRAW: { readonly [K in SceneKind]: (data: SceneData[K], words: DrawnWords) => readonly Shape[] } = {
  side,
  connectors,
  foot,
  tether,
  plan,
  harness,
  booster,
  lock,
  buckle,
  exit,
  twist,
  label,
  lamp,
  turn,
  handle,
}

/** The drawing of one scene, and its words. */
export function drawScene<K extends SceneKind>(scene: SceneOf<K>, texts: SceneTexts = SCENES_EN): Drawing {
  return { shapes: DRAW[scene.kind](scene, texts.inside), says: texts.says[scene.kind](scene) }
}
