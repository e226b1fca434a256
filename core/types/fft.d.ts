declare module 'fft.js' {
  /** Radix-4 FFT; arrays of 2 × size, real and imaginary parts in turn. */
  export default class FFT {
    constructor(size: number)
    transform(out: Float64Array, data: Float64Array): void
    inverseTransform(out: Float64Array, data: Float64Array): void
  }
}
