'use client'
import { zodResolver } from '@hookform/resolvers/zod'
import { Button, Form, Modal } from 'react-bootstrap'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { NAME_MOST_LETTERS } from '@/core/model'

const nameForm = z.object({
  name: z
    .string()
    .trim()
    .min(1, 'A name needs a letter.')
    .max(NAME_MOST_LETTERS, `At most ${NAME_MOST_LETTERS} letters.`),
})

interface Props {
  readonly title: string
  readonly action: string
  readonly name: string
  readonly onName: (name: string) => Promise<void>
  readonly onHide: () => void
}

/** Asks for the name of a job; what is wrong with it is said under the field. */
export function NameDialog({ title, action, name, onName, onHide }: Props) {
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(nameForm),
    defaultValues: { name },
    mode: 'onChange',
  })
  const trouble = formState.errors.name?.message
  return (
    <Modal show onHide={onHide} centered aria-labelledby="name-title">
      <Form onSubmit={(event) => void handleSubmit((form) => onName(form.name))(event)}>
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="name-title">
            {title}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <Form.Label htmlFor="job-name">Name</Form.Label>
          <Form.Control
            id="job-name"
            autoFocus
            maxLength={NAME_MOST_LETTERS}
            autoComplete="off"
            aria-invalid={trouble !== undefined}
            aria-describedby="name-trouble"
            {...register('name')}
          />
          <div id="name-trouble" className="note mt-1" role="status">
            {trouble}
          </div>
        </Modal.Body>
        <Modal.Footer>
          <Button type="submit" disabled={!formState.isValid || formState.isSubmitting}>
            {action}
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  )
}
