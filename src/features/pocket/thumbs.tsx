import type { FigureName } from '@/core/pocket'
import type { Thumbs } from './FigureIndex'
import { SceneThumb } from './scene/SceneView'
import { SHEETS } from './sheets'
import { readTyped, typedOf } from './typed'

/** A small picture of every figure, drawn from its samples. Made once, when the page is built. */
export async function figureThumbs(): Promise<Thumbs> {
  const entries = await Promise.all(
    Object.entries(SHEETS).map(async ([name, load]) => {
      const sheet = (await load()).default
      const read = readTyped(sheet.fields, typedOf(sheet.fields, null, 'us'), 'us')
      const result = read.ok ? sheet.show(read.value, 'us') : read
      return [name as FigureName, result.ok ? <SceneThumb key={name} scene={result.value.stands} /> : null] as const
    }),
  )
  return Object.fromEntries(entries) as unknown as Thumbs
}
