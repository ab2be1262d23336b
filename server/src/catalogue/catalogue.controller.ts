import { Body, Controller, Get, HttpCode, Post, Query } from '@nestjs/common'
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger'
import type { Catalogue } from '@nimble-anchor/core'
import { IsBooleanString, IsOptional } from 'class-validator'
import { CatalogueService, type ImportRow } from './catalogue.service'

class ImportQuery {
  /** `true` says what would happen and stores nothing. */
  @IsOptional()
  @IsBooleanString()
  preview?: string
}

/** Put into the API's description by `app.ts`. */
const SCHEMA = { $ref: '#/components/schemas/Catalogue' }

@ApiTags('catalogue')
@Controller('api/catalogue')
export class CatalogueController {
  constructor(private readonly catalogue: CatalogueService) {}

  @Get()
  @ApiOperation({ summary: 'Cars, restraints, units and children, in the format that is imported' })
  all(): Promise<Catalogue> {
    return this.catalogue.all()
  }

  @Post('import')
  @HttpCode(200)
  @ApiOperation({ summary: 'Import a catalogue: all of it or nothing' })
  @ApiBody({ schema: SCHEMA })
  import(@Body() body: unknown, @Query() query: ImportQuery): Promise<readonly ImportRow[]> {
    return this.catalogue.import(body, query.preview === 'true')
  }
}
