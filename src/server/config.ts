import { z } from 'zod'

const Environment = z.object({
  DATABASE_URL: z.string().min(1),
  PORT: z.coerce.number().int().min(0).max(65535).default(0),
  HOST: z.string().default('127.0.0.1'),
  HANDHOLD_DEMO: z.enum(['yes', 'no']).default('no'),
  HANDHOLD_CLIENT: z.string().optional(),
  HANDHOLD_SECURE_COOKIES: z.enum(['yes', 'no']).default('no'),
  HANDHOLD_PROXIES: z.coerce.number().int().min(0).default(0),
  LOG_LEVEL: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('warn'),
})

export interface Config {
  databaseUrl: string
  port: number
  host: string
  /** Load the demo into an empty database and show its accounts on the sign-in page. */
  demo: boolean
  /** Folder of the built client; left out: the API alone. */
  clientFolder: string | undefined
  /** Behind a proxy that speaks https. */
  secureCookies: boolean
  /** Proxies in front whose forwarded addresses are believed. */
  proxies: number
  logLevel: string
}

/** Throws with every variable that is missing or wrong. */
export const readConfig = (environment: Record<string, string | undefined>): Config => {
  const read = Environment.safeParse(environment)
  if (!read.success) {
    const lines = read.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`)
    throw new Error(`The environment is not right.\n${lines.join('\n')}`)
  }
  const { data } = read
  return {
    databaseUrl: data.DATABASE_URL,
    port: data.PORT,
    host: data.HOST,
    demo: data.HANDHOLD_DEMO === 'yes',
    clientFolder: data.HANDHOLD_CLIENT,
    secureCookies: data.HANDHOLD_SECURE_COOKIES === 'yes',
    proxies: data.HANDHOLD_PROXIES,
    logLevel: data.LOG_LEVEL,
  }
}
