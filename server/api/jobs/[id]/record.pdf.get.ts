export default answer(event => sendPaper(event, 'record', { jobId: routeId(event) }))
