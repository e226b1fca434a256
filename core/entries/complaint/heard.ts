import type { COMPLAINT_KINDS } from '../../words/counter'
import type { KeyOf } from '../../words/keys'

type About = KeyOf<typeof COMPLAINT_KINDS>

/** Words that owners use, by what they are mostly about. */
const WORDS: readonly [About, RegExp][] = [
  ['wont_turn', /won'?t turn|does ?n[o']t turn|stuck|seized|locked|jammed|stopped dead|kicks? back/],
  ['wont_start', /won'?t (start|fire|catch)|no(t| longer)? start|no spark|dead|no kick|hard to start|will not start/],
  ['dies', /dies|stalls?|cuts? out|stops? (after|when)|goes off|only with (the )?choke/],
  ['no_power', /no power|weak|slow(ed|s|er)?\b|bogs?|no revs|surges?|hunts|flat|pulls? badly/],
  ['smoke', /smok|blue|fumes|sooty/],
  ['noise', /knock|rattl|noise|nois[yi]|clank|grind|squeal|bang|whin/],
  ['leak', /leak|drip|puddle|wet under|on the floor|weeps?/],
  ['uses_oil', /uses? oil|burns? oil|oil (is )?(gone|low|light)|oil light|topp(ed|ing) up|low on oil/],
  ['oil_rises', /(too much|rises?|rising|overfull|more) .{0,12}oil|oil .{0,12}(rises?|rising|too high|thin|petrol)/],
  ['overheats', /hot\b|overheat|boils?|steam/],
  ['clutch', /clutch|gear|blade (keeps|turns)|chain (keeps|turns)|creeps|drive/],
  ['in_pieces', /in pieces|in a box|apart|half built|came apart|bits/],
  ['service', /service|oil change|winter|spring check|yearly|tune/],
]

/**
 * What a complaint in the owner's words is probably about, in the order in which the words come.
 * @returns no kind for words that nobody foresaw: then all of them are offered
 */
export function heardIn(words: string): About[] {
  const said = words.toLowerCase().replaceAll('’', "'")
  return WORDS.map(([about, pattern]) => ({ about, at: said.search(pattern) }))
    .filter(w => w.at >= 0)
    .sort((a, b) => a.at - b.at)
    .map(w => w.about)
}
