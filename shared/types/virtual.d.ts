declare module '#migrations' {
  const migrations: { name: string; sql: string }[]
  export default migrations
}

declare module '#pdf-fonts' {
  /** file name → base64 */
  const fonts: Record<string, string>
  export default fonts
}
