import { Inject, Injectable } from '@nestjs/common'
import type { SessionView } from '@nimble-anchor/core/formats'
import type { Request, Response } from 'express'
import { LOOPBACK_NAMES, type Transport } from '../net/transport'
import type { PersonRow } from '../storage/people-entities'
import { Audit } from './audit.service'
import type { Caller } from './caller'
import { setToken, tokenIn } from './cookie'
import type { Place } from './passkeys.service'
import { Sessions, TRANSPORT } from './sessions.service'

const labelOf = (agent: string): string =>
  /iPad|Tablet|Android(?!.*Mobile)/i.test(agent) ? 'Tablet' : /Mobi|iPhone|Android/i.test(agent) ? 'Phone' : 'Computer'

/** How a request and its answer carry who somebody is. */
@Injectable()
export class Entrance {
  constructor(
    private readonly sessions: Sessions,
    private readonly audit: Audit,
    @Inject(TRANSPORT) private readonly transport: Transport,
  ) {}

  /** Signs in on this device, under a new secret. */
  async enter(person: PersonRow, req: Request, res: Response, how: string): Promise<SessionView> {
    const label = labelOf(String(req.headers['user-agent'] ?? ''))
    const { token } = await this.sessions.signIn(person, this.token(req), label)
    setToken(req, res, this.transport, token)
    await this.audit.note({ hasPeople: true, person }, how)
    return this.sessions.view(this.sessions.identify(token, true), token, this.transport, String(req.headers.host))
  }

  view(caller: Caller, req: Request): SessionView {
    return this.sessions.view(caller, this.token(req), this.transport, String(req.headers.host))
  }

  token(req: Request): string | undefined {
    return tokenIn(req, this.transport)
  }

  /** Where others reach this server; `undefined`, where only this machine does. */
  reachable(req: Request): string | undefined {
    const { scheme, names, isBeyond } = this.transport
    if (!isBeyond) return undefined
    const { name, origin } = this.place(req)
    if (!LOOPBACK_NAMES.includes(name)) return origin
    const other = [...names].find((n) => !LOOPBACK_NAMES.includes(n) && !n.startsWith('[fe80'))
    return other === undefined ? undefined : `${scheme}://${other}:${req.socket.localPort}`
  }

  place(req: Request): Place {
    const host = String(req.headers.host)
    return { name: host.replace(/:\d+$/, ''), origin: `${this.transport.scheme}://${host}` }
  }
}
