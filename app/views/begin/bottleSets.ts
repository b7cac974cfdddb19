/**
 * Few starter bottles that reach far: of all sets of six and of eight from fourteen single-pigment starters, those
 * with the least mean ΔE00 over nine complexions and hides (own trials; see docs/optics.md for what the models are).
 */
export const bottleSets = [
  {
    key: 'eight',
    name: 'Eight that go far',
    ids: [
      'titanium-white',
      'ultramarine',
      'arylide-yellow',
      'red-iron-oxide',
      'quinacridone-magenta',
      'carbon-black',
      'chromium-oxide-green',
      'phthalo-green',
    ],
  },
  {
    key: 'six',
    name: 'Six to begin with',
    ids: [
      'titanium-white',
      'raw-umber',
      'red-iron-oxide',
      'quinacridone-magenta',
      'arylide-yellow',
      'ultramarine',
    ],
  },
] as const
