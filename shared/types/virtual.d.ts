declare module '#migrations' {
  const migrations: { name: string; sql: string }[]
  export default migrations
}

declare module '#pdf-fonts' {
  /** file name → base64 */
  const fonts: Record<string, string>
  export default fonts
}
declare module '#routes' {
  /** what answers under /api: path with names in brackets, and the method */
  const routes: { path: string; method: string }[]
  export default routes
}
