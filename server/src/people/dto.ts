import { ROLES, type Role } from '@nimble-anchor/core/formats'
import { ApiProperty } from '@nestjs/swagger'
import { IsBoolean, IsIn, IsObject, IsString, IsUUID, Length, Matches, MaxLength, ValidateIf } from 'class-validator'
import { Optional } from '../http/optional'

const SHORTEST_PASSWORD = 10

class NamedDto {
  @ApiProperty({ example: 'Jory Quill' })
  @IsString()
  @Matches(/\S/, { message: 'must be a name' })
  @MaxLength(120)
  name: string
}
export class SignInDto extends NamedDto {
  @ApiProperty()
  @IsString()
  @Length(1, 200)
  password: string
}
export class NewPasswordDto {
  @ApiProperty({ minLength: SHORTEST_PASSWORD })
  @IsString()
  @Length(SHORTEST_PASSWORD, 200)
  password: string
}
export class RecoverDto extends NamedDto {
  @ApiProperty({ example: 'ABCD-EFGH-2345' })
  @IsString()
  @Length(1, 40)
  code: string

  @ApiProperty({ minLength: SHORTEST_PASSWORD })
  @IsString()
  @Length(SHORTEST_PASSWORD, 200)
  password: string
}
export class ChangePasswordDto extends NewPasswordDto {
  @ApiProperty({ description: 'The one until now.' })
  @IsString()
  @Length(1, 200)
  before: string
}
export class PinDto {
  @ApiProperty({ nullable: true, type: String, description: '4 to 8 figures; null takes it away.' })
  @ValidateIf((p: PinDto) => p.pin !== null)
  @Matches(/^\d{4,8}$/, { message: 'must be 4 to 8 figures' })
  pin: string | null
}
export class SwitchDto {
  @ApiProperty()
  @IsUUID()
  personId: string

  @ApiProperty()
  @Matches(/^\d{4,8}$/, { message: 'must be 4 to 8 figures' })
  pin: string
}
export class ConfirmDto {
  @ApiProperty({ required: false })
  @Optional()
  @IsString()
  @Length(1, 200)
  password?: string

  @ApiProperty({ required: false, description: 'Of the passkey that was asked for.' })
  @Optional()
  @IsUUID()
  handle?: string

  @ApiProperty({ required: false, type: Object })
  @Optional()
  @IsObject()
  response?: object
}
export class PasskeyDto {
  @ApiProperty()
  @IsUUID()
  handle: string

  @ApiProperty({ type: Object })
  @IsObject()
  response: object
}
export class NewPasskeyDto extends PasskeyDto {
  @ApiProperty({ example: 'Phone of the hut' })
  @IsString()
  @Length(1, 60)
  label: string
}
export class ClaimDto {
  @ApiProperty()
  @IsString()
  @Length(20, 100)
  code: string
}
export class PersonDto extends NamedDto {
  @ApiProperty({ enum: ROLES })
  @IsIn(ROLES)
  role: Role

  @ApiProperty({ minLength: SHORTEST_PASSWORD })
  @IsString()
  @Length(SHORTEST_PASSWORD, 200)
  password: string
}
export class ChangePersonDto extends NamedDto {
  @ApiProperty({ enum: ROLES })
  @IsIn(ROLES)
  role: Role

  @ApiProperty()
  @IsBoolean()
  isActive: boolean
}
