import { zipSync } from 'fflate'
import type { FormScene } from './formScene'

/** A turn of the form takes so many seconds. */
const SECONDS = 6
const FRAMES_A_SECOND = 30
/** Pictures of a turn where the browser records no film. */
const PICTURES = 48

const bytesOf = (address: string): Uint8Array =>
  Uint8Array.from(atob(address.slice(address.indexOf(',') + 1)), (letter) => letter.charCodeAt(0))

const film = (): string | undefined =>
  typeof MediaRecorder === 'undefined'
    ? undefined
    : ['video/webm;codecs=vp9', 'video/webm;codecs=vp8', 'video/webm'].find((type) =>
        MediaRecorder.isTypeSupported(type),
      )

/** Told how far it is, 0–1; says whether to go on. */
type Onward = (done: number) => boolean

async function filmed(canvas: HTMLCanvasElement, scene: FormScene, type: string, onward: Onward) {
  const recorder = new MediaRecorder(canvas.captureStream(FRAMES_A_SECOND), {
    mimeType: type,
    videoBitsPerSecond: 8_000_000,
  })
  const pieces: Blob[] = []
  recorder.ondataavailable = ({ data }) => pieces.push(data)
  const ended = new Promise<void>((resolve) => (recorder.onstop = () => resolve()))
  recorder.start()
  const began = performance.now()
  let on = true
  await new Promise<void>((resolve) => {
    const turn = (): void => {
      const done = Math.min(1, (performance.now() - began) / (1000 * SECONDS))
      scene.turnTo(2 * Math.PI * done)
      on = onward(done)
      if (done < 1 && on) requestAnimationFrame(turn)
      else resolve()
    }
    turn()
  })
  recorder.stop()
  await ended
  return on ? new Blob(pieces, { type: 'video/webm' }) : undefined
}

async function pictured(scene: FormScene, onward: Onward) {
  const files: Record<string, [Uint8Array, { level: 0 }]> = {}
  for (let n = 0; n < PICTURES; n++) {
    scene.turnTo((2 * Math.PI * n) / PICTURES)
    files[`turn-${String(n + 1).padStart(2, '0')}.png`] = [bytesOf(scene.picture()), { level: 0 }]
    if (!onward((n + 1) / PICTURES)) return undefined
    await new Promise((resolve) => setTimeout(resolve))
  }
  return new Blob([zipSync(files) as BlobPart], { type: 'application/zip' })
}

/**
 * One turn of the form, to be kept: a WebM film, or a zip of PNG pictures where the browser records none.
 * @param onward is told how far it is, 0–1, and stops it by saying no; nothing comes back then.
 */
export async function turnClip(
  canvas: HTMLCanvasElement,
  scene: FormScene,
  onward: Onward,
): Promise<{ clip: Blob; ending: 'webm' | 'zip' } | undefined> {
  const type = film()
  scene.behind(getComputedStyle(canvas).getPropertyValue('--field').trim() || '#b9b9b9')
  try {
    const clip = await (type ? filmed(canvas, scene, type, onward) : pictured(scene, onward))
    return clip && { clip, ending: type ? 'webm' : 'zip' }
  } finally {
    scene.behind(undefined)
    scene.turnTo(0)
  }
}
