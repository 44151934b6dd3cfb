import { placeOf, queryOf } from './address'
import type { JobState } from './store'

type Placed = Parameters<typeof queryOf>[0]
const now: Placed = {
  stage: 'building',
  views: { 'building-tab': 'openings', 'posts-view': 'cut' },
  picked: { wall: 'south', book: 'crew', post: 'p-1' } as unknown as JobState['picked'],
}

test.each<[string, Partial<Placed>, string]>([
  ['a stage with its tab', {}, 'stage=building&tab=openings'],
  ['the view of another stage stays out', { stage: 'roof' }, 'stage=roof'],
  ['a view', { stage: 'posts' }, 'stage=posts&view=cut'],
  ['the wall', { stage: 'walls' }, 'stage=walls&wall=south'],
  ['the book', { stage: 'book' }, 'stage=book&book=crew'],
])('the address of %s', (_, change, query) => expect(queryOf({ ...now, ...change })).toBe(query))

test.each<[string, object]>([
  ['?stage=walls&wall=east', { stage: 'walls', picked: { wall: 'east' } }],
  ['?stage=book&book=field', { stage: 'book', picked: { book: 'field' } }],
  ['?stage=posts&view=built', { stage: 'posts', views: { 'posts-view': 'built', 'building-tab': 'openings' } }],
  // A step back to the stage as it was before a view was chosen shows its first.
  ['?stage=posts', { stage: 'posts', views: { 'building-tab': 'openings' } }],
  ['?stage=nowhere&wall=up&book=red', { stage: 'building', picked: { wall: 'south', book: 'crew' } }],
  ['', { stage: 'building' }],
])('%s leads there', (search, place) => {
  const got = placeOf(search, now)
  expect(got).toMatchObject(place)
  expect(got.picked.post).toBe('p-1')
  if ('views' in place) expect(got.views).toEqual(place.views)
})
test('every address leads back to itself', () => {
  for (const stage of ['site', 'posts', 'walls', 'book'] as const) {
    const query = queryOf({ ...now, stage })
    expect(queryOf(placeOf(`?${query}`, now))).toBe(query)
  }
})
