import { type At, FINE, THING } from './line';

type Turned = At & { turn?: number; flip?: boolean };

function placed({ x, y, turn = 0, flip }: Turned) {
  return `translate(${x} ${y}) rotate(${turn})${flip ? ' scale(-1 1)' : ''}`;
}

/** Thumb and finger meet at this point; the arm comes from the upper right. */
export function Pinch(at: Turned) {
  return (
    <g transform={placed(at)}>
      <path
        d="M0 0C-3 -10 8 -26 26 -34C36 -42 48 -46 58 -50L84 -66L100 -42L74 -26C66 -18 52 -13 40 -14C28 -8 14 2 4 4C0 5 -1 3 0 0Z"
        {...THING}
      />
      <path d="M4 1C12 -4 20 -12 28 -18C34 -22 40 -20 40 -14" {...THING} fill="none" />
    </g>
  );
}

/** An open hand from the side, palm up at this point; the arm goes to the right. */
export function Palm(at: Turned) {
  return (
    <g transform={placed(at)}>
      <path
        d="M-52 -6C-56 -8 -58 -2 -54 2C-42 14 -24 24 2 24C22 24 34 22 50 18L92 22L92 -4L56 -6C48 -16 40 -20 32 -16C36 -8 32 -2 22 0C0 4 -30 2 -52 -6Z"
        {...THING}
      />
      <path d="M-40 4C-28 10 -14 13 0 14" {...FINE} />
    </g>
  );
}

/** A closed hand around this point, a tool or a ball in it; the arm goes to the right. */
export function Fist(at: Turned) {
  return (
    <g transform={placed(at)}>
      <path
        d="M-20 -18C-28 -18 -28 18 -20 18L8 20C20 20 28 16 34 14L74 18L74 -12L34 -12C26 -20 10 -22 -4 -20Z"
        {...THING}
      />
      <path d="M-22 -8H-6M-24 1H-6M-22 10H-6M-4 -20C-12 -16 -2 -8 10 -8" {...FINE} />
    </g>
  );
}

/** One finger, its tip at this point, pointing down. */
export function Finger(at: Turned) {
  return (
    <g transform={placed(at)}>
      <path d="M-7 -8C-7 3 7 3 7 -8L9 -46C20 -46 28 -52 30 -62L-14 -62L-9 -40Z" {...THING} />
      <path d="M-4 -7C-3 -2 3 -2 4 -7" {...FINE} />
    </g>
  );
}
