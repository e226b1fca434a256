/**
 * What a sound cylinder should read on the gauge, with the band that cold and warm cranking span.
 * @param effCr  ratio counted from where the cylinder closes, 2..25
 * @param n      polytropic exponent, 1..1.4: 1.25 cranking, 1.15–1.2 cold or hand-pulled
 * @param fill   1 with throttle and choke wide open, 0.5–0.9 otherwise
 */
export function expectedCranking({
  effCr,
  pAmbKpa,
  n,
  fill,
}: {
  effCr: number
  pAmbKpa: number
  n: number
  fill: number
}): { pGaugeKpa: number; lowKpa: number; highKpa: number } {
  const gauge = (exponent: number): number => fill * pAmbKpa * effCr ** exponent - pAmbKpa
  return { pGaugeKpa: gauge(n), lowKpa: gauge(1.2), highKpa: gauge(1.3) }
}
