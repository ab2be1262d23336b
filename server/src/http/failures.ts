import { Catch, HttpException, Logger, type ArgumentsHost } from '@nestjs/common'
import { BaseExceptionFilter } from '@nestjs/core'

interface Place {
  readonly method?: string
  readonly route?: { readonly path?: string }
}

/**
 * What a failure is called in the log: its kind, its code and where in the
 * program it happened. Its message and whatever hangs on it may quote what
 * somebody entered about a child, and stay out.
 */
export function withoutValues(error: unknown): string {
  if (!(error instanceof Error)) return `thrown: ${typeof error}`
  const { code } = error as { code?: unknown }
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line))
  return [`${error.constructor.name}${typeof code === 'string' ? ` ${code}` : ''}`, ...frames.slice(0, 12)].join('\n')
}

/** An unforeseen failure is told as one, and logged without what it was about. */
@Catch()
export class Failures extends BaseExceptionFilter {
  private readonly log = new Logger('Failures')

  override catch(error: unknown, host: ArgumentsHost): void {
    if (error instanceof HttpException) return super.catch(error, host)
    const { status, statusCode } = (error ?? {}) as { status?: unknown; statusCode?: unknown }
    // What the body parser refuses comes with a status of its own.
    if ([status, statusCode].some((s) => typeof s === 'number' && s >= 400 && s < 500)) return super.catch(error, host)
    const { method, route } = host.switchToHttp().getRequest<Place>()
    this.log.error(`${method ?? ''} ${route?.path ?? ''}: ${withoutValues(error)}`)
    const message = 'Something in the program failed. Nothing of this was saved; what was saved before is still there.'
    return super.catch(new HttpException({ statusCode: 500, message }, 500), host)
  }
}
