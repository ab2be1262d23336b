import { ApiProperty } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsObject,
  IsString,
  IsUUID,
  MaxLength,
  ValidateNested,
} from 'class-validator'
import { adultBreadthSchema } from '@nimble-anchor/core/arrange'
import { idSchema, nameSchema } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { Optional } from '../http/optional'

/** More children than any row of cars takes. */
const MOST_CHILDREN = 6
const MOST_ADULTS = 8

/** One child of an arrangement: where it sits, and in what. */
export class SeatDto {
  @ApiProperty({ example: 'ada-strand' })
  @Fits(idSchema)
  childId: string

  @ApiProperty({ example: 'rear-left' })
  @Fits(idSchema)
  positionId: string

  @ApiProperty({ required: false, description: 'The other place of a restraint that lies across two.' })
  @Optional()
  @Fits(idSchema)
  secondPositionId?: string

  @ApiProperty({ example: 'ravel-sheepshank' })
  @Fits(idSchema)
  modelId: string

  @ApiProperty({ example: 'rearward' })
  @Fits(idSchema)
  modeId: string

  @ApiProperty({ example: 'isofix-leg' })
  @Fits(idSchema)
  routeId: string

  @ApiProperty({ required: false })
  @Optional()
  @Fits(idSchema)
  unitId?: string

  @ApiProperty({ required: false })
  @Optional()
  @Fits(idSchema)
  baseUnitId?: string

  @ApiProperty({ required: false, description: 'Cup holder or pod is taken off.' })
  @Optional()
  @IsBoolean()
  isExtraOff?: boolean

  @ApiProperty({ required: false, description: 'The visit that its fitting is for.' })
  @Optional()
  @IsUUID()
  visitId?: string
}

/** Somebody who rides on the seat itself: an adult, or a child beyond the local rule. */
export class AdultDto {
  @ApiProperty()
  @Fits(idSchema)
  id: string

  @ApiProperty({ example: 'front-left' })
  @Fits(idSchema)
  positionId: string

  @ApiProperty({ required: false, description: 'Across both shoulders, mm; left out, a usual breadth is taken.' })
  @Optional()
  @Fits(adultBreadthSchema)
  shoulderBreadthMm?: number

  @ApiProperty({ required: false, description: 'A child beyond the local rule, on the belt alone.' })
  @Optional()
  @IsBoolean()
  isChild?: boolean
}

export class LoadingDto {
  @ApiProperty({ description: 'A child or an adult of this ride.' })
  @Fits(idSchema)
  id: string

  @ApiProperty({ type: [String], description: 'Places that they get past.' })
  @IsArray()
  @ArrayMaxSize(8)
  @IsString({ each: true })
  @MaxLength(64, { each: true })
  past: string[]
}

export class BeginRideDto {
  @ApiProperty({ example: 'corran-turnstone' })
  @Fits(idSchema)
  vehicleId: string

  @ApiProperty({ type: [SeatDto] })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_CHILDREN)
  @IsObject({ each: true, message: 'must be an object' })
  @ValidateNested({ each: true })
  @Type(() => SeatDto)
  seats: SeatDto[]

  @ApiProperty({ type: [AdultDto] })
  @IsArray()
  @ArrayMaxSize(MOST_ADULTS)
  @IsObject({ each: true, message: 'must be an object' })
  @ValidateNested({ each: true })
  @Type(() => AdultDto)
  adults: AdultDto[]

  @ApiProperty({ type: [String], description: 'Children in the order in which their restraints go in.' })
  @IsArray()
  @ArrayMaxSize(MOST_CHILDREN)
  @IsString({ each: true })
  @MaxLength(64, { each: true })
  installing: string[]

  @ApiProperty({ type: [LoadingDto] })
  @IsArray()
  @ArrayMaxSize(MOST_CHILDREN + MOST_ADULTS)
  @IsObject({ each: true, message: 'must be an object' })
  @ValidateNested({ each: true })
  @Type(() => LoadingDto)
  loading: LoadingDto[]

  @ApiProperty({ example: 'Jory Quill' })
  @Fits(nameSchema)
  who: string
}

export class LeaveRideDto {
  @ApiProperty({ example: 'Jory Quill' })
  @Fits(nameSchema)
  who: string
}
