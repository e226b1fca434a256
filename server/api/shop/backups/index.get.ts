export default answer(() => backupsNow())
