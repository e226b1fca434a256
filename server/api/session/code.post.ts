import { z } from 'zod'
import { letInSchema } from '#shared/schemas/session'
import { codeOf } from '../../db/devices'
import { policyOf } from '../../db/shop'

const asked = z.strictObject({ code: letInSchema.shape.code })

/** What a code is for, so that its page can ask the right things; the first one's may choose among those who are there. */
export default answer(async event => {
  const { code } = await readChecked(event, asked)
  checkCodeTries()
  const { first, name } = wrongCodeCounts(() => codeOf(useDb(), code))
  return { first, name, shopName: policyOf(useDb()).shopName, people: first ? comers() : [] }
})
