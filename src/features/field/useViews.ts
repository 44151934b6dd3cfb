import { comesLater } from './comesLater'

/** The pages that the first one leads to, and those on which more is entered than rods, holes and posts. */
const views = comesLater(() => import('./views').then(({ VIEWS }) => VIEWS))
const more = comesLater(() => import('./more').then(({ MORE }) => MORE))

export const useViews = views.use
export const useMore = more.use

/** Fetches all of them, those first that are opened most. */
export const fetchViews = (): Promise<void> => views.fetch().then(more.fetch)
