import { QueryClient } from '@tanstack/vue-query'

/** What was fetched and is remembered; one for the whole page. */
export const queries = new QueryClient({
  // Answers are replaced and never changed: nobody has to watch each of their fields.
  defaultOptions: { queries: { shallow: true } as object },
})
