import { fingerprint, type IsoDate } from '@nimble-anchor/core/ground'
import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common'
import { ApiOperation, ApiTags } from '@nestjs/swagger'
import { Clock } from './clock'

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(private readonly clock: Clock) {}

  @Get()
  @ApiOperation({ summary: 'Up, and which day it counts' })
  health(): { readonly status: 'up'; readonly today: IsoDate } {
    return { status: 'up', today: this.clock.today() }
  }
}

@ApiTags('health')
@Controller('api/fingerprint')
export class FingerprintController {
  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'The fingerprint of a document, by which a change says which state it saw (If-Match)' })
  of(@Body() document: unknown): { readonly fingerprint: string } {
    return { fingerprint: fingerprint(document) }
  }
}
