/** One place where a catalogue entry contradicts its own regulation: the manual must be read again. */
export interface Lint {
  readonly modeId: string
  /** JSON path inside the model. */
  readonly path: string
  readonly message: string
}

export interface Found {
  readonly path: string
  readonly message: string
}
