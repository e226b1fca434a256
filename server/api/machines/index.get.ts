import { machineLines } from '../../db/machines'
import { Refusal } from '../../db/refusal'

/** Machines, the one that was here last first; with `before`, from before the number of that one's last job on; with `q`, those with these words. */
export default answer(event => {
  const { before, q } = getQuery(event)
  const number = before === undefined ? Number.MAX_SAFE_INTEGER : Number(before)
  if (!Number.isInteger(number) || number < 0)
    throw new Refusal(422, 'Before which number: type a whole one.', [
      { field: 'before', message: 'Type a whole number.' },
    ])
  return machineLines(useDb(), String(q ?? '').slice(0, 120), number)
})
