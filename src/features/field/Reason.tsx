'use client'
import { useState } from 'react'
import { cutText } from '@/core/result'

const MOST_REASON = 200
const LEAST_REASON = 3

/** Why a lead goes on where the page would not, and the key for it. */
export function Reason({ words, onGiven }: { readonly words: string; readonly onGiven: (reason: string) => void }) {
  const [reason, setReason] = useState('')
  const given = reason.trim()
  return (
    <div className="reason">
      <label className="who">
        Why
        <input
          value={reason}
          placeholder="what you have seen"
          onChange={(event) => setReason(cutText(event.target.value, MOST_REASON))}
        />
      </label>
      <div className="acts">
        <button
          type="button"
          className="quiet grow"
          disabled={given.length < LEAST_REASON}
          onClick={() => onGiven(given)}
        >
          {words}
        </button>
      </div>
    </div>
  )
}
