/** An address of the shop's calendar for somebody's own, told once. */
export default answer(event => {
  const address = shopAddress()
  return giveSecret(event, 'calendar', null, token => `${address}/api/calendar/${token}`)
})
