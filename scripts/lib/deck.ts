import { item } from '@/core/result'

/** Stiffness of a bent member: E·I in lb·in², E·A in lb. */
interface Stiff {
  readonly ei: number
  readonly ea: number
}

/** Elements along each straight piece of a line. */
const PIECES = 24
const NEAR_IN = 1e-6

/**
 * An input deck of CalculiX for a frame in a plane: quadratic beams whose section is chosen so that E·I and E·A come
 * out, springs, ties of movements, and loads; pounds and inches.
 */
export class Deck {
  private readonly nodes: (readonly [number, number])[] = []
  private readonly parts: string[] = []
  private readonly ends: string[] = []
  private readonly loads: string[] = []
  private elements = 0

  private node(x: number, y: number): number {
    this.nodes.push([x, y])
    return this.nodes.length
  }

  private element(): number {
    this.elements += 1
    return this.elements
  }

  /** A node that only springs and ties hold; it moves along x alone. */
  alone(x: number, y: number): number {
    const node = this.node(x, y)
    this.fix(node, 2, 3)
    return node
  }

  /** Beams along some points, loaded along x by so many pounds an inch of what lies at each height; its nodes in order. */
  line(
    points: readonly (readonly [number, number])[],
    { ei, ea }: Stiff,
    loadLbIn: (yIn: number) => number,
  ): readonly number[] {
    const deep = Math.sqrt((12 * ei) / ea)
    const e = ea / deep
    const set = `L${this.elements}`
    const nodes = [this.node(...item(points, 0))]
    const rows: string[] = []
    for (let i = 1; i < points.length; i++) {
      const [[x1, y1], [x2, y2]] = [item(points, i - 1), item(points, i)]
      const stepIn = Math.hypot(x2 - x1, y2 - y1) / PIECES
      for (let k = 1; k <= PIECES; k++) {
        const at = (share: number) => this.node(x1 + (x2 - x1) * share, y1 + (y2 - y1) * share)
        const from = item(nodes, nodes.length - 1)
        const [middle, to] = [at((k - 0.5) / PIECES), at(k / PIECES)]
        nodes.push(middle, to)
        rows.push(`${this.element()},${from},${middle},${to}`)
        const lb = loadLbIn(y1 + ((y2 - y1) * (k - 0.5)) / PIECES) * stepIn
        if (lb !== 0)
          for (const [node, share] of [
            [from, 1],
            [middle, 4],
            [to, 1],
          ] as const)
            this.load(node, (lb * share) / 6)
      }
    }
    this.parts.push(
      `*ELEMENT, TYPE=B32R, ELSET=${set}`,
      ...rows,
      `*MATERIAL,NAME=M${set}`,
      // So stiff in shear that only bending shows, as in the core.
      '*ELASTIC,TYPE=ENGINEERING CONSTANTS',
      `${e},${e},${e},0.,0.,0.,${100 * e},${100 * e}`,
      `${100 * e}`,
      `*BEAM SECTION,ELSET=${set},MATERIAL=M${set},SECTION=RECT`,
      `1.,${deep}`,
      '0,0,1',
    )
    for (const node of nodes) this.fix(node, 3, 3)
    return nodes
  }

  /** An upright fixed at its foot; the node at its top. Its section is thin, so that shear adds nothing. */
  cantilever(lengthIn: number, ei: number): number {
    const y = 2000 + this.nodes.length
    const nodes = this.line(
      [
        [0, y],
        [0, y + lengthIn],
      ],
      { ei, ea: 12 * ei },
      () => 0,
    )
    this.fix(item(nodes, 0), 1, 6)
    return item(nodes, nodes.length - 1)
  }

  /** Holds movements (1 to 3) and turns (4 to 6) of a node. */
  fix(node: number, from: number, to: number): void {
    this.ends.push(`${node},${from},${to}`)
  }

  load(node: number, lb: number): void {
    this.loads.push(`${node},1,${lb}`)
  }

  /** The movement of a node along an axis is a sum of shares of the movements of others. */
  tie(node: number, others: readonly (readonly [number, number])[], axis: 1 | 2): void {
    const terms = [`${node},${axis},1.`, ...others.map(([other, share]) => `${other},${axis},${-share}`)]
    this.parts.push('*EQUATION', String(terms.length), terms.join(','))
  }

  private springs(type: string, element: string, head: string, lbIn: number): void {
    const set = `S${this.elements}`
    this.parts.push(`*ELEMENT,TYPE=${type},ELSET=${set}`, element, `*SPRING,ELSET=${set}`, head, lbIn.toExponential(12))
  }

  /** A spring along the line from one node to another. */
  spring(from: number, to: number, lbIn: number): void {
    this.springs('SPRINGA', `${this.element()},${from},${to}`, '', lbIn)
  }

  /** A spring that takes the difference of two movements along x. */
  between(from: number, to: number, lbIn: number): void {
    this.springs('SPRING2', `${this.element()},${from},${to}`, '1,1', lbIn)
  }

  toGround(node: number, lbIn: number): void {
    this.springs('SPRING1', `${this.element()},${node}`, '1', lbIn)
  }

  /** Soil along a line of nodes, so many lb/in an inch of depth at each height: quadratic shares of each element. */
  soil(nodes: readonly number[], lbIn2: (yIn: number) => number): void {
    const sums = new Map<number, number>()
    for (let i = 0; i + 2 < nodes.length; i += 2) {
      const three = [item(nodes, i), item(nodes, i + 1), item(nodes, i + 2)] as const
      const [low, middle, high] = three.map((node) => item(this.nodes, node - 1)[1]) as [number, number, number]
      const lengthIn = high - low
      ;(
        [
          [three[0], low, 1],
          [three[1], middle, 4],
          [three[2], high, 1],
        ] as const
      ).forEach(([node, y, share]) => sums.set(node, (sums.get(node) ?? 0) + (lbIn2(y) * lengthIn * share) / 6))
    }
    for (const [node, lbIn] of sums) if (lbIn > 0) this.toGround(node, lbIn)
  }

  /** The node of a line at a height. */
  at(nodes: readonly number[], yIn: number): number {
    return this.nodeNear(nodes, null, yIn)
  }

  /** The node of a line at a place; null for any x. */
  nodeNear(nodes: readonly number[], xIn: number | null, yIn: number): number {
    const found = nodes.find((node) => {
      const [x, y] = item(this.nodes, node - 1)
      return Math.abs(y - yIn) < NEAR_IN && (xIn === null || Math.abs(x - xIn) < NEAR_IN)
    })
    if (found === undefined) throw new Error(`no node at ${yIn}`)
    return found
  }

  /** The deck, printing what some nodes do. */
  text(asked: readonly number[]): string {
    return [
      '*NODE, NSET=NALL',
      ...this.nodes.map(([x, y], i) => `${i + 1},${x},${y},0`),
      '*NSET,NSET=ASKED',
      ...asked.map(String),
      ...this.parts,
      '*BOUNDARY',
      ...this.ends,
      '*STEP',
      '*STATIC',
      '*CLOAD',
      ...this.loads,
      '*NODE PRINT,NSET=ASKED',
      'U',
      '*END STEP',
      '',
    ].join('\n')
  }
}
