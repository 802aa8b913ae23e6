/** One tab of a browser at a time: whoever comes first, and another when that one is closed. */

/** How long a tab holds its turn without renewing it, and how often it does, ms. */
const HELD_MS = 6000
const RENEWED_MS = 2000

/**
 * Calls `run` in one tab of all until `signal` ends; what it returns is called at the end. By the browser's locks; they
 * are there only where the page came over HTTPS or from this machine, and elsewhere the turn is kept in the storage
 * that all tabs share.
 */
export const exclusive = (name: string, signal: AbortSignal, run: () => () => void): void => {
  const locks = (navigator as Partial<Navigator>).locks
  if (!locks) return byStorage(name, signal, run)
  const held = () =>
    new Promise<void>((over) => {
      const end = run()
      signal.addEventListener('abort', () => {
        end()
        over()
      })
    })
  locks.request(name, { signal }, held).catch(() => undefined)
}

const byStorage = (name: string, signal: AbortSignal, run: () => () => void): void => {
  const own = String(crypto.getRandomValues(new Uint32Array(2)))
  let end: (() => void) | undefined
  const holder = (): { tab: string; until: number } | undefined => {
    try {
      return JSON.parse(localStorage.getItem(name) ?? 'null') ?? undefined
    } catch {
      return undefined
    }
  }
  const turn = () => {
    const now = Date.now()
    const held = holder()
    if (held && held.tab !== own && held.until > now) {
      // Another tab was quicker: one stream is enough.
      end?.()
      end = undefined
      return
    }
    localStorage.setItem(name, JSON.stringify({ tab: own, until: now + HELD_MS }))
    // Two that took it at the same moment: the last one that wrote has it at the next look.
    if (held?.tab === own) end ??= run()
  }
  const leave = () => {
    clearInterval(timer)
    end?.()
    end = undefined
    if (holder()?.tab === own) localStorage.removeItem(name)
  }
  const timer = setInterval(turn, RENEWED_MS)
  signal.addEventListener('abort', leave)
  addEventListener('pagehide', leave)
  turn()
}
