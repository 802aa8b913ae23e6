import { z } from 'zod'

export const Role = z.enum(['lead', 'desk', 'viewer'])
export type Role = z.infer<typeof Role>

export const SignIn = z.strictObject({ user: z.string().min(1).max(120), password: z.string().min(1).max(500) })

export const SessionView = z.object({
  user: z.object({ id: z.string(), name: z.string(), role: Role }).optional(),
  /** Sent back in the header X-CSRF-Token with every write. */
  csrf: z.string().optional(),
  /** The demo's accounts, where the shop runs on the demo. */
  demoAccounts: z.array(z.object({ user: z.string(), password: z.string(), role: Role })).optional(),
})
export type SessionView = z.infer<typeof SessionView>
