/** What was typed and not saved, kept in this browser so that a reload loses nothing. */
const PREFIX = 'handhold-draft/'

export const keptDraft = <Value>(name: string) => {
  const key = `${PREFIX}${name}`
  return {
    read: (): Value | undefined => {
      try {
        const text = localStorage.getItem(key)
        return text === null ? undefined : (JSON.parse(text) as Value)
      } catch {
        return undefined
      }
    },
    /** Undefined forgets it. Where the browser has no room, the edit goes on without being kept. */
    write: (value: Value | undefined): void => {
      try {
        if (value === undefined) localStorage.removeItem(key)
        else localStorage.setItem(key, JSON.stringify(value))
      } catch {
        localStorage.removeItem(key)
      }
    },
  }
}
