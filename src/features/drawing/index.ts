export { PlanView } from './PlanView'

export { CrowFoot, Materials, Note, seeded, Wax, waxPoints } from './strokes'
export { useSize } from './useSize'
export { useViewport } from './useViewport'
export type { Viewport } from './useViewport'
export { ZoomButtons } from './ZoomButtons'
export { download } from './download'
