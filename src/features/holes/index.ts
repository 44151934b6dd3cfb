export { HolesMain } from './HolesMain'
export { HolesSide } from './HolesSide'
