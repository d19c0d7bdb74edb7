declare module 'fft.js' {
  /** A fast Fourier transform of a size that is a power of two. */
  export default class FFT {
    constructor(size: number)
    /** Fills the first half of `out`, real and imaginary parts in turns, with the spectrum of real numbers. */
    realTransform(out: Float64Array, data: ArrayLike<number>): void
  }
}
