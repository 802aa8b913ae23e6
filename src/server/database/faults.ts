/** What the database's driver throws, told apart by what it means for who asked. */

/** The database cannot be reached, is full, or lets nobody write: nothing is wrong with what was asked. */
const UNAVAILABLE: ReadonlySet<string> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOTFOUND',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR',
  'POOL_CLOSED',
  'ER_CON_COUNT_ERROR',
  'ER_DISK_FULL',
  'ER_ERROR_ON_WRITE',
  'ER_OPTION_PREVENTS_STATEMENT',
  'ER_RECORD_FILE_FULL',
  'ER_SERVER_SHUTDOWN',
  'ER_UNKNOWN_COM_ERROR',
])

/** Texts that a column does not hold: longer than it is, or not of its letters. */
const UNFIT: ReadonlySet<string> = new Set(['ER_DATA_TOO_LONG', 'ER_TRUNCATED_WRONG_VALUE_FOR_FIELD'])

/** Another transaction was first: nothing of this one was done, and it may be tried again. */
const LOST: ReadonlySet<string> = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD'])

const codeOf = (error: unknown): string => String((error as NodeJS.ErrnoException | null)?.code ?? '')

export const isUnavailable = (error: unknown): boolean =>
  UNAVAILABLE.has(codeOf(error)) || (error instanceof Error && error.message === 'Queue limit reached.')

export const isLost = (error: unknown): boolean => LOST.has(codeOf(error))

/** A row is there already whose key may stand once only. */
export const isDuplicate = (error: unknown): boolean => codeOf(error) === 'ER_DUP_ENTRY'

export const isUnfit = (error: unknown): boolean => UNFIT.has(codeOf(error))

/**
 * An error as it may stand in a log: what a person typed is in a database's messages and statements, and not in this.
 */
export const logged = (error: unknown): Record<string, unknown> => {
  if (!(error instanceof Error)) return { type: typeof error }
  const { code, errno, sqlState } = error as NodeJS.ErrnoException & { sqlState?: string }
  const isOfDatabase = 'query' in error || 'sql' in error || sqlState !== undefined
  return {
    type: error.name,
    ...(code === undefined ? {} : { code }),
    ...(errno === undefined ? {} : { errno }),
    ...(isOfDatabase ? {} : { message: error.message }),
    stack: error.stack
      ?.split('\n')
      .filter((line) => line.startsWith('    at '))
      .join('\n'),
  }
}
