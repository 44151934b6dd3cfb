export { siteRecord } from './siteRecord'
