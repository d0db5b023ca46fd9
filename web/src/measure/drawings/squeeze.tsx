import type { MethodDrawing } from './index';
import { Arrow, Says } from './kit/ground';
import { Finger, Palm } from './kit/hands';
import { PEN, SOIL } from './kit/line';

/** A ball under a touching finger: in grains, in pieces, dented, whole. */
function Ball({ broken, dent }: { broken: 0 | 1 | 2; dent: number }) {
  return (
    <>
      {broken === 2 && (
        <path
          d="M6 38q4 -6 8 0M12 34q4 -6 8 0M18 38q4 -6 8 0M25 33q4 -6 8 0M30 38q4 -6 8 0M38 35q4 -6 8 0M45 38q4 -6 8 0"
          {...SOIL}
        />
      )}
      {broken === 1 && (
        <path d="M26 16C12 16 6 26 10 36L24 38L28 26ZM36 18C50 20 54 30 50 37L34 38L32 28Z" {...SOIL} />
      )}
      {broken === 0 && (
        <path
          d={`M14 26C14 16 22 12 ${30 - dent} 12Q30 ${12 + dent * 1.6} ${30 + dent} 12C38 12 46 16 46 26S38 40 30 40 14 36 14 26Z`}
          {...SOIL}
        />
      )}
      <path
        d={`M30 ${broken === 2 ? 24 : broken === 1 ? 12 : 10 + dent * 0.8}V1`}
        {...PEN}
        stroke="var(--act)"
        strokeWidth="3.4"
      />
    </>
  );
}

export default {
  steps: {
    'squeeze-touch': {
      says: 'A handful is squeezed to a ball, and the ball is touched with a finger',
      draw: (
        <>
          <Palm x={150} y={140} />
          <path d="M106 118C106 84 134 70 156 70S200 88 200 116C180 138 128 138 106 118Z" {...SOIL} />
          <Finger x={176} y={72} turn={16} />
          <Arrow from={[232, 44]} to={[204, 62]} />
          <Says x={40} y={52}>
            from working depth
          </Says>
        </>
      ),
    },
  },
  scales: {
    ball: {
      none: <Ball broken={2} dent={0} />,
      'breaks-at-touch': <Ball broken={1} dent={0} />,
      dents: <Ball broken={0} dent={7} />,
      stays: <Ball broken={0} dent={0} />,
    },
  },
} satisfies MethodDrawing;
