/** Writes come from this application's own pages or from programs, never from another site open in the same browser. */
export default defineEventHandler(event => {
  const reading = event.method === 'GET' || event.method === 'HEAD'
  const site = getRequestHeader(event, 'sec-fetch-site')
  if (!reading && site !== undefined && site !== 'same-origin' && site !== 'none') {
    return problem(event, 403, 'This can only be changed from Remedium itself.')
  }
})
