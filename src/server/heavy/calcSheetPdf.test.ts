import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { deriveJob, type Derived } from '@/core/derive'
import { readJobText } from '@/core/files'
import { calcSheet } from '@/formats/calcsheet'
import { pdfDefinition } from '@/formats/crewbook'
import { pdfOf } from './pdf'

// A plan reviewer has the paper and nothing else: five checks of each building are worked out again from numbers that
// stand in the text of the PDF, by formulas written here.

/** A paper as its reader has it: the text in reading order without heads and feet of pages, and the outline. */
interface Paper {
  readonly derived: Derived
  readonly text: string
  readonly feet: readonly string[]
  readonly outline: string
}

const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-paper-'))
afterAll(() => rmSync(folder, { recursive: true }))

async function paperOf(name: string): Promise<Paper> {
  const job = readJobText(readFileSync(`demo/${name}.json`, 'utf8'))
  if (!job.ok) throw new Error(name)
  const derived = deriveJob(job.value)
  if (!derived.ok) throw new Error(name)
  const sheet = calcSheet(job.value, derived.value, { date: '2026-11-27', revision: 'revision 1' })
  const pdf = await pdfOf(pdfDefinition(sheet))
  if (!pdf.ok) throw new Error(name)
  const file = path.join(folder, `${name}.pdf`)
  writeFileSync(file, pdf.value)
  const raw = execFileSync('pdftotext', ['-raw', file, '-'], { encoding: 'utf8' })
  const xml = execFileSync('pdftohtml', ['-xml', '-i', '-stdout', file], { encoding: 'utf8', maxBuffer: 1 << 26 })
  return {
    derived: derived.value,
    text: raw.replace(/^.*2026-11-27 revision 1$|^For planning.*$/gm, '').replace(/\s+/g, ' '),
    feet: raw.match(/page \d+ of \d+$/gm) ?? [],
    outline: /<outline>[\s\S]*<\/outline>/.exec(xml)?.[0] ?? '',
  }
}

/** What stands in full about one check, from its heading to its ratio. */
function checkText({ text }: Paper, title: string): { readonly body: string; readonly ratio: number } {
  const from = text.search(new RegExp(`${title}: \\d\\.\\d+, (holds|close)`))
  if (from < 0) throw new Error(`no check ${title}`)
  const rest = text.slice(from)
  const end = /Demand ([\d.]+) .{0,12}over capacity ([\d.]+).{0,12}: ratio (\d+\.\d+)\./.exec(rest)
  if (!end) throw new Error(`no ratio of ${title}`)
  return { body: rest.slice(0, end.index), ratio: Number(end[1]) / Number(end[2]) }
}

type Four = readonly [number, number, number, number]

/** The numbers that a pattern finds, in its order; what it does not ask for is no number. */
function numbers(text: string, pattern: RegExp): Four {
  const found = pattern.exec(text)
  if (!found) throw new Error(`not in the text: ${pattern.source}`)
  const [a = NaN, b = NaN, c = NaN, d = NaN] = found.slice(1).map(Number)
  return [a, b, c, d]
}
const one = (text: string, pattern: RegExp): number => numbers(text, pattern)[0]
const maybe = (text: string, pattern: RegExp): number => (pattern.test(text) ? one(text, pattern) : 0)

const N = String.raw`(-?[\d.]+)`
const at = (pattern: string): RegExp => new RegExp(pattern.replaceAll('#', N))

/** Coefficients of walls fall with the logarithm of the area between 10 and 500 square feet (ASCE 7-16 Fig. 30.3-1). */
const byArea = (areaFt2: number, at10: number, at500: number): number =>
  at10 + ((at500 - at10) * Math.log10(Math.min(Math.max(areaFt2, 10), 500) / 10)) / Math.log10(50)

/** Suction on a board of a wall near its end, psf, from the wind, exposure and roof slope that the paper names. */
function endZoneSuction({ text }: Paper, areaFt2: number): number {
  const [speed] = numbers(text, /Basic wind speed V.*?26\.5\) ([\d.]+)/)
  const [heightFt] = numbers(text, at('Mean roof height .*? # ft ASCE'))
  const elevationFt = one(text, at('Ground elevation above sea level, feet \\(26.9\\) #'))
  const exposure = /Wind exposure \(26.7\) ([BCD])/.exec(text)?.[1]
  const [alpha, zgFt] = { B: [7, 1200], C: [9.5, 900], D: [11.5, 700] }[exposure ?? ''] ?? [NaN, NaN]
  const kz = 2.01 * (Math.max(heightFt, 15) / zgFt) ** (2 / alpha)
  const floored = exposure === 'B' ? Math.max(kz, 0.7) : kz
  const ke = Math.exp(-0.0000362 * elevationFt)
  const qh = 0.00256 * floored * 0.85 * ke * speed ** 2
  const rise = one(text, at('Roof rise per 12 of run #'))
  const low = (Math.atan(rise / 12) * 180) / Math.PI <= 10 ? 0.9 : 1
  const gcpi = one(text, at('GCpi #, 16 psf'))
  return Math.max(16, qh * (low * byArea(areaFt2, 1.4, 0.8) + gcpi))
}

/** Stability of a free edge, NDS 2018 3.3.3. */
function edge(body: string): number {
  const rb = /RB = /.exec(body)
  if (!rb) return 1
  const [le, d, b] = numbers(body, at('sqrt \\(# × #/#²\\)'))
  const fbe = one(body, at('FbE # psi'))
  const slender = Math.sqrt((le * d) / b ** 2)
  const [fb, cd, cr] = numbers(body, at("Fb' = .*? = # × # × #"))
  const alpha = fbe / (fb * cd * cr)
  expect(slender).toBeLessThan(50)
  return (1 + alpha) / 1.9 - Math.sqrt(((1 + alpha) / 1.9) ** 2 - alpha / 0.95)
}

/** Worst of bending and sag of a board under wind along it. */
function boardRatio(body: string, plf: number, spanFt: number): number {
  const two = /Moment at the middle post/.test(body)
  const sIn3 = one(body, /fb = 12 x M\/S = 12 × [\d.]+\/([\d.]+)/)
  const [fb, cd, cr, last] = numbers(body, at("Fb' = .*? = # × # × # × #"))
  const flat = /x Cfu =/.test(body)
  const allowed = fb * cd * cr * (flat ? last : edge(body))
  const bending = (12 * plf * spanFt ** 2) / 8 / sIn3 / allowed
  const [e, i] = numbers(body, at('/ ?\\((?:185|384) × # × #\\)'))
  const over = one(body, at('Allowed sag L/#'))
  const perIn = ((plf / 0.6) * 0.42) / 12
  const factor = two ? 1 / 185 : 5 / 384
  const sag = (factor * perIn * (12 * spanFt) ** 4) / (e * i) / ((12 * spanFt) / over)
  return Math.max(bending, sag)
}

function girt(paper: Paper): readonly [number, number] {
  const { body, ratio } = checkText(paper, '(East|North) wall girts, near the corners')
  const [spanFt, third] = numbers(body, at('A = L x max\\(s, L/3\\) = # × #'))
  const spaceIn = one(body, /w = 0\.6 x p x s = 0\.6 × [\d.]+ × ([\d.]+)\/12/)
  const areaFt2 = spanFt * Math.max(spaceIn / 12, spanFt / 3)
  expect(areaFt2).toBeCloseTo(spanFt * third, 1)
  const plf = (0.6 * endZoneSuction(paper, areaFt2) * spaceIn) / 12
  return [boardRatio(body, plf, spanFt), ratio]
}

function skirt(paper: Paper): readonly [number, number] {
  const { body, ratio } = checkText(paper, 'Skirt board')
  const [psf, spaceIn] = numbers(body, at('w = 0.6 x p x s = 0.6 × # × #/12'))
  const spanFt = one(body, at('M = w x L²/8 = [\\d.]+ × #²/8'))
  return [boardRatio(body, (0.6 * psf * spaceIn) / 12, spanFt), ratio]
}

/** Uplift: six tenths of the wind less six tenths of the dead load, against what lies on the foot. */
function uplift(paper: Paper): readonly [number, number] {
  const { body, ratio } = checkText(paper, 'Corner posts: uplift')
  const [psf, areaFt2] = numbers(body, at('p the mean over its area = # × #'))
  const deadLb = one(body, at('0\\.6 × [\\d.]+ - 0\\.6 × #'))
  const wallLb = maybe(body, at('T \\+ v x h = [\\d.]+ \\+ #'))
  const up = 0.6 * psf * areaFt2 - 0.6 * deadLb + wallLb
  return [up / (/Weight of the pier/.test(body) ? pierLb(body) : collarLb(body)), ratio]
}

/** Six tenths of a pier's weight, concrete at 145 pounds a cubic foot. */
function pierLb(body: string): number {
  const [areaFt2, lengthFt] = numbers(body, at('0\\.6 x A x L x 145 = 0\\.6 × # × # × 145'))
  return 0.6 * areaFt2 * lengthFt * 145
}

/** Six tenths of the cone of soil over a collar, of concrete and post. */
function collarLb(body: string): number {
  const [depthFt, r1, r2, postFt3] = numbers(body, at('\\(pi × #/3\\) × \\(#²\\+[^)]*\\+#²\\) - #'))
  const cone = (Math.PI * depthFt * (r1 ** 2 + r1 * r2 + r2 ** 2)) / 3 - postFt3
  const [pcf, concreteLb, postLb] = numbers(body, at('= 0\\.6 × \\(# × [\\d.]+ \\+ # \\+ #\\)'))
  return 0.6 * (pcf * cone + concreteLb + postLb)
}

/** Bearing on the soil under the worst load, by the class of the soil that was entered. */
function onSoil(paper: Paper): readonly [number, number] {
  const { body, ratio } = checkText(paper, 'Corner posts: (?:pad|pier) on the soil')
  const [topLb, below] = numbers(body, at('cast under and around it = # \\+ #'))
  const klass = one(paper.text, at('Soil class of IBC Table 1806.2, or own values #'))
  const bearing = [NaN, 12000, 4000, 3000, 2000, 1500][klass] ?? NaN
  const diameterFt = one(body, /presses a (\d+)" circle/) / 12
  return [(topLb + below) / ((bearing * Math.PI * diameterFt ** 2) / 4), ratio]
}

/** The depth of IBC 2021 1807.3.2 by halving, not by its own iteration, against the depth that the post has. */
function sideways(paper: Paper): readonly [number, number] {
  const { body, ratio } = checkText(paper, 'Corner posts: sideways in the ground')
  const [perPlf, plf] = numbers(body, at('w \\+ k x delta = # × #'))
  const [perIn, moveIn] = [
    maybe(body, at('w \\+ k x delta = [\\d.]+ × [\\d.]+ \\+ #')),
    maybe(body, at('solved together # in')),
  ]
  const shearLb = perPlf * plf + perIn * moveIn
  const momentFtLb =
    one(body, at('H x delta = # ×')) * plf + maybe(body, at('H x delta = [\\d.]+ × [\\d.]+ \\+ #')) * moveIn
  const soil = one(body, at("S' x 2 = [\\d.]+ × 2 #"))
  const width = one(body, /\bb = .*? = .*? ([\d.]+) ft IBC/)
  const free = halved((d) => {
    const a = (2.34 * shearLb) / (((soil * d) / 3) * width)
    return 0.5 * a * (1 + Math.sqrt(1 + (4.36 * (momentFtLb / shearLb)) / a)) - d
  })
  const held = Math.cbrt((4.25 * momentFtLb) / (soil * width))
  const slope = maybe(body, at('1 - #/12'))
  const asked = (/not held at grade; it has/.test(body) ? free : held) / (1 - slope / 12)
  const [feet, inches] = numbers(body, /it has (\d+)' (\d+)/)
  return [asked / (feet + inches / 12), ratio]
}

/** Where a falling function is zero, between 1 inch and 40 feet. */
function halved(of: (d: number) => number): number {
  let [low, high] = [1 / 12, 40]
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2
    if (of(middle) > 0) low = middle
    else high = middle
  }
  return low
}

describe.each(['quillback-hill', 'tansy-hollow', 'marl-road'])(
  'calculation sheet of %s, from its PDF alone',
  (name) => {
    let paper: Paper
    beforeAll(async () => {
      paper = await paperOf(name)
    })

    test.each([
      ['a girt near a corner, from the wind on', girt],
      ['the skirt board', skirt],
      ['uplift of the corner posts', uplift],
      ['the soil under the corner posts', onSoil],
      ['the corner posts sideways in the ground', sideways],
    ] as const)('%s comes out again', (_, recompute) => {
      const [again, printed] = recompute(paper)
      expect(again / printed).toBeGreaterThan(0.995)
      expect(again / printed).toBeLessThan(1.005)
    })

    test('has page n of m on every page, and an outline and contents of every sheet', () => {
      expect(paper.feet).toEqual(paper.feet.map((_, i) => `page ${i + 1} of ${paper.feet.length}`))
      const names = paper.outline.match(/(?<=<item[^>]*>)[^<]+/g) ?? []
      const sheets = [
        'Inputs: site',
        'Schedule of holes',
        'Schedule of joints',
        'Loads',
        'Frame and diaphragm',
        'Every check',
      ]
      expect(names).toEqual(expect.arrayContaining(sheets))
      expect(names.length).toBeGreaterThan(paper.derived.checks.length)
      for (const sheet of sheets) expect(paper.text).toMatch(new RegExp(`${sheet} \\d+ `))
    })
  },
)
