'use client'
import { createContext, useContext } from 'react'
import type { Issue } from '@/core/result'

/** How coded issues become sentences; the shell gives the real one, so that shared fields know no domain. */
export const IssueWords = createContext<(i: Issue) => string>((i) => i.code)
export const useIssueWords = () => useContext(IssueWords)
