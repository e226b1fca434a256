export default answer(event => sendPaper(event, 'invoice', { jobId: routeId(event) }))
