export { PostsMain } from './PostsMain'
export { PostsSide } from './PostsSide'
