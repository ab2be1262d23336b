import { HttpException } from '@nestjs/common'

const codeOf = (error: unknown): string => String((error as { code?: unknown } | null)?.code ?? '')

/** Nothing of what was sent is stored, and what was stored before can still be read. */
export class StoreFault extends HttpException {
  constructor(status: 503 | 507, message: string, cause?: unknown) {
    super({ statusCode: status, message }, status, { cause })
  }

  /** What is said to whoever asked for something that could not be stored. */
  static of(error: unknown): StoreFault {
    return codeOf(error) === 'SQLITE_FULL'
      ? new StoreFault(
          507,
          'The disk is full: nothing of this was saved. Make room on it; what was saved before can still be read.',
          error,
        )
      : new StoreFault(503, 'This could not be saved just now: nothing of it was kept. Try again in a moment.', error)
  }
}

/** Whether it is the store that failed, and not what somebody asked of it. */
export const isStoreError = (error: unknown): boolean =>
  /^SQLITE_(FULL|IOERR|NOMEM|BUSY|CANTOPEN|READONLY|CORRUPT|NOTADB|PROTOCOL)/.test(codeOf(error))

/** Why a folder of data is not opened; said at the start, in plain words. */
export class CannotOpen extends Error {}
