export { SiteMain } from './SiteMain'
export { SiteSide } from './SiteSide'
