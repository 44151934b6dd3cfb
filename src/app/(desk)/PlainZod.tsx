'use client'
import '@/devices/noEval'

/** Stands before all else of a page of the desk, for what it imports. */
export const PlainZod = () => null
