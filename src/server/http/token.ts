/** Secrets in addresses and cookies: unguessable, and kept nowhere but as their hash. */
import { createHash, randomBytes } from 'node:crypto'

const BYTES = 24
const DAY_MS = 86_400_000

export const newToken = (bytes = BYTES): string => randomBytes(bytes).toString('base64url')

/** SHA-256, as it is kept. */
export const digest = (token: string): string => createHash('sha256').update(token).digest('hex')

export const daysAfter = (at: Date, days: number): Date => new Date(at.getTime() + days * DAY_MS)
