import { QueryClient } from '@tanstack/vue-query'

/** What was fetched and is remembered; one for the whole page. */
export const queries = new QueryClient()
