/** Longer than a browser or a proxy keeps an idle connection: else a request can meet one that this end is just closing. Milliseconds. */
const KEPT_OPEN = 75_000

/** Idle connections are closed by who opened them, not under a request that is already on its way. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('request', ({ node }) => {
    const { server } = node.req.socket as { server?: { keepAliveTimeout: number } }
    if (server && server.keepAliveTimeout < KEPT_OPEN) server.keepAliveTimeout = KEPT_OPEN
  })
})
