/** Everybody's PIN in the made-up shop: said on its page, and of no use elsewhere. */
export const DEMO_PIN = '2580'
