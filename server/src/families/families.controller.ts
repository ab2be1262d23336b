import { Body, Controller, Delete, Get, Headers, Param, ParseUUIDPipe, Put, StreamableFile } from '@nestjs/common'
import { Heavy } from '../people/limits'
import { ApiHeader, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger'
import type { FamilySummary, FamilyView } from '@nimble-anchor/core/formats'
import { IsString, IsUUID, MaxLength, ValidateIf } from 'class-validator'
import { nameSchema } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { ChangeFamily } from './commands/change-family'
import { EraseFamily } from './commands/erase-family'
import { MoveChild } from './commands/move-child'
import { FamiliesRead } from './families-read'

class FamilyDto {
  @ApiProperty({ example: 'Hale' })
  @Fits(nameSchema)
  name: string

  @ApiProperty()
  @IsString()
  @MaxLength(2000)
  note: string
}
class MoveDto {
  @ApiProperty({ nullable: true, type: String, description: 'Another family, or null for one of its own.' })
  @ValidateIf((m: MoveDto) => m.familyId !== null)
  @IsUUID()
  familyId: string | null
}
class EraseDto {
  @ApiProperty({ description: 'The name of the family, to confirm.' })
  @IsString()
  @MaxLength(120)
  name: string
}

@ApiTags('families')
@Controller('api/families')
export class FamiliesController {
  constructor(
    private readonly families: FamiliesRead,
    private readonly changing: ChangeFamily,
    private readonly erasing: EraseFamily,
    private readonly moving: MoveChild,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Families with their children' })
  list(): Promise<readonly FamilySummary[]> {
    return this.families.list()
  }

  @Get(':id')
  @ApiOperation({ summary: 'One family: children, fittings, cars, restraints, re-checks' })
  get(@Param('id', ParseUUIDPipe) id: string): Promise<FamilyView> {
    return this.families.get(id)
  }

  @Put(':id')
  @ApiOperation({ summary: 'Rename it or note something' })
  @ApiHeader({ name: 'If-Match', description: 'Fingerprint of name and note as they were seen', required: true })
  async change(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: FamilyDto,
    @Headers('if-match') seen?: string,
  ): Promise<FamilyView> {
    await this.changing.run(id, body, seen)
    return this.families.get(id)
  }

  @Get(':id/export')
  @Heavy()
  @ApiOperation({ summary: 'Everything that is kept about a family' })
  async export(@Param('id', ParseUUIDPipe) id: string): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(JSON.stringify(await this.families.export(id), null, 2)), {
      type: 'application/json; charset=utf-8',
      disposition: 'attachment; filename="family.json"',
    })
  }

  @Delete(':id')
  @ApiOperation({ summary: 'Erase a family and everything kept about it' })
  erase(@Param('id', ParseUUIDPipe) id: string, @Body() body: EraseDto): Promise<{ readonly erased: number }> {
    return this.erasing.run(id, body.name)
  }

  @Put('children/:childId')
  @ApiOperation({ summary: 'Move a child to another family' })
  move(@Param('childId') childId: string, @Body() body: MoveDto): Promise<{ readonly familyId: string }> {
    return this.moving.run(childId, body.familyId)
  }
}
