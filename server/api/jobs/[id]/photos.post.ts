import { consentRefusal } from '#core/people/consent'
import { idText } from '#core/schema/words'
import { hashOf } from '../../../db/hash'
import { jobOf } from '../../../db/jobs'
import { customerOf, machineOf } from '../../../db/machines'
import { keepPhoto, LARGEST_PHOTO } from '../../../db/photoFiles'
import type { PhotoRow } from '../../../db/photos'
import { addPhoto, knownPhoto } from '../../../db/photos'
import { Refusal } from '../../../db/refusal'

/** A picture as it comes from camera or file; the entry that shows it is logged after it. */
export default answer(async event => {
  const { id: jobId, machineId } = jobOf(useDb(), routeId(event))
  const held = consentRefusal(customerOf(useDb(), machineOf(useDb(), machineId).customerId), 'photo')
  if (held) throw new Refusal(409, held)
  const id = idText('Photo').safeParse(getQuery(event).id)
  if (!id.success) throw new Refusal(422, 'The photo has no id.', [{ field: 'id', message: 'Give a ULID.' }])
  if (!/^(image\/|application\/octet-stream)/.test(getRequestHeader(event, 'content-type') ?? ''))
    throw new Refusal(415, 'This is no picture: send it as the kind of picture that it is, image/jpeg for example.')
  const body = await arriving(event, LARGEST_PHOTO, 'This picture is too large: 30 MB is the most.')
  if (!body.length) throw new Refusal(422, 'No picture arrived.', [{ field: 'photo', message: 'Choose a picture.' }])
  const sentSha256 = hashOf(body)
  const known = knownPhoto(useDb(), id.data)
  if (known) return again(known, jobId, sentSha256)
  const kept = await keepPhoto(dataDir(), body)
  // it may have come a second time while it was made smaller
  const meanwhile = knownPhoto(useDb(), id.data)
  if (meanwhile) return again(meanwhile, jobId, sentSha256)
  const photo = { id: id.data, jobId, ...kept, sentSha256 }
  addPhoto(useDb(), photo)
  setResponseStatus(event, 201)
  return answerOf(photo)
})

const answerOf = ({ id, jobId, width, height, bytes }: PhotoRow) => ({ id, jobId, width, height, bytes })

/** The same picture under the same id is known already; another one is refused. */
function again(known: PhotoRow, jobId: string, sentSha256: string) {
  if (known.jobId !== jobId) throw new Refusal(409, 'A photo with this id belongs to another job.')
  if (known.sentSha256 !== null && known.sentSha256 !== sentSha256)
    throw new Refusal(409, 'Another picture was kept under this id already: take the photo again.', [
      { field: 'photo', message: 'It is not the picture that was sent before under this id.' },
    ])
  return answerOf(known)
}
