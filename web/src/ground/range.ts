/** 0 to n − 1. */
export const range = (n: number): number[] => Array.from({ length: n }, (_, i) => i);

/** The n-th of any number of marks strewn evenly over w × h from a corner (the sequence of Roberts 2018). */
export const strewn = (n: number, x: number, y: number, w: number, h: number) => ({
  x: x + ((n * 0.754_878 + 0.5) % 1) * w,
  y: y + ((n * 0.569_84 + 0.5) % 1) * h,
});
