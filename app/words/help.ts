/** What a room is for and how it is begun, in a painter's words. */
export const helpOfRoom = {
  Range:
    'All figures side by side, mixed from the few bottles on the table. Take a bottle off or add one and every row follows. Find the best proves which few do most; a row that reads like another is set apart by one press.',
  Figures:
    'Who is painted, how large, how many, in what order. Drag a figure, or move it with Alt and the arrows; the picture it is painted after is kept with it.',
  Box: 'Every paint as it draws down over white and black. Tick what this commission is painted from; choose a strip to see what it is like, what stands in for it and how to handle it.',
  'Add a paint':
    'A bottle of your own: by its colour and how opaque a coat is, over black and white, as a tint, or a whole shelf from a list. Each answer makes it surer.',
  'Swatch card':
    'Print the card, draw ten paints on it, photograph it whole: all are read at once.',
  Tone: 'What to aim at. Drag the pin over real skins, choose a state of health, or take the tones out of a photograph. A hide may be anything; what your bottles cannot mix is hatched.',
  Ladder:
    'From crevice to glint: as wide as its share of the skin, painted above, aimed at below. Three puddles are mixed; every other step is a plain ratio of two of them. Shadow and light are chosen at the right, each shown as the ladder it gives.',
  Recipe:
    'One step by itself: its drops, what else would do, what moves it where, and what to add when the well does not look as it should.',
  Coats:
    'What the skin is built of, from the undercoat up, as it looks on ridge, flat and recess. Start from a method and change it; drag a coat, or move it with Alt and the arrows.',
  Accents:
    'Lips, cheeks, veins, scars, eyes and teeth: where they are, and the glaze or the few strokes that make them.',
  Bench:
    'What to do next, one move at a time: what to mix, drop by drop; what to lay, and where on the figure. Space or Done when it is done; Put right when a well looks wrong; the heads above show who dries. Notes, clocks, what to buy and hands free are under More.',
  Eye: 'Ten minutes a day: what is lighter, warmer, redder; what is in this well; where half-way is. Made from your own bottles and figures, as hard as your eye is fine. Digits choose, Space goes on.',
  Log: 'What was predicted and what came out. Measured mixes teach the box what your bottles really are. The critic reads a photograph of the painted figure against its plan, and says what mends it.',
} as const satisfies Record<string, string>

/** A room within a commission: one without words of help does not compile. */
export type RoomName = keyof typeof helpOfRoom

/** What one is shown who looks round for the first time, room by room. */
export const tour: readonly { room: RoomName; says: string }[] = [
  { room: 'Figures', says: 'Who is painted: add your own, how large and how many.' },
  { room: 'Box', says: 'Your bottles. Tick the ones that you have.' },
  {
    room: 'Tone',
    says: 'What a skin or a hide is to look like: drag the pin, or take it from a picture.',
  },
  {
    room: 'Ladder',
    says: 'Crevice to glint, three puddles and the drops for each. Choose at the right where shadow goes.',
  },
  { room: 'Range', says: 'All figures from the same few bottles, side by side.' },
  { room: 'Coats', says: 'How to lay it: a method to start from, coat by coat.' },
  { room: 'Bench', says: 'At the table: one move at a time, what to mix, when it is dry.' },
]

/** Words that stand in the rooms, told plainly. */
export const glossary: readonly { word: string; means: string }[] = [
  {
    word: 'off by, ΔE00',
    means:
      'How different two colours look (CIEDE2000). Under 1 nobody sees it; 2 shows edge to edge; 5 shows across the table.',
  },
  { word: 'L*', means: 'Lightness, 0 black to 100 white; 50 looks half-way.' },
  {
    word: 'a*, b*',
    means: 'Redder or greener, yellower or bluer; both 0 is grey.',
  },
  {
    word: 'K and S',
    means:
      'How much a paint swallows and how much it throws back, at each colour of the light. Mixes are reckoned from them, drop by drop.',
  },
  {
    word: '±',
    means:
      'Two real mixes in three land within this of what is shown; measured bottles make it smaller.',
  },
  {
    word: 'share of skin',
    means: 'How much of the skin one sees has this step, under the light of the form.',
  },
  { word: 'puddle', means: 'A mix on the palette: of bottles, or of bottles and other puddles.' },
  {
    word: 'drawdown',
    means: 'Paint drawn out over white and black, thick and thin: what it hides and what it tints.',
  },
]
