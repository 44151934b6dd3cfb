import { SIDES } from '@/core/model'
import { BOOKS, type JobState, STAGES } from './store'

/** What of an open job stands in the address: the stage, which view and tab of it, and the wall or book looked at. */
type Placed = Pick<JobState, 'stage' | 'views' | 'picked'>

/** The key of a stage's main view, and of the tab of its details. */
export const viewKey = (stage: JobState['stage'], part: 'view' | 'tab'): string => `${stage}-${part}`

/** The query of the address for what is looked at now. */
export function queryOf({ stage, views, picked }: Placed): string {
  const query = new URLSearchParams({ stage })
  for (const part of ['view', 'tab'] as const) {
    const value = views[viewKey(stage, part)]
    if (value !== undefined) query.set(part, value)
  }
  if (stage === 'walls') query.set('wall', picked.wall)
  if (stage === 'book') query.set('book', picked.book)
  return query.toString()
}

/** What an address asks for, of what there is now; words that nobody knows are passed over. */
export function placeOf(search: string, now: Placed): Placed {
  const query = new URLSearchParams(search)
  const stage = STAGES.find((each) => each === query.get('stage')) ?? now.stage
  const views = { ...now.views }
  for (const part of ['view', 'tab'] as const) {
    const value = query.get(part)
    if (value === null) delete views[viewKey(stage, part)]
    else views[viewKey(stage, part)] = value
  }
  const wall = SIDES.find((side) => side === query.get('wall')) ?? now.picked.wall
  const book = BOOKS.find((each) => each === query.get('book')) ?? now.picked.book
  return { stage, views, picked: { ...now.picked, wall, book } }
}
