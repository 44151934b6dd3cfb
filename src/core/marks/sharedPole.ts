import { toSixteenths, HALF_MARK_IN } from '../units'
import type { PoleMark } from './storyPole'

/** The marks of some posts under the name they share: a wall, or one of several walls. */
export interface PoleLayer {
  readonly of: string
  readonly marks: readonly PoleMark[]
}

/**
 * One story pole for several posts or walls: every mark of theirs up to the heel, once at each height. Where the layers
 * differ a mark says whose it is.
 * Tops cut to the pitch are each post's own and stay off. Marks are measured down from `heelIn`, inches above the grade
 * line.
 */
export function sharedPole(layers: readonly PoleLayer[], heelIn: number): PoleMark[] {
  const at = new Map<string, { readonly mark: PoleMark; readonly names: Map<string, Set<string>> }>()
  for (const layer of layers)
    for (const mark of layer.marks) {
      if (mark.kind === 'rafter' || mark.upIn > heelIn + HALF_MARK_IN) continue
      const key = `${mark.kind}-${toSixteenths(mark.upIn)}`
      const has = at.get(key) ?? {
        mark: { ...mark, key, downIn: heelIn - mark.upIn },
        names: new Map<string, Set<string>>(),
      }
      has.names.set(mark.name, (has.names.get(mark.name) ?? new Set()).add(layer.of))
      at.set(key, has)
    }
  const all = new Set(layers.map((layer) => layer.of)).size
  const say = ([name, of]: readonly [string, ReadonlySet<string>]) =>
    of.size === all ? name : `${name}, ${[...of].join(' ')}`
  return [...at.values()]
    .map(({ mark, names }) => ({ ...mark, name: [...names].map(say).join('; ') }))
    .sort((one, other) => one.upIn - other.upIn)
}
