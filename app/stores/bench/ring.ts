/** Something that is to be heard once, by whichever tab comes first. */
export interface Ring {
  key: string
  words: string
}

const RUNG = 'cobaltfinch-rung'
const MOST = 200

/** What no tab has rung yet; noted for all of them, since a tab that slept comes late. */
function unrung(rings: readonly Ring[]): Ring[] {
  try {
    const before = JSON.parse(localStorage.getItem(RUNG) ?? '[]') as string[]
    const fresh = rings.filter(({ key }) => !before.includes(key))
    localStorage.setItem(
      RUNG,
      JSON.stringify([...before, ...fresh.map(({ key }) => key)].slice(-MOST)),
    )
    return fresh
  } catch {
    return [...rings]
  }
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
  const ring = (): void => {
    const fresh = unrung(rings)
    if (fresh.length === 0) return
    sound()
    if ('Notification' in window && Notification.permission === 'granted')
      for (const { words } of fresh) new Notification(words)
  }
  if ('locks' in navigator) await navigator.locks.request('cobaltfinch-ring', ring)
  else ring()
}
