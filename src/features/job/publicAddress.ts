/**
 * Where phones find this office: the public address that the server was told, or the address that this page came from.
 * The page's root carries the first.
 */
export function publicAddress(): string {
  if (typeof document === 'undefined') return ''
  return document.documentElement.dataset.address ?? location.origin
}
