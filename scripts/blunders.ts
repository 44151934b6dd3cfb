// npm run blunders [-- LOGS] : plants errors of twelve kinds in rod logs of three sites and prints how many the page finds,
// with second readings and without, from one laser and from two, how many good readings it doubts and how many good
// set-ups it would have read again. Fails where one of the limits is not held.
import { type Count, type KindTally, shareOf, summed, tallyBlunders, tallyGood } from '@/core/testing/blunders/tally'

const logs = Number(process.argv[2] ?? 40)
const shown = (count: Count): string =>
  count.of === 0 ? 'none'.padStart(12) : `${count.found} of ${count.of}`.padStart(12)
const percent = (count: Count): string => `${(100 * shareOf(count)).toFixed(1)} %`

function table(title: string, tallies: readonly KindTally[]): void {
  console.log(`\n${title}\n${'site'.padEnd(16)}${'kind'.padEnd(20)}   3/16 and up   exactly 1/8   over 4 spreads`)
  for (const { site, kind, large, eighth, wild } of tallies)
    console.log(`${site.padEnd(16)}${kind.padEnd(20)}${shown(large)}  ${shown(eighth)}   ${shown(wild)}`)
}

const [withSeconds, without] = [true, false].map((seconds) => tallyBlunders({ seconds, checks: true }, logs))
const unchecked = tallyBlunders({ seconds: false, checks: false }, logs)
const [twoWithSeconds, twoWithout] = [true, false].map((seconds) =>
  tallyBlunders({ seconds, checks: true, lasers: 2 }, logs),
)
table('With second readings', withSeconds)
table('Without, checked back every ten readings', without)
table('Without, and never checked back', unchecked)
table('With second readings, each from the other one of two lasers', twoWithSeconds)
const good = tallyGood({ seconds: false, checks: true }, logs * 5)
const goodTwice = tallyGood({ seconds: true, checks: true }, logs * 5)
const goodFromTwo = tallyGood({ seconds: false, checks: true, lasers: 2 }, logs * 5)
const sum = (counts: readonly Count[]): Count =>
  counts.reduce((all, each) => ({ found: all.found + each.found, of: all.of + each.of }), { found: 0, of: 0 })

type Limit = readonly [says: string, count: Count, holds: (share: number) => boolean]
/** What must be caught, with second readings and without. */
const caught = (from: string, twice: readonly KindTally[], once: readonly KindTally[]): readonly Limit[] => [
  [
    `${from}with second readings, errors of 3/16 and more caught (99 % at least)`,
    summed(twice, 'large'),
    (s) => s >= 0.99,
  ],
  [
    `${from}with second readings, errors of exactly 1/8 caught (80 % at least)`,
    summed(twice, 'eighth'),
    (s) => s >= 0.8,
  ],
  [`${from}without, errors over four spreads caught (85 % at least)`, summed(once, 'wild'), (s) => s >= 0.85],
]
const isFew = (share: number): boolean => share < 0.02
/** How few good readings may be doubted on each site, without second readings. */
const doubtedOn = (from: string, tallies: readonly { readonly doubted: Count }[]): readonly Limit[] =>
  tallies.map(({ doubted }, i) => [
    `${from}without, good readings doubted on site ${i + 1} (under 2 %)`,
    doubted,
    isFew,
  ])

const TWO = 'two lasers, '
const limits: readonly Limit[] = [
  ...caught('', withSeconds, without),
  ...doubtedOn('', good),
  ...caught(TWO, twoWithSeconds, twoWithout),
  ...doubtedOn(TWO, goodFromTwo),
  [`${TWO}good set-ups of which any is read again (under 2 %)`, sum(goodFromTwo.map((g) => g.refused)), isFew],
  ['with second readings, good readings doubted (under 2 %)', sum(goodTwice.map((g) => g.doubted)), isFew],
  ['good set-ups of which any is read again (under 2 %)', sum(good.map((g) => g.refused)), isFew],
  ['the same with second readings (under 2 %)', sum(goodTwice.map((g) => g.refused)), isFew],
]
console.log('')
for (const [says, count, holds] of limits) {
  const isHeld = holds(shareOf(count))
  console.log(`${isHeld ? 'ok  ' : 'FAIL'} ${percent(count).padStart(7)} ${shown(count)}  ${says}`)
  if (!isHeld) process.exitCode = 1
}
