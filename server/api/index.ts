import { Refusal } from '../db/refusal'

/** The root of the routes is none itself. */
export default answer(event => {
  throw new Refusal(404, `There is no ${event.path.split('?')[0]} here.`)
})
