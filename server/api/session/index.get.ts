/** How this browser stands with the shop. The demo lets it in by itself, as its first person. */
export default answer(async event => {
  setHeader(event, 'cache-control', 'no-store')
  return sessionView(event)
})
