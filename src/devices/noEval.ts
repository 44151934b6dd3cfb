import { config } from 'zod/v4/core'

// Our pages may not make code from text, and some browsers log the mere attempt as a fault: Zod is told not to try.
config({ jitless: true })
