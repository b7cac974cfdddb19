import { unrung } from '../../vault/works'

/** Something that is to be heard once, by whichever tab comes first. */
export interface Ring {
  key: string
  words: string
}

/** A soft tone of a little over a second. */
function sound(): void {
  try {
    const audio = new AudioContext()
    const tone = audio.createOscillator()
    const gain = audio.createGain()
    tone.frequency.value = 523
    gain.gain.setValueAtTime(0.08, audio.currentTime)
    gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 1.2)
    tone.connect(gain).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + 1.2)
  } catch {
    // No sound here; the timer still shows.
  }
}

/** Rings softly, and as a notification where that is allowed; of several tabs one rings. */
export async function ringOnce(rings: readonly Ring[]): Promise<void> {
  const fresh = new Set(await unrung(rings.map(({ key }) => key)))
  if (fresh.size === 0) return
  sound()
  // A tablet that lies on the table is felt, too; not every browser can.
  navigator.vibrate?.([200, 100, 200])
  if ('Notification' in window && Notification.permission === 'granted')
    for (const { key, words } of rings) if (fresh.has(key)) new Notification(words)
}
