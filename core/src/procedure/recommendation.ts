import type { Settings } from '../readings/index.ts'

type SettingValue<K extends keyof Settings> = NonNullable<Settings[K]>['value']

interface Common {
  /** What to set, in a few words; or what stands in the way. */
  readonly text: string
  readonly because: string
}
/**
 * What the arithmetic says about one setting. `set`: this value. `choose`: any
 * of these, for want of a closer measure. `ask`: something must be known first.
 * `none`: no value serves.
 */
export type Recommendation = {
  [K in keyof Settings]-?: Common & { readonly setting: K } & (
      | { readonly kind: 'set'; readonly value: SettingValue<K> }
      | { readonly kind: 'choose'; readonly values: readonly SettingValue<K>[] }
      | { readonly kind: 'ask' | 'none' }
    )
}[keyof Settings]
