import { Controller, Get, Inject, NotFoundException, Optional, StreamableFile } from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'

export const AUTHORITY = Symbol('authority')

/** The bay's own authority: no secret, and compared by eye before it is trusted. */
export interface TrustView {
  readonly authority: string
  readonly fingerprint: string
}

@ApiTags('health')
@Controller('api/trust')
export class TrustController {
  constructor(@Optional() @Inject(AUTHORITY) private readonly own: TrustView | undefined) {}

  @Get()
  @ApiOperation({ summary: 'The fingerprint of the authority that this server made for itself' })
  view(): { readonly fingerprint: string } {
    return { fingerprint: this.there().fingerprint }
  }

  @Get('authority.crt')
  @ApiOperation({ summary: 'Its certificate, for a phone to trust' })
  certificate(): StreamableFile {
    return new StreamableFile(Buffer.from(this.there().authority), {
      type: 'application/x-x509-ca-cert',
      disposition: 'attachment; filename="authority.crt"',
    })
  }

  private there(): TrustView {
    if (!this.own) throw new NotFoundException('This server has made no authority of its own.')
    return this.own
  }
}
