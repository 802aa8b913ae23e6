import { onUnmounted, ref } from 'vue'

/** The browser's own speech, off at first: hands stay at the machine while a line is heard. */
export const useVoice = () => {
  const speech = 'speechSynthesis' in window ? window.speechSynthesis : undefined
  const isOn = ref(false)
  const say = (text: string): void => {
    if (!speech || text === '') return
    speech.cancel()
    const line = new SpeechSynthesisUtterance(text)
    line.lang = 'en'
    speech.speak(line)
  }
  onUnmounted(() => speech?.cancel())
  return { isThere: speech !== undefined, isOn, say }
}
