import { z } from 'zod'
import * as msg from './messages.en.ts'

export const idSchema = z.string().regex(/^[a-z0-9][a-z0-9-]{0,62}$/, msg.mustBeLowerCaseLetters)
export const nameSchema = z.string().trim().min(1).max(120)
export const noteSchema = z.string().max(1000)
