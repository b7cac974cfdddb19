/** Folders of core in the order in which they may read: each reads those before it only. */
exports.chain = [
  'numbers',
  'colour',
  'paint',
  'puddle',
  'tone',
  'project',
  'recipe',
  'ladder',
  'range',
  'place',
  'coats',
  'critic',
  'bench',
]
