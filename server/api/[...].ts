import { Refusal } from '../db/refusal'

/** Whatever is not a route of ours is said to be none: a program that asks for a wrong address must not be given the page. */
export default answer(event => {
  throw new Refusal(404, `There is no ${event.path.split('?')[0]} here.`)
})
