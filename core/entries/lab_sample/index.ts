import { DEBRIS_PLACES } from '../../words/looks'
import type { Room } from '../room'
import { judgeLab } from './judge'

export const room: Room<'lab_sample'> = {
  name: 'laboratory sample',
  stage: 'open_up',
  finding: true,
  place: ({ body }) => `${body.place} ${body.mark ?? ''}`,
  judge: judgeLab,
  facts: ({ body }, _file, judged) =>
    body.results.length
      ? [
          {
            subject: `sample:${body.place}`,
            property: 'lab',
            mark: judged?.mark ?? 'open',
            whose: 'shop',
            value: judged?.headline ?? '',
          },
        ]
      : [],
  // what shed it is looked for first; that it must not run is said by what was seen at the place
  hazards: ({ body }, _file, judged) =>
    judged?.mark === 'past'
      ? [{ hazard: 'debris', subject: `sample:${body.place}`, why: `${judged.headline}.`, told: true }]
      : [],
  owes: ({ body: { results, sentOn, dueOn, place, lab } }) =>
    results.length || sentOn === null
      ? []
      : [
          {
            text: `Laboratory sample, ${DEBRIS_PLACES[place].toLowerCase()}: ${lab} has not answered${dueOn ? `, due ${dueOn}` : ''}`,
            must: false,
          },
        ],
}
