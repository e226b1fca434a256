import { toString } from 'qrcode'
import { newDeviceSchema } from '#shared/schemas/session'
import type { DeviceCode } from '#shared/types/session'
import { newCode } from '../../../db/devices'

/** A code that lets one device in, within ten minutes: to be typed, or looked at with the device's camera. */
export default answer(async (event): Promise<DeviceCode> => {
  const { name } = await readChecked(event, newDeviceSchema)
  const { id } = await meOf(event)
  const { code, expiresAt } = newCode(useDb(), { name: name || null, by: id })
  const link = `${shopAddress()}/let-in#${code}`
  setResponseStatus(event, 201)
  return { code, expiresAt, link, square: await toString(link, { type: 'svg', margin: 1, errorCorrectionLevel: 'M' }) }
})
