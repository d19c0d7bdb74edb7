import pLimit from 'p-limit'

/** A browser has six connections to one server: two of them at most wait for what takes long, unasked. */
const AT_ONCE = 2

/** Does something that takes long when it is its turn. */
export const inTurn = pLimit(AT_ONCE)
