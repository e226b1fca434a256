export default answer(event => sendPaper(event, 'care', { jobId: routeId(event) }))
