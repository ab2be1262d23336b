import { FittingId } from '@nimble-anchor/core/ground'
import { Body, Controller, Get, HttpCode, Param, ParseUUIDPipe, Post, Req } from '@nestjs/common'
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger'
import type { CarerLink, SecondLookView } from '@nimble-anchor/core/formats'
import type { RecheckAnswer } from '@nimble-anchor/core/procedure'
import { IsObject, Validate } from 'class-validator'
import type { Request } from 'express'
import { Entrance } from '../people/entrance'
import { FewSignIns } from '../people/limits'
import { Answers } from './answers'
import { SecondLook } from './second-look'

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
    private readonly entrance: Entrance,
  ) {}

  @Post('fittings/:id/carer-link')
  @HttpCode(200)
  @ApiOperation({ summary: 'A link for the carer: it opens the ten questions of this fitting, and ends by itself' })
  link(@Param('id', ParseUUIDPipe) id: string, @Req() req: Request): Promise<CarerLink> {
    return this.looks.linkFor(FittingId(id), this.entrance.reachable(req) ?? this.entrance.place(req).origin)
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
