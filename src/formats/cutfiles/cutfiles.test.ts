import Papa from 'papaparse'
import readXlsxFile from 'read-excel-file/node'
import { demo } from '@/core/testing/demos'
import { fromOffcuts } from '@/core/columns'
import { jobSticks } from '@/core/derive'
import { buyingOf, cutGroups } from '@/core/sticks'
import { planCuts } from '@/workers/cutting'
import { wallNames } from '@/core/layout'
import { cutXlsx, type CutOf, sawCsv } from '.'

const { job, d } = demo('quillback')
const { sticks } = jobSticks(job, d)
const sawn = sticks.filter(({ board }) => board.size !== null)

async function cutsOf(): Promise<readonly CutOf[]> {
  const stock = job.buying.stockIn.map((lengthIn) => ({ lengthIn, price: lengthIn }))
  return Promise.all(
    cutGroups(sticks, buyingOf(job)).map(async (group): Promise<CutOf> => {
      const wanted = group.pieces.map(({ lengthIn, count }) => ({ lengthIn, count }))
      const { uses, left } = fromOffcuts(wanted, [{ lengthIn: 97, count: 3 }], 0.125)
      const demands = left.filter(({ count }) => count > 0)
      const plan = await planCuts({ demands, stock, kerfIn: 0.125, spareIn: job.buying.spareIn })
      return { group, plan, uses, lengthsIn: demands.map(({ lengthIn }) => lengthIn) }
    }),
  )
}

const places = { wallNames: d.wallNames, openings: job.building.openings }

test('a saw list has a line for every stick that is sawn, with its length', async () => {
  const { data } = Papa.parse<Record<string, string>>(sawCsv(await cutsOf(), places), {
    header: true,
    skipEmptyLines: true,
  })
  expect(data).toHaveLength(sawn.length)
  expect(data.map(({ label }) => label).sort()).toEqual(sawn.map(({ name }) => name).sort())
  for (const { label, length_in } of data) {
    const nearest = sawn.filter(({ name }) => name === label).map(({ cutLengthIn }) => Number(length_in) - cutLengthIn)
    // Sawn to the sixteenth above; boards of posts stay longer where their tops are cut in place.
    expect(Math.min(...nearest.map(Math.abs))).toBeLessThanOrEqual(job.buying.cutInPlaceIn)
  }
})

test('places are called as people on the site call them, wherever north lies', async () => {
  const turned = wallNames(90)
  const { data } = Papa.parse<Record<string, string>>(sawCsv(await cutsOf(), { ...places, wallNames: turned }), {
    header: true,
  })
  const own = sticks.filter(({ kind, place }) => kind === 'girt' && place.row === 'G1')
  const named = (names: typeof turned, side: 'south' | 'west') => names[side].replace(' wall', '').toLowerCase()
  for (const side of ['south', 'west'] as const)
    expect(data.filter(({ place }) => place === `${named(turned, side)}, G1`)).toHaveLength(
      own.filter(({ place }) => place.side === side).length,
    )
  expect(turned.south).not.toBe(d.wallNames.south)
  // Openings by what they are, never by how the file tells them apart.
  const ids = job.building.openings.map(({ id }) => id)
  expect(data.filter(({ place }) => ids.some((id) => place?.includes(id)))).toEqual([])
  expect(data.filter(({ kind, place }) => kind === 'buck' && /window 1$/.test(place ?? '')).length).toBeGreaterThan(0)
})

test('another program reads the workbook: the boards make the pieces, the pieces are the saw list', async () => {
  const blob = await cutXlsx(await cutsOf(), places)
  const sheets = await readXlsxFile(Buffer.from(await blob.arrayBuffer()))
  expect(sheets.map(({ sheet }) => sheet)).toEqual(['Boards', 'Pieces', 'Saw list'])
  const [boards, pieces, saw] = sheets.map(({ data }) => data.slice(1))
  expect(boards.filter(([, , from]) => from === 'lies there').length).toBeGreaterThan(8)
  expect(saw).toHaveLength(sawn.length)
  const counted = new Map<string, number>()
  const add = (board: unknown, length: unknown, count: number) => {
    const key = `${String(board)} ${String(length)}`
    counted.set(key, (counted.get(key) ?? 0) + count)
  }
  for (const [board, length, , count] of pieces) add(board, length, Number(count))
  for (const row of saw) add(row[3], row[4], -1)
  expect([...counted.values()].every((count) => count === 0)).toBe(true)
  for (const [board, length, , count] of pieces) add(board, length, Number(count))
  for (const [board, count, , , into] of boards)
    for (const take of String(into).split('; ')) {
      const [times, length] = take.split(' x ')
      add(board, length, -Number(times) * Number(count))
    }
  expect([...counted].filter(([, count]) => count > 0)).toEqual([])
})
