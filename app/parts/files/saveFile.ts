import { slugOf } from '../../../core'

/** Hands text or bytes to the browser as a file to keep. */
export function saveFile(name: string, text: BlobPart, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 1000)
}

/** A name that every file system takes. */
export const fileName = (name: string, ending: string): string =>
  `${slugOf(name, 'work', 120)}.${ending}`
