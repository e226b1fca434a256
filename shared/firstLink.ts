/** What the line begins with that a server prints while nobody keeps its shop. */
export const FIRST_LINK = 'Nobody keeps this shop yet. Open this once to name it and its first person:'
