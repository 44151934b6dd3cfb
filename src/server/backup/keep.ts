/** Nightly copies that stay: the last of each of so many days, weeks and months. */
const KEPT = { days: 7, weeks: 4, months: 12 }
const NAME = /^burdock-(\d{4}-\d{2}-\d{2})\.zip$/
const MS_PER_DAY = 86_400_000

/** The name of the copy of a day. */
export const copyName = (now: Date): string => `burdock-${now.toISOString().slice(0, 10)}.zip`

const dayOf = (name: string): Date | null => {
  const text = NAME.exec(name)?.[1]
  return text ? new Date(`${text}T00:00:00Z`) : null
}

/** Weeks since one that began on a Monday. */
const weekOf = (day: Date): number => Math.floor((day.getTime() / MS_PER_DAY + 3) / 7)
const monthOf = (day: Date): number => day.getUTCFullYear() * 12 + day.getUTCMonth()

/** The newest of each period, of as many periods as are kept. */
function newestOf(days: readonly Date[], periodOf: (day: Date) => number, most: number): Date[] {
  const newest = new Map<number, Date>()
  for (const day of days) if (!newest.has(periodOf(day))) newest.set(periodOf(day), day)
  return [...newest.values()].slice(0, most)
}

/** Which of these files are nightly copies whose time is over. Files of other names are nobody's business here. */
export function outdated(names: readonly string[]): string[] {
  const copies = names.flatMap((name) => {
    const day = dayOf(name)
    return day ? [{ name, day }] : []
  })
  const days = copies.map(({ day }) => day).sort((one, other) => other.getTime() - one.getTime())
  const stays = new Set(
    [...days.slice(0, KEPT.days), ...newestOf(days, weekOf, KEPT.weeks), ...newestOf(days, monthOf, KEPT.months)].map(
      (day) => day.getTime(),
    ),
  )
  return copies.filter(({ day }) => !stays.has(day.getTime())).map(({ name }) => name)
}
