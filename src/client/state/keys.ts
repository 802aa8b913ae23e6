/** Keys that work everywhere except while somebody types. */
import { onBeforeUnmount, onMounted } from 'vue'

export interface KeyBinding {
  /** A key, or two pressed one after the other: `g c`. */
  keys: string
  does: string
  /** Left out where what has the focus hears the key itself: then it is only told in the sheet of keys. */
  run?: () => void
}

const SECOND_KEY_WITHIN_MS = 1500

/** What is ticked or pressed takes no letters. */
const PRESSED: ReadonlySet<string> = new Set(['checkbox', 'radio', 'button', 'submit', 'range'])

const isTyping = (target: EventTarget | null): target is HTMLElement =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['TEXTAREA', 'SELECT'].includes(target.tagName) ||
    (target instanceof HTMLInputElement && !PRESSED.has(target.type)))

const layers: KeyBinding[][] = []
let first: { key: string; at: number } | undefined

const onKey = (event: KeyboardEvent): void => {
  if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return
  if (isTyping(event.target)) {
    if (event.key === 'Escape') event.target.blur()
    return
  }
  const bindings = layers
    .flat()
    .reverse()
    .filter(({ run }) => run !== undefined)
  const fresh = first && event.timeStamp - first.at < SECOND_KEY_WITHIN_MS ? first.key : undefined
  first = undefined
  const pressed = fresh ? `${fresh} ${event.key}` : event.key
  const binding = bindings.find(({ keys }) => keys === pressed)
  if (binding) {
    event.preventDefault()
    binding.run?.()
  } else if (!fresh && bindings.some(({ keys }) => keys.startsWith(`${event.key} `))) {
    first = { key: event.key, at: event.timeStamp }
  }
}

if (typeof window !== 'undefined') window.addEventListener('keydown', onKey)

/** Bindings live as long as the component that asks for them; later ones come first. */
export const useKeys = (bindings: KeyBinding[]): void => {
  onMounted(() => layers.push(bindings))
  onBeforeUnmount(() => {
    const at = layers.indexOf(bindings)
    if (at >= 0) layers.splice(at, 1)
  })
}

/** Those of the page that is open before those that hold everywhere. */
export const allBindings = (everywhere: KeyBinding[]): KeyBinding[] => [
  ...layers.filter((layer) => layer !== everywhere).flat(),
  ...everywhere,
]
