import { createParamDecorator, type ExecutionContext } from '@nestjs/common'
import type { Request } from 'express'

/** What a browser says first of the languages that its reader prefers: "de-AT" of "de-AT,de;q=0.9,en;q=0.8". */
export function localeIn(header: string | undefined): string | undefined {
  const first = header?.split(',')[0]?.split(';')[0]?.trim()
  if (first === undefined || first === '' || first === '*') return undefined
  try {
    return Intl.getCanonicalLocales(first)[0]
  } catch {
    return undefined
  }
}

/** In which order and words the reader writes days; `undefined` where no language was said, or none that is one. */
export const ReaderLocale = createParamDecorator((_: unknown, context: ExecutionContext): string | undefined =>
  localeIn(context.switchToHttp().getRequest<Request>().headers['accept-language']),
)
