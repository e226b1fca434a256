/** Nobody is at this device any more; what was typed stays where it is. */
export default answer(async event => {
  leaveTheBench((await deviceHere(event)).id)
  return sessionView(event)
})
