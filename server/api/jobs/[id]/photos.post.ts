import { idText } from '#core/schema/words'
import { jobOf } from '../../../db/jobs'
import { keepPhoto, LARGEST_PHOTO } from '../../../db/photoFiles'
import { addPhoto, knownPhoto } from '../../../db/photos'
import { Refusal } from '../../../db/refusal'

/** A picture as it comes from camera or file; the entry that shows it is logged after it. */
export default answer(async event => {
  const { id: jobId } = jobOf(useDb(), routeId(event))
  const id = idText('Photo').safeParse(getQuery(event).id)
  if (!id.success) throw new Refusal(422, 'The photo has no id.', [{ field: 'id', message: 'Give a ULID.' }])
  const known = knownPhoto(useDb(), id.data)
  if (known) {
    if (known.jobId !== jobId) throw new Refusal(409, 'A photo with this id belongs to another job.')
    return known
  }
  const body = await arriving(event, LARGEST_PHOTO, 'This picture is too large: 30 MB is the most.')
  if (!body.length) throw new Refusal(422, 'No picture arrived.', [{ field: 'photo', message: 'Choose a picture.' }])
  const kept = await keepPhoto(dataDir(), id.data, body)
  addPhoto(useDb(), { id: id.data, jobId, ...kept })
  setResponseStatus(event, 201)
  return { id: id.data, jobId, ...kept }
})
