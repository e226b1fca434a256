import { findShelf } from '../../db/shelf'

export default answer(event => findShelf(useDb(), String(getQuery(event).find ?? '').slice(0, 80)))
