export default answer(event => sendPaper(event, 'bill', { jobId: routeId(event), billId: routeId(event, 'bill') }))
