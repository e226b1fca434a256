import { ownerAnswerSchema } from '#shared/schemas/records'
import { answerQuote } from '../../../db/quotes'

export default answer(async event =>
  answerQuote(useDb(), routeId(event, 'token'), await readChecked(event, ownerAnswerSchema)),
)
