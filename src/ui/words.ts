'use client'
import { createContext, useContext } from 'react'
import type { Issue } from '@/core/result'

/** How coded issues become sentences; the shell gives the real one, so that shared fields know no domain. */
export const IssueWords = createContext<(issue: Issue) => string>((issue) => issue.code)
export const useIssueWords = () => useContext(IssueWords)
