import { z } from 'zod'

export const idSchema = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,62}$/, 'must be lower-case letters, digits and hyphens, 1 to 63 long')
export const nameSchema = z.string().trim().min(1).max(120)
export const noteSchema = z.string().max(1000)
