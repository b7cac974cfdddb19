import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'

const NOTED = { onError: () => undefined }

/** What this device does while hands are full: moves spoken, a tap on the lower third. Off until switched on. */
export const useHandsFree = defineStore('hands-free', () => {
  const spoken = useLocalStorage('cobaltfinch-spoken', false, NOTED)
  const voice = useLocalStorage('cobaltfinch-voice', '', NOTED)
  /** Words against the usual pace. */
  const pace = useLocalStorage('cobaltfinch-pace', 1, NOTED)
  const tapLow = useLocalStorage('cobaltfinch-tap-low', false, NOTED)
  /** On which side Done stands: that of the hand that is free. */
  const hand = useLocalStorage<'left' | 'right'>('cobaltfinch-hand', 'left', NOTED)
  const canSpeak = 'speechSynthesis' in window
  const voices = ref<{ key: string; name: string }[]>([])
  function learnVoices(): void {
    voices.value = speechSynthesis
      .getVoices()
      .map(({ voiceURI, name, lang }) => ({ key: voiceURI, name: `${name} (${lang})` }))
  }
  if (canSpeak) {
    learnVoices()
    // Browsers know their voices a while after the page.
    speechSynthesis.addEventListener?.('voiceschanged', learnVoices)
  }
  /** Says it now, instead of what is being said. */
  function say(words: string): void {
    if (!canSpeak || !spoken.value || words === '') return
    speechSynthesis.cancel()
    const made = new SpeechSynthesisUtterance(words)
    made.rate = pace.value
    const chosen = speechSynthesis.getVoices().find(({ voiceURI }) => voiceURI === voice.value)
    if (chosen) made.voice = chosen
    speechSynthesis.speak(made)
  }
  const quiet = (): void => {
    if (canSpeak) speechSynthesis.cancel()
  }
  return { spoken, voice, pace, tapLow, hand, canSpeak, voices, say, quiet }
})
