import { idText, shortText } from '#core/schema/words'
import { z } from 'zod'
import { pinText } from './shop'

const code = z
  .string({ error: 'The code is missing.' })
  .trim()
  .max(80, 'This is not a code of this shop.')
  .transform(text => text.toUpperCase().replace(/[^0-9A-Z]/g, ''))
const deviceName = shortText('Name of this device', 60)

/** The first link of a shop: its name, and the person who keeps it; one of those who are there already, or a new one. */
export const firstSchema = z.strictObject({
  code,
  deviceName,
  shopName: z.string().trim().max(80, "The shop's name can hold 80 characters."),
  person: z.union([
    z.strictObject({ id: idText('Person') }),
    z.strictObject({ name: shortText('Your name', 60), initials: shortText('Initials', 4) }),
  ]),
  pin: pinText,
})
export const letInSchema = z.strictObject({ code, deviceName })
/** A PIN that is tried may be anything: what is right is never said by what is refused. */
const tried = z.string({ error: 'Type your PIN.' }).min(1, 'Type your PIN.').max(20, 'A PIN is 4 to 8 figures.')
export const comeSchema = z.strictObject({ personId: idText('Person'), pin: tried })
export const newPinSchema = z.strictObject({ pin: tried, next: pinText })
export const newDeviceSchema = z.strictObject({ name: z.string().trim().max(60).optional() })
