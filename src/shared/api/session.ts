import { z } from 'zod'

export const Role = z.enum(['lead', 'desk', 'viewer'])
export type Role = z.infer<typeof Role>

export const SignIn = z.strictObject({ user: z.string().min(1).max(120), password: z.string().min(1).max(500) })

/** A name to sign in with: small letters, figures, dots and dashes. */
const AccountId = z
  .string()
  .trim()
  .regex(/^[a-z0-9][a-z0-9.-]{1,60}$/, 'small letters, figures, dots and dashes, at least two')
const Password = z.string().min(8, 'at least eight characters').max(500)
const PersonName = z.string().trim().min(1).max(200)
export const FirstPerson = z.strictObject({ id: AccountId, name: PersonName, password: Password })
export const PersonWrite = FirstPerson.extend({ role: Role })
/** `password` left out: it stays. */
export const PersonChange = z.strictObject({ name: PersonName, role: Role, password: Password.optional() })
export const Person = z.object({ id: z.string(), name: z.string(), role: Role })
export type Person = z.infer<typeof Person>

export const SessionView = z.object({
  user: z.object({ id: z.string(), name: z.string(), role: Role }).optional(),
  /** Sent back in the header X-CSRF-Token with every write. */
  csrf: z.string().optional(),
  /** Nobody has an account yet: whoever comes first makes the lead's. */
  first: z.boolean().optional(),
  /** The demo's accounts, where the shop runs on the demo. */
  demoAccounts: z.array(z.object({ user: z.string(), password: z.string(), role: Role })).optional(),
})
export type SessionView = z.infer<typeof SessionView>
