/** Entries that a phone which is signed out has left with the office: they count once the office takes them. */
export interface LeftEntries {
  readonly id: string
  /** The names that stand on the entries. */
  readonly who: string
  /** What its people call the phone. */
  readonly phone: string
  readonly at: string
  readonly count: number
}
