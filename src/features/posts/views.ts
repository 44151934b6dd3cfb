/** What the posts stage shows, the first one first. */
export const POSTS_VIEWS = ['read', 'setups', 'build', 'cut', 'built'] as const
