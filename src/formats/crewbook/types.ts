/**
 * A crew book as plain blocks: the screen and the PDF are drawn from the same ones. Kept: every mark a crew needs.
 * Lost: the arithmetic (see "What holds"). Lengths are text in feet, inches and sixteenths.
 */
export type Block =
  /** `outline`: named in the outline of the file, under its sheet. */
  | ({
      readonly kind: 'text'
      readonly text: string
      readonly strong?: boolean
      readonly outline?: boolean
    } & PaperOnly)
  | { readonly kind: 'caution'; readonly text: string }
  | ({
      readonly kind: 'svg'
      readonly svg: string
      readonly width: number
      readonly height: number
      readonly alt: string
    } & PaperOnly)
  /** An empty frame to be filled by hand: a seal, a measured value. */
  | { readonly kind: 'box'; readonly text: string; readonly heightPt: number }
  | {
      readonly kind: 'table'
      readonly head: readonly string[]
      readonly rows: readonly (readonly string[])[]
      /** Columns set right. */ readonly right: readonly number[]
      /** Columns set large. */ readonly big: readonly number[]
      /** No wider than what stands in it, in smaller type. */ readonly tight?: boolean
    }

/** What is true on paper only: a drawing at full size is not traced from a screen. */
interface PaperOnly {
  readonly paperOnly?: boolean
}

export interface Sheet {
  readonly title: string
  readonly sub: string
  readonly blocks: readonly Block[]
  /** Goes on where the sheet before it ends, instead of beginning a page. */
  readonly follows?: boolean
}

/** A book before it is dated: what hangs on the plan alone. */
export type UndatedBook = Omit<CrewBook, 'date' | 'revision'>

export interface CrewBook {
  /** What it is, for the title of the file: `crew book`. */
  readonly what: string
  /** Its sheets lie on their long side. */
  readonly landscape?: boolean
  /** A page of contents after the first sheet. */
  readonly contents?: boolean
  readonly job: string
  readonly date: string
  readonly revision: string
  readonly note: string
  readonly sheets: readonly Sheet[]
}
