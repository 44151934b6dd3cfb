import { settleClash } from './clash'

const base = { name: 'shed', heelIn: 120, openings: [{ id: 'a' }, { id: 'b' }] }
const clash = {
  base,
  mine: { ...base, heelIn: 132, openings: [{ id: 'b' }, { id: 'a' }] },
  theirs: { ...base, heelIn: 144, name: 'barn', openings: [{ id: 'a' }, { id: 'b' }, { id: 'c' }] },
}

test('keeping both takes what one changed, mine where both did, and says where', () => {
  const { doc, conflicts, label } = settleClash(clash, 'keep both')
  expect(doc).toEqual({ name: 'barn', heelIn: 132, openings: [{ id: 'b' }, { id: 'c' }, { id: 'a' }] })
  expect(conflicts).toEqual([{ path: ['heelIn'], mine: 132, theirs: 144 }])
  expect(label).toContain('merge')
})
test('taking theirs leaves nothing of mine in the document', () => {
  const { doc, label } = settleClash(clash, 'take theirs')
  expect(doc).toBe(clash.theirs)
  expect(label).toContain('other window')
})
