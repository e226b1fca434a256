declare module 'fft.js' {
  /** Radix-4 FFT; arrays of 2 × size, real and imaginary parts in turn. */
  export default class FFT {
    constructor(size: number)
    createComplexArray(): number[]
    realTransform(out: number[], data: readonly number[]): void
    completeSpectrum(spectrum: number[]): void
    inverseTransform(out: number[], data: readonly number[]): void
  }
}
