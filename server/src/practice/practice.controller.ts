import { Body, Controller, Delete, Get, Headers, Param, Put } from '@nestjs/common'
import { ApiBody, ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger'
import type { PracticeBook } from '@nimble-anchor/core/formats'
import { idSchema } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { DeletePractice } from './commands/delete-practice'
import { PutPractice } from './commands/put-practice'
import { SetPracticeDefaults } from './commands/set-practice-defaults'
import { PracticeRead } from './practice-read'

class DefaultsDto {
  @Fits(idSchema)
  profileId: string

  @Fits(idSchema)
  localRuleId: string
}

@ApiTags('practice')
@Controller('api/practice')
export class PracticeController {
  constructor(
    private readonly practice: PracticeRead,
    private readonly putting: PutPractice,
    private readonly deleting: DeletePractice,
    private readonly defaulting: SetPracticeDefaults,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Practice profiles and local rules, and which a new fitting starts with' })
  all(): Promise<PracticeBook> {
    return this.practice.all()
  }

  @Put('defaults')
  @ApiOperation({ summary: 'Choose what a new fitting starts with' })
  defaults(@Body() body: DefaultsDto): Promise<PracticeBook> {
    return this.defaulting.run(body)
  }

  @Put('profiles/:id')
  @ApiOperation({ summary: 'Keep a practice profile' })
  @ApiBody({ schema: { $ref: '#/components/schemas/PracticeProfile' } })
  @ApiHeader({ name: 'If-Match', description: 'Fingerprint of it as it was seen; none for a new one' })
  putProfile(
    @Param('id') id: string,
    @Body() body: unknown,
    @Headers('if-match') seen?: string,
  ): Promise<PracticeBook> {
    return this.putting.run('profiles', id, body, seen)
  }

  @Put('local-rules/:id')
  @ApiOperation({ summary: 'Keep a local rule' })
  @ApiBody({ schema: { $ref: '#/components/schemas/LocalRule' } })
  @ApiHeader({ name: 'If-Match', description: 'Fingerprint of it as it was seen; none for a new one' })
  putLocalRule(
    @Param('id') id: string,
    @Body() body: unknown,
    @Headers('if-match') seen?: string,
  ): Promise<PracticeBook> {
    return this.putting.run('localRules', id, body, seen)
  }

  @Delete('profiles/:id')
  @ApiOperation({ summary: 'Take a practice profile away; fittings keep their own copy' })
  deleteProfile(@Param('id') id: string): Promise<PracticeBook> {
    return this.deleting.run('profiles', id)
  }

  @Delete('local-rules/:id')
  @ApiOperation({ summary: 'Take a local rule away; fittings keep their own copy' })
  deleteLocalRule(@Param('id') id: string): Promise<PracticeBook> {
    return this.deleting.run('localRules', id)
  }
}
