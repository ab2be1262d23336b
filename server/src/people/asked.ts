import type { ExecutionContext } from '@nestjs/common'
import { ACCESS, type Access } from './access'
import type { Asking } from './caller'

/** A request as far as it is looked at here. */
export interface AskedRequest extends Asking {
  readonly method: string
  readonly route?: { readonly path?: string }
  readonly query?: { readonly preview?: unknown }
  readonly headers: { readonly cookie?: string | undefined }
  readonly socket: { readonly localPort?: number | undefined; readonly remoteAddress?: string | undefined }
}

export const requestOf = (context: ExecutionContext): AskedRequest => context.switchToHttp().getRequest<AskedRequest>()
/** The line of the table for the route that is asked. */
export const accessOf = ({ method, route }: AskedRequest): Access | undefined =>
  ACCESS[`${method === 'HEAD' ? 'GET' : method} ${(route?.path ?? '').replace(/\/$/, '')}`]
