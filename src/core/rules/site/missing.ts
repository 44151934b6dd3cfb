import type { Issue } from '../../result'
import { cannot, type Stage } from '../check'

/** What of a stage cannot be checked before the site's hazards are entered. */
export const missing = ({ stage, issues }: { readonly stage: Stage; readonly issues: readonly Issue[] }) =>
  cannot({
    member: 'site',
    rule: 'missing',
    place: stage,
    id: `site-${stage}`,
    stage,
    facts: { fields: issues.map((issue) => String(issue.path[1])) },
  })
