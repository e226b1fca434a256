import { join } from 'node:path'
import { connect } from '../server/db/connect'
import { newCode } from '../server/db/devices'
import { DATABASE_NAME } from '../server/db/name'

const [folder = '', address = ''] = process.argv.slice(2)
try {
  const db = connect(join(folder, DATABASE_NAME))
  const { code } = newCode(db, { first: true })
  db.close()
  console.log(`Open this once, with the server running, to come in as a keeper: ${address}/let-in#${code}`)
} catch (error) {
  console.error(`No link could be made for the shop in ${folder}: ${(error as Error).message}`)
  process.exitCode = 1
}
