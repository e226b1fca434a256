import { machineLines } from '../../db/machines'

/** Machines, the one that was here last first; with `before`, from before the number of that one's last job on; with `q`, those with these words. */
export default answer(event =>
  machineLines(useDb(), String(getQuery(event).q ?? '').slice(0, 120), beforeNumber(event)),
)
