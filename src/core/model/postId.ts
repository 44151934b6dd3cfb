/** Whether a text is an identity that Burdock made, of a post that is or was. */
export const isPostId = (text: string): boolean => /^p-[a-z0-9-]{3,38}$/.test(text)
