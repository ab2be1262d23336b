/** A fault that no test notices, and why it may stay. */
export interface Explained {
  readonly file: string
  readonly fault: string
  readonly why: string
}
export function readExplained(text: string): readonly Explained[]
