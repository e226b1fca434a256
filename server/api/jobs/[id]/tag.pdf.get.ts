/** A tag to tie on; its square opens the job. */
export default answer(event => sendPaper(event, 'tag', { jobId: routeId(event), address: shopAddress() }))
