/**
 * What was written to while this page is open, by whomever: one stream for all tabs of a browser. Views ask anew for
 * what a change can have reached; nobody reloads.
 */
import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import type { Topic, TopicVersions } from '#shared/api/changes'
import { noteRevision } from '../api/client'
import { exclusive } from './exclusive'

const CHANNEL = 'handhold-changes'
/** A stream that was refused is asked for again after so long, ms. */
const AGAIN_MS = 5000
/** A page does not wait longer than this for the first versions, ms. */
const FIRST_MS = 600

type Versions = Partial<TopicVersions>
/** What tabs say to each other: what they heard, or that they came and would like to know. */
type Word = { versions: Versions } | { asks: true }

export const useChanges = defineStore('changes', () => {
  const versions = shallowRef<Versions>({})
  let ending: AbortController | undefined

  const take = (heard: Versions): void => {
    const more = Object.entries(heard).filter(([topic, version]) => version > (versions.value[topic as Topic] ?? -1))
    if (more.length > 0) versions.value = { ...versions.value, ...Object.fromEntries(more) }
  }
  noteRevision((catalogue) => take({ catalogue }))

  /** Until somebody signs out. One tab listens for all; when it is closed, another does. */
  const start = (): Promise<void> => {
    stop()
    const end = (ending = new AbortController())
    const channel = new BroadcastChannel(CHANNEL)
    const say = (word: Word) => channel.postMessage(word)
    channel.addEventListener('message', ({ data }: MessageEvent<Word>) => {
      if ('versions' in data) take(data.versions)
      else if (isListening) say({ versions: versions.value })
    })
    let isListening = false
    say({ asks: true })
    exclusive(CHANNEL, end.signal, () => {
      isListening = true
      const close = openStream((heard) => {
        take(heard)
        say({ versions: heard })
      })
      return () => {
        isListening = false
        close()
      }
    })
    end.signal.addEventListener('abort', () => channel.close())
    return first(end.signal)
  }
  const stop = (): void => {
    ending?.abort()
    ending = undefined
    versions.value = {}
  }
  const first = (signal: AbortSignal): Promise<void> =>
    new Promise((done) => {
      const known = watch(versions, ({ classes }) => classes === undefined || ready(), { immediate: false })
      const ready = () => {
        known()
        clearTimeout(timer)
        done()
      }
      const timer = setTimeout(ready, FIRST_MS)
      signal.addEventListener('abort', ready)
    })
  return { versions, take, start, stop }
})

/** Comes back by itself after a line that broke or a machine that slept. Returns how to end it. */
const openStream = (heard: (versions: Versions) => void): (() => void) => {
  let source: EventSource | undefined
  let timer: ReturnType<typeof setTimeout> | undefined
  const open = () => {
    source = new EventSource('/api/changes')
    source.addEventListener('versions', ({ data }: MessageEvent<string>) => heard(JSON.parse(data) as Versions))
    source.addEventListener('error', () => {
      if (source?.readyState === EventSource.CLOSED) timer = setTimeout(open, AGAIN_MS)
    })
  }
  open()
  return () => {
    clearTimeout(timer)
    source?.close()
  }
}

/** A text that is another one as soon as something of these topics was written. */
export const useStamp = (topics: readonly Topic[]): (() => string) => {
  const changes = useChanges()
  return () => topics.map((topic) => changes.versions[topic] ?? '').join()
}

/** Calls back when something of these topics was written after what is known now. */
export const whenChanged = (topics: readonly Topic[], act: () => unknown): void => {
  const changes = useChanges()
  const known = (): Versions => Object.fromEntries(topics.map((topic) => [topic, changes.versions[topic]]))
  watch(known, (now, before) => {
    // The first time that a version is heard of, it is the one that was read.
    const grew = topics.some((topic) => before[topic] !== undefined && (now[topic] ?? 0) > before[topic])
    if (grew) act()
  })
}
