'use client'
import { loadMap, type LoadCase } from '@/core/drawn'
import { sig } from '@/core/result'
import { Note, useSize } from '../drawing'
import { useDoc } from '../job'

const SAY: Readonly<Record<LoadCase, string>> = {
  across: 'Main system, wind from below across the ridge. Strength level, outside only.',
  along: 'Main system, wind from the left along the ridge. Strength level, outside only.',
  cladding: 'Cladding at 10 ft², the worst pull with the inside pushing out. Strength level.',
  snow: 'Balanced snow, psf of plan.',
  drift: 'Unbalanced and drifted or sliding snow, psf of plan.',
}

/**
 * The building unfolded: roof in plan, walls laid flat outward, each area with its pressure. Arrows and hatch say pull
 * or push; darker is more.
 */
export function LoadMap({ load }: { readonly load: LoadCase }) {
  const { job, derived } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const building = job.building
  const regions = derived.site ? loadMap(building, derived.grid, derived.site, load) : []
  const [width, height] = [size.width || 800, size.height || 600]
  const lean = (side: string) => building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  const out = load === 'snow' || load === 'drift' ? 0 : building.heelIn
  const [x0, x1, y0, y1] = [
    -out,
    derived.grid.lengthIn + out,
    -Math.max(out, lean('south')),
    derived.grid.widthIn + Math.max(out, lean('north')),
  ]
  const scale = Math.min((width - 60) / (x1 - x0), (height - 130) / (y1 - y0))
  const xAt = (x: number) => width / 2 + (x - (x0 + x1) / 2) * scale
  const yAt = (y: number) => (height + 24) / 2 - (y - (y0 + y1) / 2) * scale
  const most = Math.max(...regions.map((region) => Math.abs(region.psf)), 1)
  return (
    <svg ref={ref} className="drawing" role="img" aria-label={`Load map: ${SAY[load]}`}>
      <defs>
        <pattern id="pull" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" fill="none" />
          <line x1="0" y1="0" x2="0" y2="7" stroke="var(--ink-2)" strokeWidth="0.9" />
        </pattern>
      </defs>
      {regions.map((region) => {
        const [from, , to] = region.corners
        const [px, py, pw, ph] = [xAt(from[0]), yAt(to[1]), (to[0] - from[0]) * scale, (to[1] - from[1]) * scale]
        const strong = Math.abs(region.psf) / most
        const upright = pw < 54 && ph > 60
        const room = upright ? ph : pw
        const cx = px + pw / 2
        const cy = py + ph / 2
        return (
          <g key={region.key}>
            <rect
              x={px}
              y={py}
              width={pw}
              height={ph}
              fill={`color-mix(in srgb, var(--galv-3) ${Math.round(strong * 62)}%, var(--sheet))`}
              stroke="var(--ink-2)"
              strokeWidth={region.at === 'roof' ? 1.4 : 1}
            />
            {region.psf < 0 && <rect x={px} y={py} width={pw} height={ph} fill="url(#pull)" opacity={0.35} />}
            {Math.min(pw, ph) > 15 && room > 34 && (
              <g transform={upright ? `rotate(-90 ${cx} ${cy})` : undefined}>
                <Note
                  x={cx}
                  y={cy + (room > 80 && Math.min(pw, ph) > 34 ? -1 : 5)}
                  size={room < 60 ? 12 : 15}
                  weight={700}
                  anchor="middle"
                  halo="var(--sheet)"
                >
                  {sig(region.psf).replace('-', '−')}
                </Note>
                {room > 80 && Math.min(pw, ph) > 34 && (
                  <Note x={cx} y={cy + 15} size={12} anchor="middle" fill="var(--ink-2)" halo="var(--sheet)">
                    {region.name}
                  </Note>
                )}
              </g>
            )}
          </g>
        )
      })}
      {!(load === 'snow' || load === 'drift') && (
        <line
          x1={xAt(0)}
          x2={xAt(derived.grid.lengthIn)}
          y1={yAt(derived.grid.widthIn / 2)}
          y2={yAt(derived.grid.widthIn / 2)}
          stroke="var(--ink)"
          strokeDasharray="14 4 3 4"
        />
      )}
      {(['south', 'north', 'west', 'east'] as const).map((side) => {
        const labelY = () => {
          if (side === 'south') return yAt(-out) - 8
          if (side === 'north') return yAt(derived.grid.widthIn + out) + 18
          return yAt(derived.grid.widthIn / 2) + 42
        }
        const labelX = () => {
          if (side === 'west') return xAt(-out / 2)
          if (side === 'east') return xAt(derived.grid.lengthIn + out / 2)
          return xAt(derived.grid.lengthIn / 2)
        }
        return (
          out > 0 &&
          !building.openSides.includes(side) && (
            <Note
              key={side}
              x={labelX()}
              y={labelY()}
              size={12}
              anchor="middle"
              fill="var(--ink-2)"
              halo="var(--sheet)"
            >
              {derived.wallNames[side].toLowerCase()}
            </Note>
          )
        )
      })}
      <Note x={width / 2} y={height - 14} size={12.5} anchor="middle" fill="var(--ink-2)">
        {`${SAY[load]}, psf; minus and hatch pull away.`}
        {derived.site && out > 0 && load !== 'cladding' ? ` Inside ±${sig(derived.site.wind.internalPsf)}.` : ''}
      </Note>
    </svg>
  )
}
