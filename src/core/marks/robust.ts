/** Numbers from the least to the largest. */
export type Sorted = Float64Array

// Numbers alone sort several times as fast without a function that compares two of them.
export const inOrder = (list: readonly number[]): Sorted => Float64Array.from(list).sort()

function middleOf(sorted: Sorted): number {
  const middle = sorted.length >> 1
  return sorted.length % 2 ? (sorted[middle] ?? NaN) : ((sorted[middle - 1] ?? NaN) + (sorted[middle] ?? NaN)) / 2
}

/** Middle of a list, the mean of both where it has two; NaN for an empty one. */
export const median = (list: readonly number[]): number => middleOf(inOrder(list))

/** What the median distance from the median is multiplied by to stand for one standard deviation of a normal spread. */
const TO_SIGMA = 1.4826

/** Median distance from the median: the farthest at either end are left out until the middle one is reached. */
function middleDistance(sorted: Sorted, middle: number): number {
  let [low, high] = [0, sorted.length - 1]
  const farthest = (): number => {
    const [below, above] = [middle - (sorted[low] ?? NaN), (sorted[high] ?? NaN) - middle]
    if (below > above) low += 1
    else high -= 1
    return Math.max(below, above)
  }
  const isOdd = sorted.length % 2 === 1
  for (let left = (sorted.length >> 1) - (isOdd ? 0 : 1); left > 0; left--) farthest()
  return isOdd ? farthest() : (farthest() + farthest()) / 2
}

/** Values within so many spreads are no wild ones; the deviation of what is left of a normal spread is so much of it. */
const WITHIN = 3
const OF_WHOLE = 0.9867
const ROUNDS_OF_SPREAD = 2

/**
 * How far a list spreads about its median, as a standard deviation that a few wild values do not move:
 * 1.4826 × median |e − median e|. Of thirty values that varies by a fifth from one draw to the next, and one in twenty
 * good ones then lies beyond 2.5 spreads; so the deviation of all within three spreads is taken where it is larger.
 */
export const spreadOf = (list: readonly number[]): number => spreadOfSorted(inOrder(list))

/** The same of numbers that are sorted already. */
export function spreadOfSorted(sorted: Sorted): number {
  const middle = middleOf(sorted)
  let spread = TO_SIGMA * middleDistance(sorted, middle)
  for (let round = 0; round < ROUNDS_OF_SPREAD; round++) {
    let [count, squares] = [0, 0]
    for (const value of sorted) {
      const off = value - middle
      if (Math.abs(off) > WITHIN * spread) continue
      count += 1
      squares += off * off
    }
    if (count > 1) spread = Math.max(spread, Math.sqrt(squares / (count - 1)) / OF_WHOLE)
  }
  return spread
}

interface Height {
  readonly x: number
  readonly y: number
  readonly z: number
}
type Plane = (at: { readonly x: number; readonly y: number }) => number

const ROUNDS_OF_PLANE = 12
/** Under this a point counts as on the plane, inches: it must not take all the weight. */
const ON_PLANE_IN = 1 / 16
/** Keeps a plane level across points that all lie in one line. */
const RIDGE = 1e-6

/**
 * The plane through heights that the fewest leave: least absolute distances, by weighted least squares a dozen times
 * over. A single wild height does not tilt it. Level across a line of points. Inches throughout.
 */
export function planeThrough(points: readonly Height[]): Plane {
  const [cx, cy] = [median(points.map(({ x }) => x)), median(points.map(({ y }) => y))]
  const size = Math.max(1, ...points.map(({ x, y }) => Math.hypot(x - cx, y - cy)))
  let weights = points.map(() => 1)
  let plane: Plane = () => median(points.map(({ z }) => z))
  for (let round = 0; round < ROUNDS_OF_PLANE; round++) {
    let [w, sx, sy, sz] = [0, 0, 0, 0]
    points.forEach(({ x, y, z }, i) => {
      const weight = weights[i] ?? 0
      w += weight
      sx += (weight * (x - cx)) / size
      sy += (weight * (y - cy)) / size
      sz += weight * z
    })
    const [mx, my, mz] = [sx / w, sy / w, sz / w]
    let [xx, xy, yy, xz, yz] = [RIDGE * w, 0, RIDGE * w, 0, 0]
    points.forEach(({ x, y, z }, i) => {
      const weight = weights[i] ?? 0
      const [u, v, h] = [(x - cx) / size - mx, (y - cy) / size - my, z - mz]
      xx += weight * u * u
      xy += weight * u * v
      yy += weight * v * v
      xz += weight * u * h
      yz += weight * v * h
    })
    const det = xx * yy - xy * xy
    const [a, b] = [(xz * yy - yz * xy) / det, (xx * yz - xy * xz) / det]
    plane = ({ x, y }) => mz + a * ((x - cx) / size - mx) + b * ((y - cy) / size - my)
    const now = plane
    weights = points.map((point) => 1 / Math.max(ON_PLANE_IN, Math.abs(point.z - now(point))))
  }
  return plane
}
