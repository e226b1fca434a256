import { ownerAnswerSchema } from '#shared/schemas/owner'
import { answerQuote } from '../../../db/quotes'

export default answer(async event =>
  answerQuote(useDb(), routeId(event, 'token'), await readChecked(event, ownerAnswerSchema)),
)
