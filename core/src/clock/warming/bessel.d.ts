/** The package has no types of its own. */
declare module 'bessel' {
  const functions: {
    /** Bessel function of the first kind, of order n. */
    readonly besselj: (x: number, n: number) => number;
  };
  export default functions;
}
