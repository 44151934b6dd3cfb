/** Where the office has a picture. */
export const photoUrl = (jobId: string, id: string): string => `/api/jobs/${encodeURIComponent(jobId)}/photos/${id}`
