import type { Room } from '../room'
import { judgeEvidence } from './judge'

export const room: Room<'evidence'> = {
  name: 'evidence',
  stage: 'open_up',
  all: true,
  judge: judgeEvidence,
  facts: ({ body, id }) =>
    body.explained
      ? []
      : [{ subject: `evidence:${id}`, property: 'explained', mark: 'open', whose: 'looked', value: body.what }],
  deeds: ({ body, id, supersedes }) =>
    body.explained
      ? [
          {
            did: 'explained',
            subject: `evidence:${supersedes ?? id}`,
            answers: [id, ...(supersedes ? [supersedes] : [])],
          },
        ]
      : [],
  owes: ({ body: { explained, missing, what } }) =>
    explained ? [] : [{ text: `${missing ? 'Missing piece' : 'Evidence'} not explained: ${what}`, must: true }],
  hazards: ({ body, id }) =>
    body.missing && !body.explained
      ? [
          {
            hazard: 'fragment',
            subject: `evidence:${id}`,
            why: `Missing: ${body.what} (${body.where}). What is not found lies where it jams or blocks.`,
          },
        ]
      : [],
}
