import { type FieldState, type FieldTrouble, type Levels, postsOf, type TiedReading } from '@/core/field'
import { counted, formatLength, inchesAlone } from '@/core/units'
import { type Names, recordText, targetName } from './recordText'

/** What is at odds in the records: what it is, and what to do. The same on every phone and in the office. */
interface TroubleSaid {
  readonly key: string
  readonly title: string
  readonly say: string
}

const by = ({ who, device }: { readonly who: string; readonly device: string }): string => who || device
const ON: Readonly<Record<TiedReading['of'], string>> = { foot: '', footing: ', on its pad', ground: ', on the ground' }

function wordsOf(trouble: FieldTrouble, names: Names): Omit<TroubleSaid, 'key'> {
  switch (trouble.kind) {
    case 'two-depths': {
      const { first, second } = trouble
      const depth = ({ body }: typeof first) => (body.depthIn === null ? 'by rod' : formatLength(body.depthIn))
      return {
        title: `The hole of ${targetName(first.body.post, names)} was measured twice`,
        say:
          `${depth(first)} by ${by(first)}, ${depth(second)} by ${by(second)}. ` +
          'The first stands. Measure it again, or take one back.',
      }
    }
    case 'two-cuts': {
      const { first, second } = trouble
      const cut = ({ body }: typeof first) => (body.lengthIn === null ? 'not cut' : formatLength(body.lengthIn))
      return {
        title: `${targetName(first.body.post, names)} was cut at two lengths`,
        say:
          `${cut(first)} by ${by(first)}, ${cut(second)} by ${by(second)}. ` +
          'The first stands. Tape the post and enter it, or take one back.',
      }
    }
    case 'two-pours': {
      const { first, second } = trouble
      return {
        title: `${targetName(first.body.post, names)} was poured twice`,
        say:
          `${counted(first.body.bags, 'bag')} by ${by(first)}, ${counted(second.body.bags, 'bag')} by ${by(second)}. ` +
          'Only the first counts. If it was one pour, take the second back; if both were poured, enter it where the first was entered.',
      }
    }
    case 'state-back': {
      const { first, second } = trouble
      return {
        title: `${targetName(first.body.post, names)} went backwards`,
        say:
          `${first.body.state} by ${by(first)}, then ${second.body.state} by ${by(second)}. ` +
          `It stays ${first.body.state}. Look at the post, and take back what is wrong.`,
      }
    }
    case 'moved': {
      const { record, moved } = trouble
      const posts = postsOf(record.body).map((post) => targetName(post, names))
      return {
        title: `${posts.join(' and ')} has been moved since`,
        say:
          `“${recordText(record.body, names)}” was entered by ${by(record)} from plan revision ${record.planRevision ?? '?'}; ` +
          `the office has moved it ${formatLength(moved.byIn)} since. It does not count. ` +
          'Look where it stands now, and enter it again or take it back.',
      }
    }
    case 'clock':
      return {
        title: `A phone’s clock is ${Math.round(trouble.hours)} hours ahead`,
        say: `${by(trouble.record)}: set its clock. Its records are kept as they came.`,
      }
    case 'no-setup':
      return {
        title: 'A reading belongs to no set-up',
        say: `${targetName(trouble.reading.body.target, names)}: it is kept but not used. Read it again in this set-up.`,
      }
  }
}

const keyOf = (trouble: FieldTrouble): string => {
  switch (trouble.kind) {
    case 'moved':
    case 'clock':
      return `${trouble.kind} ${trouble.record.id}`
    case 'no-setup':
      return `no-setup ${trouble.reading.id}`
    default:
      return `${trouble.kind} ${trouble.first.id} ${trouble.second.id}`
  }
}

/** Everything in the records that needs a look, in words. */
export function troublesSaid(
  { troubles }: Pick<FieldState, 'troubles'>,
  { contests }: Pick<Levels, 'contests'>,
  names: Names,
): readonly TroubleSaid[] {
  return [
    ...contests.map(({ first, second }) => ({
      key: `two-readings ${first.id} ${second.id}`,
      title: `${targetName(first.target, names)} was read twice${ON[first.of]}`,
      say:
        `${inchesAlone(first.rawIn)} by ${by(first)}, ${inchesAlone(second.rawIn)} by ${by(second)}` +
        `${first.setup === second.setup ? '' : ', from two set-ups'}. The first stands. Read it again, or take one back.`,
    })),
    ...troubles.map((trouble) => ({ key: keyOf(trouble), ...wordsOf(trouble, names) })),
  ]
}
