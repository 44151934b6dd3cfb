export { PocketApp } from './PocketApp'
export { figureThumbs } from './thumbs'
