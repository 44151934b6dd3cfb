/** Frame of the paper that was printed last. */
let printing: { readonly frame: HTMLIFrameElement; readonly url: string } | null = null

/** Prints a PDF page for page by the browser's own viewer. False where it has none: then it is a file to be opened. */
export function printPdf(pdf: Blob): boolean {
  if (!navigator.pdfViewerEnabled) return false
  if (printing) {
    printing.frame.remove()
    URL.revokeObjectURL(printing.url)
  }
  const url = URL.createObjectURL(new Blob([pdf], { type: 'application/pdf' }))
  const frame = document.createElement('iframe')
  frame.title = 'Paper to print'
  frame.className = 'printframe'
  frame.setAttribute('aria-hidden', 'true')
  frame.tabIndex = -1
  frame.addEventListener('load', () => {
    frame.contentWindow?.focus()
    frame.contentWindow?.print()
  })
  frame.src = url
  document.body.append(frame)
  printing = { frame, url }
  return true
}
