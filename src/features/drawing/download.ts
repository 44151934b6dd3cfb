/** Hands a file to the browser's own download, with a name free of what file systems refuse. */
export function download(name: string, type: string, body: BlobPart): void {
  const url = URL.createObjectURL(new Blob([body], { type }))
  const htmlAnchorElement = document.createElement('a')
  htmlAnchorElement.href = url
  htmlAnchorElement.download = name.replace(/[\\/:*?"<>|\u0000-\u001f]+/g, ' ').trim() || 'burdock'
  htmlAnchorElement.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
