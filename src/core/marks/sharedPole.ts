import { toSixteenths } from '../units'
import type { PoleMark } from './storyPole'

/** The marks of some posts under the name they share: a wall, or one of several walls. */
export interface PoleLayer {
  readonly of: string
  readonly marks: readonly PoleMark[]
}

/**
 * One story pole for several posts or walls: every mark of theirs up to the heel, once at each height. Where the layers differ a mark says whose it is.
 * Tops cut to the pitch are each post's own and stay off. Marks are measured down from `heelIn`, inches above the grade line.
 */
export function sharedPole(layers: readonly PoleLayer[], heelIn: number): PoleMark[] {
  const at = new Map<string, { readonly mark: PoleMark; readonly names: Map<string, Set<string>> }>()
  for (const l of layers)
    for (const m of l.marks) {
      if (m.kind === 'rafter' || m.upIn > heelIn + 1 / 32) continue
      const key = `${m.kind}-${toSixteenths(m.upIn)}`
      const has = at.get(key) ?? { mark: { ...m, key, downIn: heelIn - m.upIn }, names: new Map<string, Set<string>>() }
      has.names.set(m.name, (has.names.get(m.name) ?? new Set()).add(l.of))
      at.set(key, has)
    }
  const all = new Set(layers.map((l) => l.of)).size
  const say = ([name, of]: readonly [string, ReadonlySet<string>]) =>
    of.size === all ? name : `${name}, ${[...of].join(' ')}`
  return [...at.values()]
    .map(({ mark, names }) => ({ ...mark, name: [...names].map(say).join('; ') }))
    .sort((a, b) => a.upIn - b.upIn)
}
