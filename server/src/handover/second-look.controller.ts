import { Body, Controller, Get, HttpCode, Inject, Param, ParseUUIDPipe, Post, Req } from '@nestjs/common'
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger'
import type { CarerLink, SecondLookView } from '@nimble-anchor/core/formats'
import type { RecheckAnswer } from '@nimble-anchor/core/procedure'
import { IsObject, Validate } from 'class-validator'
import type { Request } from 'express'
import type { Transport } from '../net/transport'
import { FewSignIns } from '../people/limits'
import { TRANSPORT } from '../people/sessions.service'
import { Answers } from './answers'
import { SecondLook } from './second-look.service'

class AnswersDto {
  @ApiProperty({ example: { connectors: 'yes', leg: 'unsure' } })
  @IsObject()
  @Validate(Answers)
  answers: Record<string, RecheckAnswer>
}

@ApiTags('handover')
@Controller('api')
export class SecondLookController {
  constructor(
    private readonly looks: SecondLook,
    @Inject(TRANSPORT) private readonly transport: Transport,
  ) {}

  @Post('fittings/:id/carer-link')
  @HttpCode(200)
  @ApiOperation({ summary: 'A link for the carer: it opens the ten questions of this fitting, and ends by itself' })
  link(@Param('id', ParseUUIDPipe) id: string, @Req() req: Request): Promise<CarerLink> {
    return this.looks.linkFor(id, `${this.transport.scheme}://${String(req.headers.host)}`)
  }

  @Get('second-look/:token')
  @FewSignIns()
  @ApiOperation({ summary: 'The questions that a carer’s link opens, and nothing else' })
  questions(@Param('token') token: string): Promise<SecondLookView> {
    return this.looks.questions(token)
  }

  @Post('second-look/:token')
  @HttpCode(200)
  @FewSignIns()
  @ApiOperation({ summary: 'The carer’s answers' })
  async answer(@Param('token') token: string, @Body() { answers }: AnswersDto): Promise<{ readonly isKept: true }> {
    await this.looks.answer(token, answers)
    return { isKept: true }
  }
}
