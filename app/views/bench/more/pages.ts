/** What can be opened beside the move at hand. */
export type MorePage =
  'note' | 'measure' | 'figures' | 'drying' | 'order' | 'wells' | 'paint' | 'device'
