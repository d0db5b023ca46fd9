import type { Values } from '../draft';
import type { MethodDrawing, StepScene } from './index';
import { Arrow } from './kit/ground';
import { Pinch } from './kit/hands';
import { PEN } from './kit/line';
import { DRY, PICKED_OUT } from './kit/shared';
import { Crumb } from './kit/soil';
import { Wait } from './kit/tools';
import { Dish } from './kit/vessels';

const PLACES: [number, number][] = [
  [82, 104],
  [132, 124],
  [180, 94],
  [232, 122],
  [282, 102],
];

/** The dish as it was typed so far: what has fallen lies in grains. */
function Crumbs({ values }: { values: Values }) {
  const crumbs = (values.crumbs as { fellAt?: string; share?: string }[] | undefined) ?? [];
  return PLACES.map(([x, y], i) => {
    const fell = crumbs[i]?.fellAt !== undefined && crumbs[i]?.fellAt !== 'never';
    const share = Math.min(1, Math.max(0, Number(crumbs[i]?.share ?? 1) || 0));
    return <Crumb key={x} x={x} y={y} fell={fell ? share : 0} />;
  });
}

function swirled(says: string, strong: boolean): StepScene {
  return {
    says,
    draw: (values) => (
      <Dish x={180} y={108}>
        <Crumbs values={values} />
        <Arrow
          from={strong ? [40, 140] : [96, 166]}
          to={strong ? [322, 136] : [150, 176]}
          bend={strong ? -74 : -6}
        />
        {strong && <Arrow from={[316, 66]} to={[44, 66]} bend={-46} />}
      </Dish>
    ),
  };
}

/** A crumb in water after each thing done to it. */
function Soaked({ fell, swirl }: { fell: number; swirl: 0 | 1 | 2 }) {
  return (
    <>
      <ellipse
        cx="30"
        cy="24"
        rx="27"
        ry="15"
        fill="var(--water)"
        fillOpacity="0.2"
        stroke="var(--water)"
        strokeWidth="1.3"
      />
      <Crumb x={30} y={23} fell={fell} size={1.1} />
      {swirl === 1 && <path d="M18 40q12 4 24 0" {...PEN} stroke="var(--act)" />}
      {swirl === 2 && <path d="M3 28q6 15 27 15t27 -15M57 20q-6 -15 -27 -15" {...PEN} stroke="var(--act)" />}
    </>
  );
}

export default {
  steps: {
    gather: { ...PICKED_OUT, says: 'Crumbs as large as a pea are gathered from the depth in hand' },
    dry: DRY,
    lay: {
      says: 'Each crumb is placed in rain water, never dropped; the clock starts with the last',
      draw: (values) => (
        <Dish x={180} y={108}>
          <Crumbs values={values} />
          <Pinch x={286} y={92} turn={-14} />
          <Wait x={40} y={36} gone={0.1} />
        </Dish>
      ),
    },
    'note-swirl-gently': swirled('The dish is tilted slowly five times; what falls now is touched', false),
    'swirl-strongly': swirled('The dish is turned fast five times; what falls now is touched', true),
    'press-stones-enter': {
      says: 'Each crumb that is left is pressed: a stone does not give way',
      draw: (values) => (
        <Dish x={180} y={108}>
          <Crumbs values={values} />
          <Pinch x={184} y={84} turn={-8} />
        </Dish>
      ),
    },
  },
  scales: {
    fellAt: {
      still: <Soaked fell={1} swirl={0} />,
      gentle: <Soaked fell={0.7} swirl={1} />,
      strong: <Soaked fell={0.7} swirl={2} />,
      never: <Soaked fell={0} swirl={2} />,
    },
  },
} satisfies MethodDrawing;
