/** What makes one head another, 0 none to 1 much. */
export interface HeadTraits {
  /** How far brow and jaw stand out. */
  brow: number
  jaw: number
  /** Hollows of cheek and temple. */
  gaunt: number
  /** Lines and bags of age. */
  age: number
  /** Long ears, tusks and a flat nose. */
  tusked: number
}
