import { createContext } from 'svelte'
import type { JobSession } from './job-session.svelte'

export const [getSession, setSession] = createContext<JobSession>()
