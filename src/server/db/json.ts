/** What a JSON column holds: some drivers and versions hand it over as text, others read. */
export const jsonOf = (value: unknown): unknown => (typeof value === 'string' ? JSON.parse(value) : value)
