import { type Role, ROLES } from './roles'

/** What is asked of the server. */
export interface Asked {
  readonly method: string
  /** The path alone, as the browser writes it. */
  readonly path: string
}

interface Rule {
  readonly methods: readonly string[]
  readonly path: RegExp
  /** Null: whoever asks, signed in or not. */
  readonly roles: readonly Role[] | null
}

const READ = ['GET', 'HEAD']
const WRITE = ['POST', 'PUT', 'PATCH', 'DELETE']
const ANY = [...READ, ...WRITE]
const OWNER = ['owner'] as const
const OFFICE = ['owner', 'office'] as const
const LEADS = ['owner', 'office', 'lead'] as const

/** Who may ask for what, the first rule that fits; what no rule names is the office's. */
const RULES: readonly Rule[] = [
  // What a page needs before anybody has signed in: its scripts, styles and pictures say nothing of any job.
  {
    methods: READ,
    path: /^\/(_next\/static\/.*|icon\.svg|favicon\.ico|field\.webmanifest|field-\d+\.png|api\/health|api\/ready)$/,
    roles: null,
  },
  { methods: READ, path: /^\/(sign-in|join(\/[^/]*)?|trust)$/, roles: null },
  // A guest's card lets in whoever has its address, to one page.
  { methods: READ, path: /^\/guest\/[^/]+$/, roles: null },
  { methods: READ, path: /^\/api\/(me|invitations\/[^/]+)$/, roles: null },
  { methods: ['POST'], path: /^\/api\/(sign-in|sign-out|join|owner)$/, roles: null },
  { methods: ANY, path: /^\/people$/, roles: OWNER },
  { methods: ANY, path: /^\/api\/(people|invitations|devices|audit|backup|restore)(\/.*)?$/, roles: OWNER },
  { methods: READ, path: /^\/(field(\/.*)?|field-page|worker\.js|pocket(\/.*)?|solver\/.*)$/, roles: ROLES },
  { methods: READ, path: /^\/api\/jobs(\/[^/]+\/(records|events|plan|sheets))?$/, roles: ROLES },
  // The whole document has its customer and its prices: whoever works on site has the plan.
  { methods: READ, path: /^\/api\/jobs\/[^/]+$/, roles: LEADS },
  { methods: ['POST'], path: /^\/api\/jobs\/[^/]+\/records$/, roles: ROLES },
  { methods: ['GET', 'PUT'], path: /^\/api\/jobs\/[^/]+\/photos\/[^/]+$/, roles: ROLES },
  // A phone that was signed out leaves what waits on it; it is known by its own cookie.
  { methods: ['POST'], path: /^\/api\/jobs\/[^/]+\/left$/, roles: null },
  { methods: READ, path: /^\/api\/jobs\/[^/]+\/(phones|left)$/, roles: LEADS },
  { methods: ['POST'], path: /^\/api\/jobs\/[^/]+\/left\/[^/]+$/, roles: LEADS },
  { methods: ['GET', 'POST'], path: /^\/api\/jobs\/[^/]+\/guests$/, roles: LEADS },
  { methods: ['DELETE'], path: /^\/api\/jobs\/[^/]+\/guests\/[^/]+$/, roles: LEADS },
  {
    methods: ['POST'],
    path: /^\/api\/(crew-book|calc-sheet|drawings|field-sheets|site-record|pole-strips|piece-labels|cut-list)$/,
    roles: LEADS,
  },
]

/** Whether somebody of a role may ask this; null stands for whoever has not signed in. */
export function mayAsk(role: Role | null, { method, path }: Asked): boolean {
  const rule = RULES.find((each) => each.methods.includes(method) && each.path.test(path))
  const roles = rule ? rule.roles : OFFICE
  return roles === null || (role !== null && roles.includes(role))
}

/** The page where the work of a role begins. */
export const homeOf = (role: Role): string => (role === 'owner' || role === 'office' ? '/' : '/field')
