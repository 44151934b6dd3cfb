import type { PostAsBuilt } from '@/core/field'
import { rodAtSaid, rodSaid, shortWall, type WallNames } from '@/formats/words'
import { Measure } from '@/ui'

/** Marks from the post's own bottom. */
export function OwnMarks({ built, wallNames }: { readonly built: PostAsBuilt; readonly wallNames: WallNames }) {
  return (
    <ul className="marks">
      {[...built.marks].reverse().map((mark) => (
        <li key={mark.key} className={mark.kind}>
          <span>
            {mark.name}
            {mark.face ? `, ${shortWall(wallNames, mark.face).toLowerCase()}` : ''}
          </span>
          <b>
            <Measure inches={mark.fromBottomIn} stacked />
          </b>
          <i>
            <Measure inches={mark.fromHeelIn} /> down
          </i>
        </li>
      ))}
    </ul>
  )
}

/** What the post's cut comes from. */
export function CutPlan({ built }: { readonly built: PostAsBuilt }) {
  return (
    <div className="plan3">
      <div>
        <span>{rodAtSaid(built) || rodSaid(built)}</span>
        <b>{built.readingIn === null ? '–' : <Measure inches={built.readingIn} feet={false} />}</b>
      </div>
      <div>
        <span>foot to grade line</span>
        <b>
          <Measure inches={built.footToGradeIn} feet={false} />
        </b>
      </div>
      <div>
        <span>state</span>
        <b style={{ fontSize: 18 }}>{built.state}</b>
      </div>
    </div>
  )
}
