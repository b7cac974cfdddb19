import { defineStore } from 'pinia'
import { openPicture } from './openPicture'

/** The picture of the figure that is open; it stays while the painter walks between rooms. */
export const useTonePicture = defineStore('tonePicture', () => openPicture('tone'))

/** The photograph of the painted figure. */
export const useCriticPicture = defineStore('criticPicture', () =>
  openPicture('critic', { tones: false }),
)

/** The photograph of the swatch card. */
export const useCardPicture = defineStore('cardPicture', () => openPicture('card'))
