'use client'
import { type ReactNode, useState } from 'react'
import { Button, Form } from 'react-bootstrap'
import { useForm } from 'react-hook-form'
import type { Issue } from '@/core/result'
import { issueText } from '@/formats/words'
import { BurrSign } from '@/ui'
import { type Reply, TROUBLE_WORDS, troubleOf } from '../job'

/** One field of a way in. */
export interface EntryField<K extends string> {
  readonly key: K
  readonly label: string
  readonly hint?: string
  readonly secret?: boolean
  /** Typed on the number keys of a phone. */
  readonly digits?: boolean
  readonly value?: string
  readonly autoComplete: string
}

/** What a reply that let nobody in says, and under which field. */
function wrongOf(reply: Exclude<Reply<unknown>, { kind: 'ok' }>): readonly { at: string; text: string }[] {
  if (reply.kind === 'refused')
    return reply.issues.map((issue: Issue) => ({ at: String(issue.path[0] ?? ''), text: issueText(issue) }))
  return [{ at: '', text: `Nothing was changed: ${TROUBLE_WORDS[troubleOf(reply)]}. Try again in a moment.` }]
}

/** A page by which somebody comes in: a few fields, and what is wrong with each under it. */
export function EntryForm<K extends string>({
  title,
  children,
  fields,
  action,
  send,
  to,
}: {
  readonly title: string
  readonly children?: ReactNode
  readonly fields: readonly EntryField<K>[]
  readonly action: string
  readonly send: (typed: Record<K, string>) => Promise<Reply<{ readonly home: string }>>
  /** Where to go then; otherwise where the work of the role begins. */
  readonly to?: string | null
}) {
  const { register, handleSubmit, formState } = useForm<Record<string, string>>({
    defaultValues: Object.fromEntries(fields.map(({ key, value = '' }) => [key, value])),
  })
  const [wrong, setWrong] = useState<readonly { at: string; text: string }[]>([])
  const submit = async (typed: Record<string, string>) => {
    const reply = await send(typed)
    if (reply.kind === 'ok') window.location.assign(to ?? reply.value.home)
    else setWrong(wrongOf(reply))
  }
  const keys: readonly string[] = fields.map(({ key }) => key)
  const general = wrong.filter(({ at }) => !keys.includes(at))
  return (
    <main className="entry">
      <Form onSubmit={(event) => void handleSubmit(submit)(event)}>
        <BurrSign size={44} />
        <h1>{title}</h1>
        {children}
        {fields.map(({ key, label, hint, secret, digits, autoComplete }, i) => {
          const own = wrong.find(({ at }) => at === key)
          return (
            <div key={key} className="mb-3">
              <Form.Label htmlFor={`entry-${key}`}>{label}</Form.Label>
              <Form.Control
                id={`entry-${key}`}
                type={secret ? 'password' : 'text'}
                inputMode={digits ? 'numeric' : undefined}
                autoComplete={autoComplete}
                autoFocus={i === 0}
                aria-invalid={own !== undefined}
                aria-describedby={`entry-${key}-note`}
                {...register(key)}
              />
              <div id={`entry-${key}-note`} className={own ? 'wrong' : 'note'} role={own ? 'alert' : undefined}>
                {own?.text ?? hint}
              </div>
            </div>
          )
        })}
        {general.map(({ text }) => (
          <div key={text} className="caution mb-3" role="alert">
            {text}
          </div>
        ))}
        <Button type="submit" disabled={formState.isSubmitting}>
          {action}
        </Button>
      </Form>
    </main>
  )
}
