import type { BackupsView } from '#shared/types/records'

export default answer((): BackupsView => backupsNow())
