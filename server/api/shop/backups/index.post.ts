/** A backup now; the answer comes when it was read back. */
export default answer(async event => {
  const line = await backUp('asked')
  setResponseStatus(event, 201)
  return line
})
