export default answer(event => sendPaper(event, 'shelf', { itemId: routeId(event), address: shopAddress() }))
