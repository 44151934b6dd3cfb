'use client'
import { Tabs } from '@/ui'
import { type RuleKey, type RuleName, ruleOf } from '@/core/rules'
import type { CheckSummary } from '@/formats/words/checks'
import { CheckRow, sortChecks, useDoc, useView } from '../job'
import { PurlinFields } from './Fields'
import { JointFields } from './JointFields'
import { LeanToFields } from './LeanToFields'
import { TrussFields } from './TrussFields'

type Tab = 'trusses' | 'purlins' | 'lean' | 'joints'
const TABS: readonly { readonly value: Tab; readonly label: string }[] = [
  { value: 'trusses', label: 'Trusses' },
  { value: 'purlins', label: 'Purlins' },
  { value: 'lean', label: 'Lean-to' },
  { value: 'joints', label: 'Joints' },
]

/** What each tab judges: members, or single rules where joints of several members stand together. */
const MEMBERS: Readonly<Record<Tab, readonly RuleKey['member'][]>> = {
  trusses: ['truss', 'beam'],
  purlins: ['purlin'],
  lean: ['rafter', 'ledger', 'leanToBeam', 'leanToPurlin'],
  joints: ['ledger'],
}
const JOINTS: ReadonlySet<RuleName> = new Set<RuleName>([
  'girt/nails',
  'post/lamination',
  'post/interlayer',
  'hole/fixing',
  'purlin/tie',
  'purlin/screws',
  'truss/uplift',
  'truss/bolts',
  'truss/block',
  'truss/ties',
  'rafter/bolts',
  'rafter/tie',
  'beam/bolts',
  'beam/uplift',
])

/** Whether a check stands under a tab; what waits for the site stands under each. */
function isUnder(tab: Tab, check: CheckSummary): boolean {
  const { member, place } = check.key
  if (member === 'site') return place === 'roof'
  if ((MEMBERS[tab] as readonly string[]).includes(member)) return true
  return tab === 'joints' && JOINTS.has(ruleOf(check))
}

/** Roof framing: trusses and what carries them, purlins, lean-tos and joints, each with its own checks. */
export function RoofSide() {
  const { derived } = useDoc()
  const [tab, setTab] = useView('roof', 'tab', ['trusses', 'purlins', 'lean', 'joints'])
  return (
    <>
      <Tabs label="Roof" value={tab} choices={TABS} onChange={setTab} />
      {tab === 'trusses' && <TrussFields />}
      {tab === 'purlins' && <PurlinFields />}
      {tab === 'lean' && <LeanToFields />}
      {tab === 'joints' && <JointFields />}
      <div className="rule" />
      <h2>What holds</h2>
      {sortChecks(derived.checks.filter((check) => isUnder(tab, check))).map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
    </>
  )
}
