import { useLocalStorage } from '@vueuse/core'

/** What of Decide is in hand: the lines of a way, a new way, the fact to look at first, the owner, or what is asked before it is chosen. */
export type DecideTab = 'way' | 'new' | 'fact' | 'owner' | 'checks'

/** The same for the desk and for the verdict beside it. */
export const useDecideTab = (jobId: string): Ref<DecideTab> => useState(`decide:${jobId}`, (): DecideTab => 'way')

/** The way whose lines are in hand, kept with the job in this browser. */
export const useChosenWay = (jobId: string): Ref<string> => useLocalStorage(`remedium:option:${jobId}`, '')
