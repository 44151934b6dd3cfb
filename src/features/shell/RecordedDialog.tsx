'use client'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import type { PostDecision, PostEffect } from '@/core/layout'
import type { Issue } from '@/core/result'
import { effectText, issueText } from '@/formats/words'
import { Segments } from '@/ui'
import { type Asking, useJob } from '../job'

/** A reason is worth reading with fewer letters than this. */
const LEAST_REASON = 3

const KEPT: Readonly<Record<PostEffect['kind'], string>> = {
  moved: 'stays where it stands',
  merged: 'stays where it stands',
  dropped: 'stays where it stands',
  renamed: 'keeps its name until its paper is printed again',
}

/** One recorded post: what the change would do to it, and what becomes of it. */
function PostRow({
  effect,
  keep,
  onKeep,
}: {
  readonly effect: PostEffect
  readonly keep: boolean
  readonly onKeep: (keep: boolean) => void
}) {
  const { name, kind, byIn, toName, keepable } = effect
  return (
    <tr>
      <td>
        <b>{name}</b>
      </td>
      <td>would {effectText({ effect: kind, byIn, toName })}</td>
      <td>
        {keepable ? (
          <Segments
            label={`What becomes of ${name}`}
            value={keep ? 'keep' : 'give up'}
            choices={[
              { value: 'keep', label: 'Keep' },
              { value: 'give up', label: 'Give up' },
            ]}
            onChange={(value) => onKeep(value === 'keep')}
          />
        ) : (
          'Its whole row moves away: it can only be given up.'
        )}
      </td>
      <td>{keep ? KEPT[kind] : 'leaves its place; its record stays readable'}</td>
    </tr>
  )
}

/** The question about one change: post by post, keep or give up. */
function Question({ asking }: { readonly asking: Asking }) {
  const decide = useJob((state) => state.decide)
  const leave = useJob((state) => state.leave)
  const { effects, label } = asking
  const [given, setGiven] = useState<ReadonlySet<string>>(
    () => new Set(effects.filter(({ keepable }) => !keepable).map(({ id }) => id)),
  )
  const [reason, setReason] = useState('')
  const [issues, setIssues] = useState<readonly Issue[]>([])
  const put = (ids: readonly string[], keep: boolean) => {
    setIssues([])
    setGiven((before) => new Set([...[...before].filter((id) => !ids.includes(id)), ...(keep ? [] : ids)]))
  }
  const all = (keep: boolean) =>
    put(
      effects.filter(({ keepable }) => !keep || keepable).map(({ id }) => id),
      keep,
    )
  const wantsReason = given.size > 0 && reason.trim().length < LEAST_REASON
  const take = () => {
    const decisions = new Map(
      effects.map(({ id }): [string, PostDecision] => [
        id,
        given.has(id) ? { kind: 'give up', reason: reason.trim() } : { kind: 'keep' },
      ]),
    )
    setIssues(decide(decisions))
  }
  return (
    <Modal show onHide={leave} centered size="lg" scrollable aria-labelledby="recorded-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="recorded-title">
          {effects.length === 1
            ? `${effects[0].name} has a record on site`
            : `${effects.length} posts have a record on site`}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>
          The change “{label}” would touch what has been read, dug, cut, set or printed. A post that is kept becomes a
          fixed point of its row; the rest of the row is spaced about it.
        </p>
        <div className="d-flex gap-2 mb-2">
          <Button size="sm" variant="light" onClick={() => all(true)}>
            Keep all that can be kept
          </Button>
          <Button size="sm" variant="light" onClick={() => all(false)}>
            Give all up
          </Button>
        </div>
        <table className="tb" aria-label="Recorded posts">
          <thead>
            <tr>
              <th>post</th>
              <th>the change</th>
              <th>what becomes of it</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {effects.map((effect) => (
              <PostRow
                key={effect.id}
                effect={effect}
                keep={!given.has(effect.id)}
                onKeep={(keep) => put([effect.id], keep)}
              />
            ))}
          </tbody>
        </table>
        {given.size > 0 && (
          <Form.Group className="mt-2" controlId="give-reason">
            <Form.Label>Why {given.size === 1 ? 'it is' : 'they are'} given up</Form.Label>
            <Form.Control
              value={reason}
              maxLength={200}
              autoComplete="off"
              onChange={(event) => setReason(event.target.value)}
            />
            <Form.Text>Stands with the record: a few words.</Form.Text>
          </Form.Group>
        )}
        {issues.length > 0 && (
          <div className="caution mt-2" role="alert">
            {issues.slice(0, 6).map((issue, i) => (
              <div key={i}>{issueText(issue)}</div>
            ))}
          </div>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="light" onClick={leave}>
          Leave the plan as it is
        </Button>
        <Button disabled={wantsReason} onClick={take}>
          Make the change
        </Button>
      </Modal.Footer>
    </Modal>
  )
}

/** Asks, before a change is taken, what becomes of the recorded posts it touches. */
export function RecordedDialog() {
  const asking = useJob((state) => state.asking)
  return asking?.open ? <Question key={asking.label} asking={asking} /> : null
}
