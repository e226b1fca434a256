import { createReadStream, existsSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { isBackupName } from '../../../backup/manifest'
import { Refusal } from '../../../db/refusal'

/** The archive itself, to be kept elsewhere. */
export default answer(event => {
  const name = routeId(event, 'name')
  const file = join(backupDir(), name)
  if (!isBackupName(name) || !existsSync(file)) throw new Refusal(404, 'There is no such backup.')
  setHeader(event, 'content-type', 'application/gzip')
  setHeader(event, 'content-length', statSync(file).size)
  setHeader(event, 'content-disposition', `attachment; filename="${name}"`)
  return sendStream(event, createReadStream(file))
})
