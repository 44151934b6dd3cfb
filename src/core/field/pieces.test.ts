import { deriveJob, jobSticks } from '../derive'
import { priceBook } from '../quantities'
import { demo } from '../testing/demos'
import { foldBare } from './fold'
import { boardOf, isCut, piecesAsBuilt } from './pieces'
import type { PieceState } from './kinds'
import type { RecordBody } from './recordShape'
import { withEnvelope } from './envelope'

const job = demo('quillback').job
const derived = deriveJob(job)
if (!derived.ok) throw new Error('no building')
const { sticks } = jobSticks(job, derived.value)
const prices = priceBook(job.sizing.prices)
const girt = sticks.find(({ kind }) => kind === 'girt')
if (!girt) throw new Error('no girt')

const folded = (...bodies: RecordBody[]) =>
  foldBare(
    bodies.map((body, i) =>
      withEnvelope({
        id: `r${i}`,
        at: `2026-11-2${i}T12:00:00Z`,
        device: 'd',
        who: 'w',
        body,
      }),
    ),
  )
const piece = (state: PieceState, lengthIn: number | null, board = boardOf(girt)): RecordBody => ({
  kind: 'pieces',
  state,
  pieces: { [girt.id]: lengthIn === null ? null : { name: girt.name, board, lengthIn } },
})
const builtOf = (...bodies: RecordBody[]) =>
  piecesAsBuilt(sticks, folded(...bodies), prices).pieces.find(({ stick }) => stick.id === girt.id)
const anewCost = ((girt.buyLengthIn ?? 0) / 12) * prices.board(girt.board.size ?? '2x6', girt.board.lumber, false)

test.each<[string, RecordBody[], object]>([
  ['nothing said', [], { state: 'planned', cut: null, fit: null, anewCost: 0 }],
  ['cut as planned', [piece('cut', girt.cutLengthIn)], { state: 'cut', fit: { kind: 'fits' }, anewCost: 0 }],
  ['a sixteenth off', [piece('cut', girt.cutLengthIn - 1 / 16)], { fit: { kind: 'fits' }, anewCost: 0 }],
  ['an inch long', [piece('cut', girt.cutLengthIn + 1)], { fit: { kind: 'long', byIn: 1 }, anewCost: 0 }],
  ['an inch short', [piece('cut', girt.cutLengthIn - 1)], { fit: { kind: 'short', byIn: 1 }, anewCost }],
  ['from another board', [piece('cut', girt.cutLengthIn, '2×4 X')], { fit: { kind: 'other board' }, anewCost }],
  [
    'set keeps its cut',
    [piece('cut', girt.cutLengthIn - 2), piece('set', null)],
    { state: 'set', fit: { kind: 'short', byIn: 2 } },
  ],
  ['planned again is not cut', [piece('cut', 9), piece('planned', null)], { state: 'planned', cut: null, anewCost: 0 }],
  ['set without a word of its cut', [piece('fixed', null)], { state: 'fixed', cut: null, fit: null }],
])('%s', (_, bodies, want) => expect(builtOf(...bodies)).toMatchObject(want))

test('an undo brings back what was', () => {
  const cut = piece('cut', girt.cutLengthIn)
  expect(builtOf(cut, piece('set', null), { kind: 'void', record: 'r1' })?.state).toBe('cut')
})
test('the boards of a post stand as their post does', () => {
  const ply = sticks.find(({ kind }) => kind === 'ply')
  if (!ply?.of) throw new Error('no ply')
  const states = ['planned', 'hole dug', 'footing ready', 'cut', 'set', 'braced', 'inspected'] as const
  const said = states.map(
    (state) =>
      piecesAsBuilt(sticks, folded({ kind: 'state', post: ply.of ?? '', state }), prices).pieces.find(
        ({ stick }) => stick.id === ply.id,
      )?.state,
  )
  expect(said).toEqual(['planned', 'planned', 'planned', 'cut', 'set', 'fixed', 'checked'])
  expect(said.map((state) => isCut(state ?? 'planned'))).toEqual([false, false, false, true, true, true, true])
})
test('a piece that the plan has no more is said with what it was cut to', () => {
  const body: RecordBody = {
    kind: 'pieces',
    state: 'cut',
    pieces: { 'girt-up-G9-9': { name: 'G9.9', board: 'b', lengthIn: 90 } },
  }
  const { pieces, strays } = piecesAsBuilt(sticks, folded(body), prices)
  expect(strays).toMatchObject([{ id: 'girt-up-G9-9', cut: { name: 'G9.9', lengthIn: 90 } }])
  expect(pieces).toHaveLength(sticks.length)
})
