import { CARER_TRIED, saidSchema, strokesSchema, type CarerTried } from '@nimble-anchor/core/casefile'
import { ApiProperty } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { idSchema, nameSchema, type Sequence } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { Optional } from '../http/optional'

export class NewChildDto {
  @ApiProperty({ example: 'Tamsin' })
  @Fits(nameSchema)
  name: string

  @ApiProperty({ required: false, example: 'Hale' })
  @Optional()
  @Fits(nameSchema)
  familyName?: string
}

export class CreateFittingDto {
  @ApiProperty({ example: 'tamsin-hale', required: false, description: 'The child, or "newChild".' })
  @ValidateIf((c: CreateFittingDto) => c.newChild === undefined)
  @Fits(idSchema, 'must be the id of a child')
  childId?: string

  @ApiProperty({
    required: false,
    description: 'A child that is not known yet: it is kept with its fitting, or neither is.',
  })
  @Optional()
  @IsObject({ message: 'must be an object' })
  @ValidateNested()
  @Type(() => NewChildDto)
  newChild?: NewChildDto

  @ApiProperty({ example: 'corran-dunlin', required: false })
  @Optional()
  @Fits(idSchema, 'must be the id of a vehicle')
  vehicleId?: string

  @ApiProperty({ required: false, description: 'The visit that it is for: it leads to this fitting from then on.' })
  @Optional()
  @IsUUID()
  visitId?: string

  @ApiProperty({
    required: false,
    description: 'It came already fitted; what is found wrong at the first look was wrong on arrival.',
  })
  @Optional()
  @IsBoolean()
  arrivedInstalled?: boolean
}

export class PutDto {
  @ApiProperty({ example: ['child', 'massKg'], type: [String] })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(3)
  @IsString({ each: true })
  @MaxLength(64, { each: true })
  path: readonly string[]

  @ApiProperty({ description: 'The new value; null takes it away.', nullable: true })
  @ValidateIf((put: PutDto) => put.value !== null)
  @IsDefined({ message: 'must be given; null takes the value away' })
  value: unknown
}

export class EntryDto {
  @ApiProperty({ description: 'Number of the newest entry that the writer has seen.' })
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  baseSequence: Sequence

  @ApiProperty({ required: false, description: 'Its own id: sent again after a lost answer it is stored once.' })
  @Optional()
  @IsUUID()
  id?: string

  @ApiProperty({
    required: false,
    type: [String],
    description: 'Ids of the writer’s own entries made since baseSequence: they do not stand against it.',
  })
  @Optional()
  @IsArray()
  @ArrayMaxSize(10_000)
  @IsUUID(undefined, { each: true })
  own?: string[]

  @ApiProperty({ example: 'Jory Quill' })
  @Fits(nameSchema)
  who: string

  @ApiProperty({
    required: false,
    description: 'Who was signed in when it was made: another cannot send it as theirs.',
  })
  @Optional()
  @IsUUID()
  personId?: string

  @ApiProperty({ type: [PutDto] })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(40)
  // A list is an object too, and passes for one that has been looked into.
  @IsObject({ each: true, message: 'must be an object' })
  @ValidateNested({ each: true })
  @Type(() => PutDto)
  puts: PutDto[]
}

export class IdsDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(1000)
  @IsUUID(undefined, { each: true })
  ids: string[]
}

export class UndoDto {
  @ApiProperty()
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  baseSequence: Sequence

  @ApiProperty({ example: 'Jory Quill' })
  @Fits(nameSchema)
  who: string
}

export class AgainstAdviceDto {
  @ApiProperty({ example: 'They live two streets away.' })
  @Fits(saidSchema, 'must say why they leave, in at most 500 characters')
  reason: string

  @ApiProperty({ example: 'That the leg stands on the box, and what that does.' })
  @Fits(saidSchema, 'must say what they were told, in at most 500 characters')
  said: string
}

export class SecondDto {
  @ApiProperty()
  @IsUUID()
  personId: string

  @ApiProperty({ description: 'Their password or PIN.' })
  @IsString()
  @Length(1, 200)
  secret: string
}
export class PassDto {
  @ApiProperty()
  @IsUUID()
  personId: string
}

export class SignDto extends UndoDto {
  @ApiProperty({ required: false, description: 'Who signs with a trainee: a fitter or a lead.' })
  @Optional()
  @IsObject({ message: 'must be an object' })
  @ValidateNested()
  @Type(() => SecondDto)
  second?: SecondDto

  @ApiProperty({ example: 'Maren Hale' })
  @Fits(nameSchema)
  carerName: string

  @ApiProperty({ required: false, description: 'Strokes of a drawn signature as SVG path data on 300 × 100.' })
  @Optional()
  @Fits(strokesSchema)
  fitterStrokes?: string

  @ApiProperty({ required: false })
  @Optional()
  @Fits(strokesSchema)
  carerStrokes?: string

  @ApiProperty({
    required: false,
    enum: CARER_TRIED,
    description: 'Whether the carer did it once while the fitter watched.',
  })
  @Optional()
  @IsIn(CARER_TRIED)
  carerTried?: CarerTried

  @ApiProperty({
    required: false,
    description: 'The family leaves although the fitting is not ready. Only then, and then needed.',
  })
  @Optional()
  @IsObject({ message: 'must be an object' })
  @ValidateNested()
  @Type(() => AgainstAdviceDto)
  againstAdvice?: AgainstAdviceDto
}
