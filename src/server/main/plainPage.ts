/** A page for what never reaches the application: words and a way back, nothing else to load. */
export const plainPage = (title: string, text: string): string =>
  `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">` +
  `<title>${title}</title><body><main><h1>${title}</h1><p>${text}</p><p><a href="/">All jobs</a></p></main></body></html>`
