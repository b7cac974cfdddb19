import TinyQueue from 'tinyqueue'
import { SL } from '../../colour/differenceBounds'
import { leastDifference } from '../../colour/leastDifference'
import type { LabBox } from '../../colour/leastDifference'
import { fInverse } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import type { XYZ } from '../../colour/white'
import { leastAlong, mostAlong } from './faces'
import type { Direction, Face } from './faces'

/** A part of CIELAB, its X, Y, Z between two corners. */
interface Cell {
  box: LabBox
  /** ΔE00 of anything in it at least; infinite where nothing can be mixed. */
  least: number
  low: XYZ
  high: XYZ
  halves?: readonly [Cell, Cell]
}

/** a* and b* of anything that reflects lie within these: the root values run from 16/116 to 1. */
const WIDEST = [440, 180] as const
/** So often a cell is halved for one direction. */
const HALVINGS = 400

/** The box with one end of an axis moved to its middle. */
const halved = (box: LabBox, axis: number, end: 0 | 1): LabBox => {
  const middle = (box[2 * axis]! + box[2 * axis + 1]!) / 2
  return box.map((value, i) => (i === 2 * axis + end ? middle : value)) as unknown as LabBox
}

/**
 * All colours within a difference of a target that may be mixed at all, as a tree of cells of CIELAB that is grown
 * where it is asked about (docs/search.md). Far targets have balls that no formula holds closely.
 * @example new DifferenceBall(target, white, hull, 30).face({ x: 0, y: 1, z: 0 }, 30).most // Y at most
 */
export class DifferenceBall {
  private readonly root: Cell

  /**
   * @param hull half-spaces that hold whatever can be mixed
   * @param reach the greatest difference that will be asked about
   */
  constructor(
    private readonly target: Lab,
    private readonly white: XYZ,
    private readonly hull: readonly Face[],
    readonly reach: number,
  ) {
    // S_L is 1.75 at most, and less where the mean lightness lies nearer to 50; twice refined.
    let dL = reach * 1.747
    for (let i = 0; i < 2; i++) dL = reach * Math.max(SL(target.L - dL / 2), SL(target.L + dL / 2))
    const [low, high] = [Math.max(-1, target.L - dL), Math.min(101, target.L + dL)]
    this.root = this.cell([low, high, -WIDEST[0], WIDEST[0], -WIDEST[1], WIDEST[1]])
  }

  private cell(box: LabBox): Cell {
    const [L1, L2, a1, a2, b1, b2] = box
    const [X, Y, Z] = this.white
    const [f1, f2] = [(L1 + 16) / 116, (L2 + 16) / 116]
    const low: XYZ = [X * fInverse(f1 + a1 / 500), Y * fInverse(f1), Z * fInverse(f1 - b2 / 200)]
    const high: XYZ = [X * fInverse(f2 + a2 / 500), Y * fInverse(f2), Z * fInverse(f2 - b1 / 200)]
    const out = this.hull.some((face) => leastAlong(face, low, high) > face.most)
    return { box, least: out ? Infinity : leastDifference(this.target, box), low, high }
  }

  /** A cell's halves, across its longest side as the eye measures it. */
  private halves(cell: Cell): readonly [Cell, Cell] {
    if (cell.halves) return cell.halves
    const { box } = cell
    const [L1, L2, a1, a2, b1, b2] = box
    const chroma = Math.sqrt((a1 + a2) ** 2 + (b1 + b2) ** 2) / 2
    const sides = [L2 - L1, (a2 - a1) / (1 + 0.03 * chroma), (b2 - b1) / (1 + 0.03 * chroma)]
    const axis = sides.indexOf(Math.max(...sides))
    cell.halves = [this.cell(halved(box, axis, 1)), this.cell(halved(box, axis, 0))]
    return cell.halves
  }

  /** The half-space across a direction that holds all colours within the difference; nearly the least, never too small. */
  face(direction: Direction, difference: number): Face {
    const open = new TinyQueue<{ most: number; cell: Cell }>([], (a, b) => b.most - a.most)
    const add = (cell: Cell): void => {
      if (cell.least <= difference)
        open.push({ most: mostAlong(direction, cell.low, cell.high), cell })
    }
    add(this.root)
    for (let n = 0; n < HALVINGS && open.length > 0; n++) this.halves(open.pop()!.cell).forEach(add)
    return { ...direction, most: open.peek()?.most ?? -Infinity }
  }
}
