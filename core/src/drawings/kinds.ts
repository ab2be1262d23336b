import type { DrawnWords } from './drawing.ts'
import type { Booster } from './scenes/booster.ts'
import type { Connectors } from './scenes/connectors.ts'
import type { Foot } from './scenes/foot.ts'
import type { Harness } from './scenes/harness.ts'
import type { Plan } from './scenes/plan.ts'
import type { Side } from './scenes/side-view.ts'
import type { Tether } from './scenes/tether.ts'
import type { Buckle, Exit, Label, Lamp, Lock, Turn } from './scenes/close.ts'

/** Every kind of drawing, and the data it is made from. */
export interface SceneData {
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
export type SceneOf<K extends SceneKind> = { readonly kind: K } & SceneData[K]
export type Scene = { [K in SceneKind]: SceneOf<K> }[SceneKind]

/** What a drawing says in words, and the few words inside it, in one language. */
export interface SceneTexts {
  readonly says: { readonly [K in SceneKind]: (data: SceneData[K]) => string }
  readonly inside: DrawnWords
}
