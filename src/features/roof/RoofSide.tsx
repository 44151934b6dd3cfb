'use client'
import { useState } from 'react'
import { CheckRow, sortChecks, useDoc } from '../job'
import { PurlinFields } from './Fields'
import { JointFields } from './JointFields'
import { LeanToFields } from './LeanToFields'
import { TrussFields } from './TrussFields'

const TABS = [
  ['trusses', 'Trusses', /^(truss|carrier|header)/],
  ['purlins', 'Purlins', /^(purlin|screws)/],
  ['lean', 'Lean-to', /^(rafter|seat|bearing-seat|ledger|lean|tie)/],
  [
    'joints',
    'Joints',
    new RegExp(
      '^(girt-nails|lamination|ep559|collar-fix|purlin-tie|truss-(uplift|bolts|block|ties)|ledger|tie|screws|' +
        '(carrier|header)-(bolts|uplift))',
    ),
  ],
] as const

/** Roof framing: trusses and what carries them, purlins, lean-tos and joints, each with its own checks. */
export function RoofSide() {
  const { derived } = useDoc()
  const [tab, setTab] = useState<(typeof TABS)[number][0]>('trusses')
  const match = TABS.find((each) => each[0] === tab)?.[2]
  return (
    <>
      <div className="tabs" role="tablist" aria-label="Roof">
        {TABS.map(([key, name]) => (
          <button key={key} type="button" role="tab" aria-selected={tab === key} onClick={() => setTab(key)}>
            {name}
          </button>
        ))}
      </div>
      {tab === 'trusses' && <TrussFields />}
      {tab === 'purlins' && <PurlinFields />}
      {tab === 'lean' && <LeanToFields />}
      {tab === 'joints' && <JointFields />}
      <div className="rule" />
      <h2>What holds</h2>
      {sortChecks(derived.checks.filter((check) => match?.test(check.id) || check.id === 'site-roof')).map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
    </>
  )
}
